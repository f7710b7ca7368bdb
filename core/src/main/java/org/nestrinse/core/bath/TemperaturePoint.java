package org.nestrinse.core.bath;

import java.util.List;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;

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

  /**
   * Throws {@link OutOfRange} when a point comes before the one ahead of it.
   *
   * @param profile points in their order
   */
  static void checkRising(List<TemperaturePoint> profile) {
    for (int i = 1; i < profile.size(); i++) {
      if (profile.get(i).minute() < profile.get(i - 1).minute()) {
        throw new OutOfRange(
            "profile.minute", profile.get(i).minute(), BathSaying.NOT_BEFORE_THE_LAST);
      }
    }
  }
}
