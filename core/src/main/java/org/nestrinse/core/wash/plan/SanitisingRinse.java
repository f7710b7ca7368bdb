package org.nestrinse.core.wash.plan;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.Additive;
import org.nestrinse.core.bath.SpinRetention;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.simulation.Liquor;
import org.nestrinse.core.wash.simulation.Simulation;
import org.nestrinse.core.wash.step.MachineRun;
import org.nestrinse.core.wash.step.PlannedDose;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

/** A sanitiser that detergent would use up goes into a rinse of its own at the end. */
final class SanitisingRinse {
  private static final double MG_PER_G = 1000;

  private SanitisingRinse() {}

  /**
   * Adds the rinse, with the sanitiser measured for all of its water. Pieces that touch skin are
   * rinsed once more, unless the label says it stays in. Returns why the rinse is left out, or
   * nothing.
   *
   * @param rinse the run that rinses, or null when the machine has none
   */
  static List<Said> add(
      WashJob job, @Nullable Product sanitiser, List<Step> steps, @Nullable MachineRun rinse) {
    if (sanitiser == null || sanitiser.claim() == null || !sanitiser.forLastRinse()) {
      return List.of();
    }
    if (rinse == null) {
      return List.of(WashPhrase.NO_SANITISING_RINSE.said());
    }
    MachineRun before = steps.get(steps.size() - 1).run();
    TextileLoad load = job.wholeLoad();
    double heldL =
        SpinRetention.of(load, before == null ? 0 : before.spinRpm(), job.machine().drumRadiusM())
            .retainedL();
    double waterL = Liquor.rinse(job.machine(), rinse.programme(), load) + heldL;
    double density = sanitiser.densityGMl() == null ? 1 : sanitiser.densityGMl();
    double spentMl =
        Simulation.of(job, steps).residueMgKg()
            / MG_PER_G
            * load.massKg()
            * Additive.ANIONIC_SHARE
            / density;
    steps.add(
        WashPlanner.runStep(
            steps.size() + 1,
            Said.of(WashPhrase.SANITISING_RINSE),
            true,
            rinse,
            List.of(PlannedDose.byClaim(sanitiser, sanitiser.claim(), waterL, spentMl)),
            Said.of(WashPhrase.SANITISING_REASON)));
    boolean skin = job.all().stream().anyMatch(p -> p.kind().touchesSkin());
    if (skin && !Boolean.TRUE.equals(sanitiser.staysIn())) {
      steps.add(
          WashPlanner.runStep(
              steps.size() + 1,
              Said.of(WashPhrase.RINSE_AGAIN),
              true,
              rinse,
              List.of(),
              WashPhrase.RINSE_AFTER_SANITISER.said()));
    }
    return List.of();
  }
}
