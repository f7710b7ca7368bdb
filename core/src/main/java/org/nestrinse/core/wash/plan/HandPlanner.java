package org.nestrinse.core.wash.plan;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.kit.Water;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.caution.Cautions;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.school.Wishes;
import org.nestrinse.core.wash.simulation.Liquor;
import org.nestrinse.core.wash.simulation.Simulation;
import org.nestrinse.core.wash.step.HeatLimit;
import org.nestrinse.core.wash.step.MachineRun;
import org.nestrinse.core.wash.step.Outcome;
import org.nestrinse.core.wash.step.PlannedDose;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.StepBuilder;
import org.nestrinse.core.wash.step.WashJob;

/**
 * Makes a routine by hand, in a bucket or a basin: two lukewarm rinses, hot water and little
 * detergent, plunged and soaked, wrung, rinsed until clear; only the last rinse of covers is alone.
 *
 * @see "docs/models.md, hand washing"
 */
final class HandPlanner {
  private static final int LUKEWARM_C = 25;
  private static final int COLD_C = 15;

  /** Plunged before and after the soak [min]. */
  private static final int PLUNGE_MINUTES = 3;

  private static final int SOAK_MINUTES = 25;
  private static final int LAY_OUT_MINUTES = 5;
  private static final int LOOK_MINUTES = 3;
  private static final int PRE_RINSES = 2;

  private final WashJob job;
  private final School asChosen;
  private final School school;
  private final List<SoiledPieces> covers;
  private final int fillings;
  private final @Nullable ProductChoice detergent;
  private final List<Said> bends = new ArrayList<>();

  private HandPlanner(WashJob whole, School asChosen) {
    this.asChosen = asChosen;
    this.school = whole.wishes().bend(asChosen);
    this.covers = apart(whole);
    this.job = whole.asWashed();
    this.fillings = whole.fillings();
    this.detergent = ProductChoice.detergent(job, school).orElse(null);
  }

  static Routine plan(WashJob job, School school) {
    return new HandPlanner(job, school).plan();
  }

  /** Covers whose last rinse is alone; none when there is nothing else to wash. */
  private static List<SoiledPieces> apart(WashJob job) {
    boolean others = job.all().stream().anyMatch(p -> !isCover(p));
    return others ? job.all().stream().filter(HandPlanner::isCover).toList() : List.of();
  }

  private static boolean isCover(SoiledPieces pieces) {
    Role role = pieces.kind().role();
    return role.waterproof();
  }

  private Routine plan() {
    int celsius = mainC();
    if (fillings > 1) {
      bends.add(
          Said.of(WashPhrase.FILLINGS)
              .with("fillings", fillings)
              .with("machine", job.machine().name()));
    }
    if (school.chemistry().whitenerScoops() > 0 || school.chemistry().sanitiser()) {
      bends.add(Said.of(WashPhrase.NO_WHITENER_BY_HAND));
    }
    bends.addAll(ProductChoice.notThePicked(school, detergent));
    List<Step> steps = rinsed(celsius);
    bends.addAll(job.wishes().standingWords());
    bends.addAll(BathDoses.leftOut(job, steps));
    Outcome outcome = Simulation.of(job, steps);
    return new Routine(
        asChosen,
        steps,
        outcome,
        bends,
        Cautions.of(job, steps, outcome, detergent == null),
        List.of());
  }

  /** So many rinses as were set, or as it takes. */
  private List<Step> rinsed(int celsius) {
    Integer exactly = school.picked().rinses();
    if (exactly != null) {
      return steps(celsius, Math.max(1, exactly));
    }
    int most = (int) Limits.RINSES.max();
    for (int rinses = Math.max(2, school.finish().extraRinses()); rinses < most; rinses++) {
      List<Step> tried = steps(celsius, rinses);
      Outcome outcome = Simulation.of(job, tried);
      if (outcome.residueMet() && !outcome.sudsVisible()) {
        return tried;
      }
    }
    return steps(celsius, most);
  }

  private int mainC() {
    int asked = job.askedC() == null ? school.main().celsius() : job.askedC();
    int limit = HeatLimit.of(job, job.all());
    double hot =
        job.machine().hotFillC() == null ? Water.USUAL_HOT_TAP_C : job.machine().hotFillC();
    int planned = job.askedC() == null ? (int) Math.min(Math.min(asked, limit), hot) : asked;
    if (planned < asked) {
      bends.add(
          Said.of(WashPhrase.ASKED_PLANNED)
              .with("asked", Quantity.celsius(asked))
              .with("planned", Quantity.celsius(planned))
              .with(
                  "reason",
                  limit < hot
                      ? Said.of(WashPhrase.TOLERATES)
                          .with("kind", WashJob.weakestInHeat(job.all()).plural())
                          .with("celsius", Quantity.celsius(limit))
                      : WashPhrase.TAP_NO_HOTTER.said()));
    }
    return planned;
  }

  private List<Step> steps(int celsius, int rinses) {
    double litres = job.machine().drumL() * Liquor.FILLED;
    List<Step> steps = new ArrayList<>();
    layOut(steps);
    if (school.first().before() != School.Before.NOTHING) {
      rinseFirst(steps, litres);
    }
    washAndRinse(steps, litres, celsius, rinses);
    if (!covers.isEmpty()) {
      rinseCovers(steps, litres);
    }
    steps.add(
        new Step(
            steps.size() + 1,
            Step.Action.UNLOAD,
            Said.of(WashPhrase.EMPTY_BUCKET),
            Said.of(WashPhrase.EMPTY_BUCKET_DETAIL),
            true,
            null,
            List.of(),
            LAY_OUT_MINUTES,
            Said.of(WashPhrase.EMPTY_BUCKET_REASON)));
    return Step.numbered(steps);
  }

  private void layOut(List<Step> steps) {
    int pieces = job.all().stream().mapToInt(SoiledPieces::count).sum();
    Said apart = covers.isEmpty() ? Said.NOTHING : WashPhrase.COVERS_LAST.said();
    steps.add(
        new Step(
            1,
            Step.Action.LOAD,
            Said.of(WashPhrase.LAY_OUT),
            Said.sentences(
                List.of(
                    Said.of(WashPhrase.LAY_OUT_DETAIL)
                        .with("pieces", pieces)
                        .with("fillings", fillings)
                        .with("machine", job.machine().name()),
                    apart)),
            true,
            null,
            List.of(),
            LAY_OUT_MINUTES,
            Said.of(WashPhrase.LAY_OUT_REASON)));
  }

  private void rinseFirst(List<Step> steps, double litres) {
    int c = job.hasProtein() ? COLD_C : LUKEWARM_C;
    steps.add(
        byHand(
            steps,
            Said.of(WashPhrase.TWO_RINSES),
            Said.of(WashPhrase.TWO_RINSES_DETAIL),
            new MachineRun(rinse(litres), c, PRE_RINSES - 1, 0),
            List.of(),
            (job.hasProtein() ? WashPhrase.COLD_FIRST_REASON : WashPhrase.PLAIN_WATER_REASON)
                .said()));
    steps.add(
        new Step(
            steps.size() + 1,
            Step.Action.LOOK,
            Said.of(WashPhrase.LOOK_WATER),
            Said.of(WashPhrase.LOOK_WATER_DETAIL),
            true,
            null,
            List.of(),
            LOOK_MINUTES,
            Said.of(WashPhrase.LOOK_WATER_REASON)));
  }

  private void washAndRinse(List<Step> steps, double litres, int celsius, int rinses) {
    List<PlannedDose> doses = new ArrayList<>();
    if (detergent != null) {
      doses.add(
          PlannedDose.byHand(
              detergent.product(),
              litres,
              job.water().hardnessMmolL(),
              school.chemistry().strength(),
              job.wholeLoad().massKg(),
              detergent.reason()));
    }
    steps.add(
        byHand(
            steps,
            Said.of(WashPhrase.PLUNGE),
            Said.of(WashPhrase.PLUNGE_DETAIL)
                .with("celsius", Quantity.celsius(celsius))
                .with("minutes", Quantity.of(SOAK_MINUTES, Unit.MINUTE)),
            new MachineRun(wash(litres, celsius), celsius, 0, 0, SOAK_MINUTES),
            BathDoses.besides(job, doses, Wishes.Where.MAIN_WASH, PlannedDose.Into.BATH),
            Said.of(WashPhrase.PLUNGE_REASON)));
    steps.add(
        byHand(
            steps,
            Said.of(WashPhrase.RINSE_CLEAR),
            Said.of(WashPhrase.RINSE_CLEAR_DETAIL).with("times", rinses),
            new MachineRun(rinse(litres), LUKEWARM_C, rinses - 1, 0),
            BathDoses.besides(job, List.of(), Wishes.Where.LAST_RINSE, PlannedDose.Into.LAST_RINSE),
            Said.of(WashPhrase.RINSE_CLEAR_REASON)));
  }

  /** Covers come last, in water of their own. */
  private void rinseCovers(List<Step> steps, double litres) {
    int count = covers.stream().mapToInt(SoiledPieces::count).sum();
    steps.add(
        StepBuilder.builder()
            .number(steps.size() + 1)
            .action(Step.Action.BY_HAND)
            .title(WashPhrase.COVERS_ALONE.said())
            .detail(Said.of(WashPhrase.COVERS_RINSE).with("covers", count))
            .wholeLoad(false)
            .run(new MachineRun(rinse(litres / fillings), LUKEWARM_C, 0, 0))
            .doses(List.of())
            .minutes(Programme.HAND_RINSE_MINUTES)
            .reason(Said.of(WashPhrase.COVERS_REASON))
            .apart(true)
            .build());
  }

  private Step byHand(
      List<Step> before,
      Said title,
      Said detail,
      MachineRun run,
      List<PlannedDose> doses,
      Said reason) {
    int work = run.minutes() - run.pauseMinutes();
    return new Step(
        before.size() + 1,
        Step.Action.BY_HAND,
        title,
        detail,
        true,
        run,
        doses,
        work * fillings + run.pauseMinutes(),
        reason);
  }

  private static Programme rinse(double litres) {
    return new Programme(
        "plunge",
        Programme.Use.RINSE,
        List.of(LUKEWARM_C),
        0,
        null,
        0,
        Agitation.PLUNGED,
        1,
        (int) Limits.RINSES.max(),
        0,
        0,
        null,
        litres,
        null);
  }

  private static Programme wash(double litres, int celsius) {
    return new Programme(
        "soak",
        Programme.Use.WASH,
        List.of(celsius),
        0,
        null,
        PLUNGE_MINUTES,
        Agitation.PLUNGED,
        0,
        0,
        0,
        0,
        litres,
        null,
        null);
  }
}
