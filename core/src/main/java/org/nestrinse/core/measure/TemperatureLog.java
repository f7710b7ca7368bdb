package org.nestrinse.core.measure;

import java.util.ArrayList;
import java.util.List;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Limits;

/**
 * The temperature in the drum over one run.
 *
 * @param startC at the beginning [°C]
 * @param peakC the highest, single wild values left out [°C]
 * @param peakMinute when it is first reached
 * @param holdMinutes longest time within 2 K of the peak [min]
 * @param heatingKMin how fast it warms, from a fifth to four fifths of the way [K/min]
 * @param minutes how long the log is
 * @param phases what happens, in order
 * @see "docs/models.md, measured truth"
 */
public record TemperatureLog(
    double startC,
    double peakC,
    double peakMinute,
    double holdMinutes,
    double heatingKMin,
    double minutes,
    List<Phase> phases) {
  /** How far below the peak still counts as held [K]. */
  public static final double HELD_WITHIN_K = 2;

  private static final double NEAR_ENOUGH_K = 2;
  private static final double LOWER_PART = 0.2;
  private static final double UPPER_PART = 0.8;
  private static final double WARMS_K = 2;

  public TemperatureLog {
    phases = List.copyOf(phases);
  }

  /**
   * Returns what a log shows; throws {@link org.nestrinse.core.units.OutOfRange} when it is no run.
   */
  public static TemperatureLog of(List<Reading> readings) {
    List<Reading> log = Log.checked("log", readings, Limits.WATER_C);
    int peakAt = 0;
    for (int i = 0; i < log.size(); i++) {
      if (Log.smooth(log, i) > Log.smooth(log, peakAt)) {
        peakAt = i;
      }
    }
    double peak = Log.smooth(log, peakAt);
    double start = log.get(0).value();
    for (int i = 0; i <= peakAt; i++) {
      start = Math.min(start, Log.smooth(log, i));
    }
    double heldFrom = firstAbove(log, peak - HELD_WITHIN_K);
    double heldTo = heldUntil(log, peakAt, peak - HELD_WITHIN_K);
    double lower = firstAbove(log, start + LOWER_PART * (peak - start));
    double upper = firstAbove(log, start + UPPER_PART * (peak - start));
    double rate = upper > lower ? (UPPER_PART - LOWER_PART) * (peak - start) / (upper - lower) : 0;
    double warms = firstAbove(log, start + WARMS_K);
    double end = log.get(log.size() - 1).minute();
    List<Phase> phases = new ArrayList<>();
    add(phases, Phase.Type.FILLING, log.get(0).minute(), Math.min(warms, heldFrom));
    add(phases, Phase.Type.HEATING, warms, heldFrom);
    add(phases, Phase.Type.HOLDING, heldFrom, heldTo);
    add(phases, Phase.Type.COOLING, heldTo, end);
    return new TemperatureLog(
        start, peak, heldFrom, heldTo - heldFrom, rate, end - log.get(0).minute(), phases);
  }

  private static void add(List<Phase> phases, Phase.Type sort, double from, double to) {
    if (to > from) {
      phases.add(new Phase(sort, from, to));
    }
  }

  /** The minute at which the limit is first passed, between readings by a straight line. */
  private static double firstAbove(List<Reading> log, double limit) {
    for (int i = 0; i < log.size(); i++) {
      if (Log.smooth(log, i) >= limit) {
        return i == 0
            ? log.get(0).minute()
            : crossing(
                log.get(i - 1), log.get(i), Log.smooth(log, i - 1), Log.smooth(log, i), limit);
      }
    }
    return log.get(log.size() - 1).minute();
  }

  private static double heldUntil(List<Reading> log, int from, double limit) {
    for (int i = from + 1; i < log.size(); i++) {
      if (Log.smooth(log, i) < limit) {
        return crossing(
            log.get(i - 1), log.get(i), Log.smooth(log, i - 1), Log.smooth(log, i), limit);
      }
    }
    return log.get(log.size() - 1).minute();
  }

  private static double crossing(Reading a, Reading b, double va, double vb, double limit) {
    return vb == va
        ? b.minute()
        : a.minute() + (limit - va) / (vb - va) * (b.minute() - a.minute());
  }

  /** Returns what the programme promises at a setting beside what the log shows. */
  public List<Finding> beside(Programme programme, int chosenC) {
    double promised = chosenC - programme.shortfallC();
    return List.of(
        new Finding(
            MeasureSaying.HIGHEST.said(),
            Said.from(Quantity.celsius(promised)),
            Said.from(Quantity.celsius(peakC)),
            Math.abs(peakC - promised) <= NEAR_ENOUGH_K),
        new Finding(
            MeasureSaying.HELD.said(),
            Said.of(MeasureSaying.UP_TO)
                .with("time", Quantity.of(programme.washMinutes(), Unit.DURATION)),
            Said.from(Quantity.of(holdMinutes, Unit.DURATION)),
            holdMinutes >= programme.washMinutes() / 3.0),
        new Finding(
            MeasureSaying.WARMS_BY.said(),
            Said.NOTHING,
            Said.from(new Quantity(heatingKMin, Unit.KELVIN_PER_MINUTE, 1)),
            true));
  }

  /** Returns what a programme keeps of this log, beside what it already knows of the plug. */
  public Programme.Measured onto(Programme programme, int chosenC) {
    Programme.Measured known = programme.measured();
    boolean same = known != null && known.chosenC() == chosenC;
    return new Programme.Measured(
        chosenC, peakC, holdMinutes, same ? known.heaterW() : null, same ? known.kwh() : null);
  }
}
