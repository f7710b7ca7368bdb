package org.nestrinse.core.wash;

import java.util.List;
import java.util.Optional;
import org.nestrinse.core.safety.Caution;

/**
 * An ordered list of steps for one load by one school, with what it does.
 *
 * @param school the school
 * @param steps what to do
 * @param outcome what it does and costs
 * @param bends where the school's wishes were bent, and why
 * @param cautions stops, checks and notes
 */
public record Routine(
    School school, List<Step> steps, Outcome outcome, List<String> bends, List<Caution> cautions) {
  public Routine {
    steps = List.copyOf(steps);
    bends = List.copyOf(bends);
    cautions = List.copyOf(cautions);
  }

  /** Returns the main wash. */
  public Step mainWash() {
    return steps.stream()
        .filter(s -> s.wholeLoad() && s.run() != null && s.run().washes())
        .findFirst()
        .orElseThrow();
  }

  /** Returns the run after which the load is taken out. */
  public MachineRun lastRun() {
    return steps.stream()
        .map(Step::run)
        .flatMap(run -> Optional.ofNullable(run).stream())
        .reduce((a, b) -> b)
        .orElseThrow();
  }

  /** Returns the first caution that forbids starting, or nothing. */
  public Optional<Caution> stop() {
    return cautions.stream().filter(c -> c.strength() == Caution.Strength.STOP).findFirst();
  }
}
