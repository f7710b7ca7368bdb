package org.nestrinse.core.bath;

import org.nestrinse.core.units.Limits;

/**
 * One reading of a bath.
 *
 * @param minute minutes since the bath began
 * @param temperatureC water temperature [°C]
 */
public record TemperaturePoint(double minute, double temperatureC) {
  public TemperaturePoint {
    Limits.MINUTES.check("profile.minute", minute);
    Limits.WATER_C.check("profile.temperatureC", temperatureC);
  }
}
