package org.nestrinse.core.wash.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.wash.CannotPlan;
import org.nestrinse.core.wash.machine.ProgrammeChoice;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.school.Wishes;
import org.nestrinse.core.wash.step.MachineRun;
import org.nestrinse.core.wash.step.WashJob;

/**
 * What would reach the hygiene goal when a routine does not: hotter, longer, oxygen whitener, an
 * additive by its label; each planned and judged, alone first, then two together.
 */
public final class Remedies {
  private static final int MOST = 4;

  private Remedies() {}

  /**
   * One way to the goal.
   *
   * @param words what is done: "60°, and a scoop of oxygen whitener"
   * @param celsius the temperature to ask for [°C], or null to leave it
   * @param boosts what is done more
   * @param routine the routine that comes of it
   */
  public record Remedy(
      Said words, @Nullable Integer celsius, List<Wishes.Boost> boosts, Routine routine) {}

  /** Returns ways that reach the goal and meet no stop, cheapest first; none when it is reached. */
  public static List<Remedy> of(WashJob job, School school, Routine routine) {
    if (routine.outcome().verdict().met()) {
      return List.of();
    }
    int planned =
        Optional.ofNullable(routine.mainWash().run()).map(MachineRun::temperatureC).orElse(0);
    int limit = WashJob.weakestInHeat(job.all()).limits().hottestWashC();
    List<Integer> hotter = new ArrayList<>();
    ProgrammeChoice.temperatures(job).stream()
        .filter(t -> t > planned && t <= limit)
        .forEach(hotter::add);
    List<Remedy> found = new ArrayList<>();
    hotter.forEach(t -> attempt(job, school, t, List.of()).ifPresent(found::add));
    for (Wishes.Boost boost : Wishes.Boost.values()) {
      attempt(job, school, job.askedC(), List.of(boost)).ifPresent(found::add);
    }
    if (found.isEmpty()) {
      pairs(job, school, hotter, found);
    }
    return found.stream()
        .sorted(Comparator.comparingDouble(r -> r.routine.outcome().cost()))
        .limit(MOST)
        .toList();
  }

  private static void pairs(WashJob job, School school, List<Integer> hotter, List<Remedy> found) {
    Wishes.Boost[] boosts = Wishes.Boost.values();
    for (int i = 0; i < boosts.length; i++) {
      Wishes.Boost one = boosts[i];
      hotter.forEach(t -> attempt(job, school, t, List.of(one)).ifPresent(found::add));
      for (int j = i + 1; j < boosts.length; j++) {
        attempt(job, school, job.askedC(), List.of(one, boosts[j])).ifPresent(found::add);
      }
    }
  }

  private static Optional<Remedy> attempt(
      WashJob job, School school, @Nullable Integer celsius, List<Wishes.Boost> boosts) {
    Wishes wishes = job.wishes();
    for (Wishes.Boost boost : boosts) {
      wishes = wishes.with(boost);
    }
    try {
      Routine tried = WashPlanner.plan(job.asking(celsius, wishes), school);
      boolean good = tried.outcome().verdict().met() && tried.stop().isEmpty();
      return good
          ? Optional.of(new Remedy(words(job, celsius, boosts), celsius, boosts, tried))
          : Optional.empty();
    } catch (CannotPlan e) {
      return Optional.empty();
    }
  }

  private static Said words(WashJob job, @Nullable Integer celsius, List<Wishes.Boost> boosts) {
    List<Said> parts = new ArrayList<>();
    if (celsius != null && !celsius.equals(job.askedC())) {
      parts.add(Said.from(Quantity.celsius(celsius)));
    }
    boosts.forEach(b -> parts.add(b.said()));
    return Said.all(parts);
  }
}
