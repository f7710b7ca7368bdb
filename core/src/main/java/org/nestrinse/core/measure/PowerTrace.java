package org.nestrinse.core.measure;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Range;

/**
 * The power at the plug over one run.
 *
 * @param heaterW what the heater draws with the motor [W], or null when it never heats
 * @param heatingMinutes from its first second to the first longer rest of the heater [min]
 * @param holdMinutes from there to its last second: it keeps the temperature [min]
 * @param kwh electricity of the run [kWh]
 * @param minutes how long the trace is
 * @param phases what happens, in order
 * @see "docs/models.md, measured truth"
 */
public record PowerTrace(
    @Nullable Double heaterW,
    double heatingMinutes,
    double holdMinutes,
    double kwh,
    double minutes,
    List<Phase> phases) {
  /** What a plug may show [W]. */
  public static final Range WATTS = new Range(0, 10000, Unit.WATT);

  /** A heater draws at least this [W]. */
  private static final double HEATER_FROM_W = 800;

  private static final double HEATER_SHARE = 0.5;

  /** So long a rest ends the heating up [min]. */
  private static final double REST_MINUTES = 2;

  /** A spin draws more than turning does [W]. */
  private static final double SPIN_FROM_W = 200;

  private static final double MINUTES_PER_HOUR = 60;
  private static final double NEAR_ENOUGH = 0.15;

  public PowerTrace {
    phases = List.copyOf(phases);
  }

  /**
   * Returns what a trace shows; throws {@link org.nestrinse.core.units.OutOfRange} when it is no
   * run.
   */
  public static PowerTrace of(List<Reading> readings) {
    List<Reading> trace = Log.checked("trace", readings, WATTS);
    double most = trace.stream().mapToDouble(Reading::value).max().orElse(0);
    double on = Math.max(HEATER_FROM_W, HEATER_SHARE * most);
    List<Reading> heating = trace.stream().filter(r -> r.value() >= on).toList();
    double end = trace.get(trace.size() - 1).minute();
    double begin = trace.get(0).minute();
    double kwh = kwh(trace);
    List<Phase> phases = new ArrayList<>();
    if (heating.isEmpty()) {
      tail(phases, trace, begin, end);
      return new PowerTrace(null, 0, 0, kwh, end - begin, phases);
    }
    double first = heating.get(0).minute();
    double last = heating.get(heating.size() - 1).minute();
    double up = first;
    for (Reading r : heating) {
      if (r.minute() - up > REST_MINUTES) {
        break;
      }
      up = r.minute();
    }
    double watts =
        heating.stream()
            .mapToDouble(Reading::value)
            .sorted()
            .skip(heating.size() / 2)
            .findFirst()
            .orElse(0);
    add(phases, Phase.Type.FILLING, begin, first);
    add(phases, Phase.Type.HEATING, first, up);
    add(phases, Phase.Type.HOLDING, up, last);
    tail(phases, trace, last, end);
    return new PowerTrace(watts, up - first, last - up, kwh, end - begin, phases);
  }

  /** What comes after the heater: moving and rinsing, and the last spin. */
  private static void tail(List<Phase> phases, List<Reading> trace, double from, double end) {
    double spin = end;
    boolean seen = false;
    for (int i = trace.size() - 1; i >= 0 && trace.get(i).minute() > from; i--) {
      boolean spins = trace.get(i).value() >= SPIN_FROM_W;
      if (spins) {
        spin = trace.get(i).minute();
        seen = true;
      } else if (seen) {
        break;
      }
    }
    add(phases, Phase.Type.WASHING, from, seen ? spin : end);
    if (seen) {
      add(phases, Phase.Type.SPINNING, spin, end);
    }
  }

  private static void add(List<Phase> phases, Phase.Type sort, double from, double to) {
    if (to > from) {
      phases.add(new Phase(sort, from, to));
    }
  }

  private static double kwh(List<Reading> trace) {
    double wattMinutes = 0;
    for (int i = 1; i < trace.size(); i++) {
      double minutes = trace.get(i).minute() - trace.get(i - 1).minute();
      wattMinutes += (trace.get(i).value() + trace.get(i - 1).value()) / 2 * minutes;
    }
    return wattMinutes / MINUTES_PER_HOUR / 1000;
  }

  /** Returns what the machine promises beside what the trace shows. */
  public List<Finding> beside(Programme programme, double machineHeaterW) {
    List<Finding> all = new ArrayList<>();
    all.add(
        new Finding(
            MeasureSaying.HEATER.said(),
            Said.from(Quantity.of(machineHeaterW, Unit.WATT)),
            heaterW == null
                ? MeasureSaying.NEVER_ON.said()
                : Said.from(Quantity.of(heaterW, Unit.WATT)),
            heaterW != null && Math.abs(heaterW - machineHeaterW) <= NEAR_ENOUGH * machineHeaterW));
    all.add(
        new Finding(
            MeasureSaying.WHOLE_RUN.said(),
            Said.from(Quantity.of(programme.minutes(programme.rinses()), Unit.DURATION)),
            Said.from(Quantity.of(minutes, Unit.DURATION)),
            Math.abs(minutes - programme.minutes(programme.rinses()))
                <= NEAR_ENOUGH * programme.minutes(programme.rinses())));
    all.add(
        new Finding(
            MeasureSaying.HEATS_UP_IN.said(),
            Said.NOTHING,
            Said.from(Quantity.of(heatingMinutes, Unit.DURATION)),
            true));
    all.add(
        new Finding(
            MeasureSaying.ELECTRICITY.said(),
            Said.NOTHING,
            Said.from(new Quantity(kwh, Unit.KILOWATT_HOUR, 2)),
            true));
    return all;
  }

  /** Returns what a programme keeps of this trace, beside what it already knows of the drum. */
  public Programme.Measured onto(Programme programme, int chosenC) {
    Programme.Measured known = programme.measured();
    boolean same = known != null && known.chosenC() == chosenC;
    return new Programme.Measured(
        chosenC, same ? known.peakC() : null, same ? known.holdMinutes() : null, heaterW, kwh);
  }
}
