package org.nestrinse.core.bath;

import java.util.ArrayList;
import java.util.List;

/** The curve of a bath through its readings: what it is at a minute, and how few draw it. */
public final class TemperatureCurve {
  /** How far a reading that is left out may lie from the line drawn instead [K]. */
  public static final double TOLERANCE_K = 0.25;

  private static final double STEPS_PER_KELVIN = 10;

  private TemperatureCurve() {}

  /**
   * Returns the first and the last reading and those between that a drawing needs, to a tenth of a
   * degree. A straight line between two of them misses no reading by more than {@value
   * #TOLERANCE_K} K, before rounding.
   *
   * @param profile readings in their order, may be empty
   */
  public static List<TemperaturePoint> drawn(List<TemperaturePoint> profile) {
    List<TemperaturePoint> kept = new ArrayList<>();
    int at = 0;
    while (at < profile.size()) {
      TemperaturePoint point = profile.get(at);
      kept.add(
          new TemperaturePoint(
              point.minute(),
              Math.round(point.temperatureC() * STEPS_PER_KELVIN) / STEPS_PER_KELVIN));
      at = next(profile, at);
    }
    return List.copyOf(kept);
  }

  /**
   * Returns the temperature at a minute, on the straight line between the readings around it [°C].
   * Before the first reading it is the first one's, after the last one the last one's.
   *
   * @param profile readings in their order
   * @param minute minutes since the bath began
   * @throws java.util.NoSuchElementException when there is no reading
   */
  public static double at(List<TemperaturePoint> profile, double minute) {
    TemperaturePoint before = profile.iterator().next();
    for (TemperaturePoint point : profile) {
      if (minute <= point.minute()) {
        return between(before, point, Math.max(minute, before.minute()));
      }
      before = point;
    }
    return before.temperatureC();
  }

  /** The last reading that a straight line from this one reaches without missing any between. */
  private static int next(List<TemperaturePoint> profile, int from) {
    int to = from + 1;
    while (to + 1 < profile.size() && straight(profile, from, to + 1)) {
      to++;
    }
    return to;
  }

  private static boolean straight(List<TemperaturePoint> profile, int from, int to) {
    for (int i = from + 1; i < to; i++) {
      TemperaturePoint point = profile.get(i);
      if (Math.abs(
              point.temperatureC() - between(profile.get(from), profile.get(to), point.minute()))
          > TOLERANCE_K) {
        return false;
      }
    }
    return true;
  }

  private static double between(TemperaturePoint a, TemperaturePoint b, double minute) {
    double span = b.minute() - a.minute();
    double share = span == 0 ? 1 : (minute - a.minute()) / span;
    return a.temperatureC() + share * (b.temperatureC() - a.temperatureC());
  }
}
