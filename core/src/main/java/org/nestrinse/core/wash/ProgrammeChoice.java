package org.nestrinse.core.wash;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Programme;

/**
 * The programme of the machine that comes nearest to a wish without breaking a limit.
 *
 * @param programme the programme
 * @param temperatureC the temperature to choose [°C]
 */
record ProgrammeChoice(Programme programme, int temperatureC) {
  /** A degree too cool weighs as much as this many minutes too short or too long. */
  private static final double MINUTES_PER_DEGREE = 30;

  /** Gentle agitation where rubbing is wanted weighs as much as this many minutes. */
  private static final double GENTLE_PENALTY_MINUTES = 120;

  /**
   * Returns the washing programme nearest to a wish.
   *
   * @param wantedC temperature wanted [°C]
   * @param limitC temperature that must not be exceeded [°C]
   * @param wantedMinutes minutes wanted
   * @param wool whether only a wool programme will do
   */
  static Optional<ProgrammeChoice> wash(
      Machine machine, int wantedC, int limitC, int wantedMinutes, boolean wool) {
    int cap = Math.min(wantedC, limitC);
    return machine.programmes().stream()
        .filter(p -> p.use() == use(wool))
        .flatMap(p -> at(p, p.warmestUpTo(cap)).stream())
        .min(
            Comparator.comparingDouble((ProgrammeChoice c) -> c.distance(cap, wantedMinutes, wool))
                .thenComparing(c -> c.programme.name()));
  }

  /** Returns the coolest setting that is no hotter than a limit, nearest in minutes. */
  static Optional<ProgrammeChoice> coolest(
      Machine machine, int limitC, int wantedMinutes, boolean wool) {
    return temperatures(machine, wool).stream()
        .filter(t -> t <= limitC)
        .findFirst()
        .flatMap(t -> exactly(machine, t, wantedMinutes, wool));
  }

  /** Returns the setting of a programme that has exactly this temperature, nearest in minutes. */
  static Optional<ProgrammeChoice> exactly(
      Machine machine, int temperatureC, int wantedMinutes, boolean wool) {
    return machine.programmes().stream()
        .filter(p -> p.use() == use(wool) && p.temperaturesC().contains(temperatureC))
        .map(p -> new ProgrammeChoice(p, temperatureC))
        .min(
            Comparator.comparingDouble(
                    (ProgrammeChoice c) -> c.distance(temperatureC, wantedMinutes, wool))
                .thenComparing(c -> c.programme.name()));
  }

  /** Returns what the programmes for such a load can be set to [°C], coolest first. */
  static List<Integer> temperatures(Machine machine, boolean wool) {
    return machine.programmes().stream()
        .filter(p -> p.use() == use(wool))
        .flatMap(p -> p.temperaturesC().stream())
        .distinct()
        .sorted()
        .toList();
  }

  private static Programme.Use use(boolean wool) {
    return wool ? Programme.Use.WOOL : Programme.Use.WASH;
  }

  /** Returns the steam programme at its hottest setting. */
  static Optional<ProgrammeChoice> steam(Machine machine) {
    return machine.programmes().stream()
        .filter(p -> p.use() == Programme.Use.STEAM)
        .map(
            p -> new ProgrammeChoice(p, p.temperaturesC().stream().max(Integer::compare).orElse(0)))
        .findFirst();
  }

  /** Returns the programme that only rinses. */
  static Optional<Programme> rinse(List<Programme> programmes) {
    return programmes.stream().filter(p -> p.use() == Programme.Use.RINSE).findFirst();
  }

  private static Optional<ProgrammeChoice> at(Programme programme, @Nullable Integer temperatureC) {
    return Optional.ofNullable(temperatureC).map(t -> new ProgrammeChoice(programme, t));
  }

  private double distance(int wantedC, int wantedMinutes, boolean wool) {
    double tooCool = Math.max(0, wantedC - programme.reachesC(temperatureC));
    boolean tooGentle = !wool && programme.agitation() == Agitation.GENTLE;
    return tooCool * MINUTES_PER_DEGREE
        + Math.abs(programme.washMinutes() - wantedMinutes)
        + (tooGentle ? GENTLE_PENALTY_MINUTES : 0);
  }
}
