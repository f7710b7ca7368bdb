package org.nestrinse.core.wash.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.wash.caution.Cautions;
import org.nestrinse.core.wash.machine.Imitation;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.simulation.Simulation;
import org.nestrinse.core.wash.step.MachineRun;
import org.nestrinse.core.wash.step.Outcome;
import org.nestrinse.core.wash.step.PlannedDose;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

/**
 * An ordered list of steps for one load by one school, with what it does.
 *
 * @param school the school
 * @param steps what to do
 * @param outcome what it does and costs
 * @param bends where the school's wishes were bent, and why
 * @param cautions stops, checks and notes
 * @param imitation what was wanted of the machine beside what it gives; empty by hand
 */
public record Routine(
    School school,
    List<Step> steps,
    Outcome outcome,
    List<Said> bends,
    List<Caution> cautions,
    List<Imitation.Difference> imitation) {
  public Routine {
    steps = List.copyOf(steps);
    bends = List.copyOf(bends);
    cautions = List.copyOf(cautions);
    imitation = List.copyOf(imitation);
  }

  /** Returns the main wash: of the whole load, the hottest, then the longest. */
  public Step mainWash() {
    return mainOf(steps).orElseThrow();
  }

  /** Returns the main wash among these steps, or nothing when none washes the whole load. */
  static Optional<Step> mainOf(List<Step> steps) {
    return steps.stream()
        .filter(s -> s.wholeLoad() && s.run() != null && s.run().washes())
        .max(
            Comparator.comparingInt((Step s) -> s.run().temperatureC())
                .thenComparingInt(s -> s.run().programme().washMinutes())
                .thenComparingInt(s -> -s.number()));
  }

  /** Returns how far the hottest run stays below the limit of the most delicate piece [K]. */
  public int careMarginK(WashJob job) {
    int hottest =
        steps.stream()
            .filter(s -> s.run() != null)
            .mapToInt(s -> s.run().temperatureC())
            .max()
            .orElse(0);
    return WashJob.weakestInHeat(job.all()).limits().hottestWashC() - hottest;
  }

  /**
   * Returns the detergent that goes in over what its label asks for this water, soil and mass; null
   * when no dose is by a label's grams.
   */
  public @Nullable Double doseShare() {
    double given = 0;
    double asked = 0;
    for (Step step : steps) {
      for (PlannedDose d : step.doses()) {
        if (d.basis() != null && d.product().purpose() == Product.Purpose.DETERGENT) {
          given += d.dose().roundedDoseG();
          asked += d.dose().labelG() * d.dose().massScale() * d.basis().phaseShare();
        }
      }
    }
    return asked > 0 ? given / asked : null;
  }

  /** Returns the run after which the load is taken out. */
  public MachineRun lastRun() {
    return steps.stream()
        .filter(s -> !s.apart())
        .map(Step::run)
        .flatMap(run -> Optional.ofNullable(run).stream())
        .reduce((a, b) -> b)
        .orElseThrow();
  }

  /** Returns the first caution that forbids starting, or nothing. */
  public Optional<Caution> stop() {
    return cautions.stream().filter(c -> c.strength() == Caution.Strength.STOP).findFirst();
  }

  /**
   * Returns the same routine with other steps, simulated anew: what is left to do after something
   * was seen and a step was added or left out.
   */
  public static Routine rework(WashJob job, School school, List<Step> steps) {
    List<Step> numbered = Step.numbered(steps);
    WashJob scaled = job.asWashed();
    Outcome outcome = Simulation.of(scaled, numbered);
    return new Routine(
        school,
        numbered,
        outcome,
        List.of(),
        Cautions.of(scaled, numbered, outcome, false),
        List.of());
  }

  /** Returns the detergent of all its steps [g]. */
  public double detergentG() {
    return doses()
        .filter(d -> d.product().purpose() == Product.Purpose.DETERGENT)
        .mapToDouble(d -> d.dose().roundedDoseG())
        .sum();
  }

  /** Returns whether anything goes in that leaves a film on the fibres. */
  public boolean coats() {
    return doses().anyMatch(d -> d.product().coats());
  }

  private Stream<PlannedDose> doses() {
    return steps.stream().flatMap(s -> s.doses().stream());
  }
}
