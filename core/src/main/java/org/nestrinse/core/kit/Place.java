package org.nestrinse.core.kit;

import org.nestrinse.core.units.Limits;

/**
 * A place where pieces hang.
 *
 * @param name what the household calls it
 * @param outdoors whether weather reaches it
 * @param exposure share of both faces that the air reaches: line 0.35, spaced airer 0.25, crowded
 *     airer 0.15
 * @param windFactor share of the forecast wind that reaches the cloth, outdoors
 * @param sunFactor share of the sun that reaches the cloth, outdoors
 * @param roomC temperature indoors [°C]
 * @param roomHumidity relative humidity indoors [%]
 */
public record Place(
    String name,
    boolean outdoors,
    double exposure,
    double windFactor,
    double sunFactor,
    double roomC,
    double roomHumidity) {
  public Place {
    Limits.EXPOSURE.check("exposure", exposure);
    Limits.AIR_C.check("roomC", roomC);
    Limits.HUMIDITY_PERCENT.check("roomHumidity", roomHumidity);
  }
}
