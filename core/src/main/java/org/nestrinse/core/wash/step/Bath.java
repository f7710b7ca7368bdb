package org.nestrinse.core.wash.step;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import org.nestrinse.core.bath.TemperatureCurve;
import org.nestrinse.core.bath.TemperaturePoint;

/**
 * One filling of water as simulated.
 *
 * @param step the number of its step
 * @param type rinse, wash or spin
 * @param startMinute minutes since the routine began
 * @param minutes how long it lasts
 * @param liquorL water around the textile [L]
 * @param freshL water from the tap [L]
 * @param profile temperature over the minutes of this bath; empty for a spin
 * @param setC temperature it is meant to hold [°C], 0 when it is not heated
 * @param detergentGL detergent in this water, mixed [g/L]
 * @param heaterKwh energy of the heater [kWh]
 */
@RecordBuilder
public record Bath(
    int step,
    Type type,
    double startMinute,
    double minutes,
    double liquorL,
    double freshL,
    List<TemperaturePoint> profile,
    double setC,
    double detergentGL,
    double heaterKwh) {

  /** Sorts of baths. */
  public enum Type {
    RINSE,
    WASH,
    /** Condensing steam in place of a bath. */
    STEAM,
    SPIN
  }

  public Bath {
    profile = List.copyOf(profile);
  }

  /** Returns the highest temperature that it reaches [°C]. */
  public double peakC() {
    return profile.stream().mapToDouble(TemperaturePoint::temperatureC).max().orElse(0);
  }

  /** Returns it with as few readings as draw the same curve; see {@link TemperatureCurve}. */
  public Bath drawn() {
    return BathBuilder.builder(this).profile(TemperatureCurve.drawn(profile)).build();
  }

  /**
   * Returns for how many minutes the bath is within a degree of its set point, 0 when it is not
   * heated.
   */
  public double holdMinutes() {
    if (setC == 0) {
      return 0;
    }
    double sum = 0;
    for (int i = 1; i < profile.size(); i++) {
      if (profile.get(i - 1).temperatureC() >= setC - 1
          && profile.get(i).temperatureC() >= setC - 1) {
        sum += profile.get(i).minute() - profile.get(i - 1).minute();
      }
    }
    return sum;
  }
}
