package org.nestrinse.core.measure;

import java.util.List;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;

/** Readings of one run, checked: enough of them, in order, long enough, each within its range. */
final class Log {
  private static final int LEAST_READINGS = 10;
  private static final double LEAST_MINUTES = 10;
  private static final double MOST_MINUTES = 600;

  private Log() {}

  /** Returns the readings; throws {@link OutOfRange} when they cannot be one run. */
  static List<Reading> checked(String field, List<Reading> readings, Range range) {
    if (readings.size() < LEAST_READINGS) {
      throw new OutOfRange(
          field,
          Said.of(MeasureSaying.READINGS).with("readings", readings.size()),
          Said.of(Allowed.AT_LEAST).with("least", LEAST_READINGS));
    }
    for (int i = 0; i < readings.size(); i++) {
      range.check(field, readings.get(i).value());
      if (i > 0 && readings.get(i).minute() <= readings.get(i - 1).minute()) {
        throw new OutOfRange(
            field,
            Said.of(MeasureSaying.READING).with("number", i + 1),
            MeasureSaying.A_LATER_TIME);
      }
    }
    double minutes = readings.get(readings.size() - 1).minute() - readings.get(0).minute();
    if (minutes < LEAST_MINUTES || minutes > MOST_MINUTES) {
      throw new OutOfRange(
          field, Said.from(Quantity.of(minutes, Unit.MINUTE)), MeasureSaying.ONE_RUN);
    }
    return List.copyOf(readings);
  }

  /** Returns the middle one of a reading and its neighbours, which ignores a single wild value. */
  static double smooth(List<Reading> readings, int at) {
    if (at == 0 || at == readings.size() - 1) {
      return readings.get(at).value();
    }
    double a = readings.get(at - 1).value();
    double b = readings.get(at).value();
    double c = readings.get(at + 1).value();
    return Math.max(Math.min(a, b), Math.min(Math.max(a, b), c));
  }
}
