package org.nestrinse.core.wash;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.Numbers;

/**
 * Makes a routine by hand, in a bucket or a basin: two lukewarm rinses, hot water and little
 * detergent, plunged and soaked, wrung, rinsed until clear; only the last rinse of covers is alone.
 *
 * @see "docs/models.md, hand washing"
 */
final class HandPlanner {
  private static final List<Integer> WARMTHS_C = List.of(15, 25, 30, 40, 45, 50, 55, 60);
  private static final int LUKEWARM_C = 25;
  private static final int COLD_C = 15;

  /** Hot water from the tap when nobody said how hot [°C]. */
  private static final double USUAL_HOT_TAP_C = 50;

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
  private final List<String> bends = new ArrayList<>();

  private HandPlanner(WashJob whole, School asChosen) {
    this.asChosen = asChosen;
    this.school = whole.wishes().bend(asChosen);
    this.covers = apart(whole);
    this.job = vessel(whole);
    this.fillings = fillings(whole);
    this.detergent = ProductChoice.detergent(job, school.chemistry()).orElse(null);
  }

  /** Returns how warm a bath by hand may be asked for [°C]: up to what the tap gives. */
  static List<Integer> temperatures(Machine vessel) {
    double hot = vessel.hotFillC() == null ? USUAL_HOT_TAP_C : vessel.hotFillC();
    return WARMTHS_C.stream().filter(t -> t <= hot).toList();
  }

  static Routine plan(WashJob job, School school) {
    return new HandPlanner(job, school).plan();
  }

  /**
   * Returns the job as it lies in the vessel: what is plunged, without covers, in as many fillings
   * as it needs taken together. A job for a machine stays as it is.
   */
  static WashJob vessel(WashJob job) {
    if (!job.machine().type().byHand()) {
      return job;
    }
    Machine m = job.machine();
    Machine all =
        new Machine(
            m.name(),
            m.type(),
            Math.min(m.drumL() * fillings(job), Limits.DRUM_L.max()),
            m.capacityKg(),
            m.drumRadiusM(),
            0,
            List.of(),
            m.hotFillC() == null ? Double.valueOf(USUAL_HOT_TAP_C) : m.hotFillC(),
            List.of(),
            false,
            true);
    return job.within(all, job.all());
  }

  /** How many bucketfuls the plunged pieces make, as they lie wet. */
  private static int fillings(WashJob job) {
    double full = job.within(job.machine(), job.all()).fill().main();
    return (int) Math.max(1, Math.ceil(full / job.machine().window().most()));
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
      bends.add("%d fillings: %s takes no more at once.".formatted(fillings, job.machine().name()));
    }
    if (school.chemistry().whitenerScoops() > 0 || school.chemistry().sanitiser()) {
      bends.add(
          "By hand without whitener and sanitising rinse; what you want of it, put in besides.");
    }
    int least = Math.max(2, school.finish().extraRinses());
    int most = (int) Limits.RINSES.max();
    List<Step> steps = steps(celsius, most);
    for (int rinses = least; rinses < most; rinses++) {
      List<Step> tried = steps(celsius, rinses);
      Outcome outcome = Simulation.of(job, tried);
      if (outcome.residueMet() && !outcome.sudsVisible()) {
        steps = tried;
        break;
      }
    }
    bends.addAll(job.wishes().standingWords());
    bends.addAll(WashPlanner.leftOut(job, steps));
    Outcome outcome = Simulation.of(job, steps);
    return new Routine(
        asChosen,
        steps,
        outcome,
        bends,
        Cautions.of(job, steps, outcome, detergent == null),
        List.of());
  }

  private int mainC() {
    int asked = job.askedC() == null ? school.main().celsius() : job.askedC();
    int limit = WashPlanner.limitOf(job, job.all());
    double hot = job.machine().hotFillC() == null ? USUAL_HOT_TAP_C : job.machine().hotFillC();
    int planned = job.askedC() == null ? (int) Math.min(Math.min(asked, limit), hot) : asked;
    if (planned < asked) {
      bends.add(
          "%d asked, %d planned: %s."
              .formatted(
                  asked,
                  planned,
                  limit < hot
                      ? WashJob.weakestInHeat(job.all()).name() + " bears " + limit + " at most"
                      : "the tap gives no hotter water"));
    }
    return planned;
  }

  private List<Step> steps(int celsius, int rinses) {
    double litres = job.machine().drumL() * Liquor.FILLED;
    List<Step> steps = new ArrayList<>();
    int pieces = job.all().stream().mapToInt(SoiledPieces::count).sum();
    String apart = covers.isEmpty() ? "" : " " + WashWords.coversLast();
    steps.add(
        new Step(
            1,
            Step.Action.LOAD,
            "Lay out what is washed",
            Numbers.count(pieces, "piece")
                + ", "
                + Numbers.count(fillings, "filling")
                + " of "
                + job.machine().name()
                + "."
                + apart,
            true,
            null,
            List.of(),
            LAY_OUT_MINUTES,
            "A day's nappies of one child fit one bucket; what is squeezed in does not get clean."));
    if (school.first().before() != School.Before.NOTHING) {
      int c = job.hasProtein() ? COLD_C : LUKEWARM_C;
      steps.add(
          byHand(
              steps,
              "Two rinses, plunged",
              "Fill to two thirds, plunge a minute and a half, wring, empty. Twice.",
              new MachineRun(rinse(litres), c, PRE_RINSES - 1, 0),
              List.of(),
              job.hasProtein()
                  ? "Cold first: warm water sets stool, milk and blood."
                  : "Most of the soil leaves with plain water."));
      steps.add(
          new Step(
              steps.size() + 1,
              Step.Action.LOOK,
              "Look at the water",
              "Clear enough to see the bottom? Then go on. Else once more.",
              true,
              null,
              List.of(),
              LOOK_MINUTES,
              "What leaves now need not be washed."));
    }
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
            "Wash, plunge and soak",
            "Water at %d to two thirds, plunge a minute and a half, leave it %d min, plunge a minute, wring."
                .formatted(celsius, SOAK_MINUTES),
            new MachineRun(wash(litres, celsius), celsius, 0, 0, SOAK_MINUTES),
            WashPlanner.besides(job, doses, Wishes.Where.MAIN_WASH, PlannedDose.Into.BATH),
            "Just enough suds: what is not put in need not be rinsed out."));
    steps.add(
        byHand(
            steps,
            "Rinse until clear",
            "%s by the estimate: fill, plunge a minute, wring, empty, until no suds are left."
                .formatted(rinses == 2 ? "Twice" : Numbers.count(rinses, "time")),
            new MachineRun(rinse(litres), LUKEWARM_C, rinses - 1, 0),
            WashPlanner.besides(
                job, List.of(), Wishes.Where.LAST_RINSE, PlannedDose.Into.LAST_RINSE),
            "Suds show until the water holds less than 0.2 g of detergent per litre."));
    if (!covers.isEmpty()) {
      int count = covers.stream().mapToInt(SoiledPieces::count).sum();
      steps.add(
          new Step(
              steps.size() + 1,
              Step.Action.BY_HAND,
              WashWords.coversAlone(),
              WashWords.coversAlone(count),
              false,
              new MachineRun(rinse(litres / fillings), LUKEWARM_C, 0, 0),
              List.of(),
              Programme.HAND_RINSE_MINUTES,
              "Laminate and elastic break when wrung hard, and need little washing.",
              true));
    }
    steps.add(
        new Step(
            steps.size() + 1,
            Step.Action.UNLOAD,
            "Empty the bucket, hang everything",
            "Empty it at once and turn it over: water in reach of a child is a danger.",
            true,
            null,
            List.of(),
            LAY_OUT_MINUTES,
            "Wet pieces in a heap sour."));
    return Step.numbered(steps);
  }

  private Step byHand(
      List<Step> before,
      String title,
      String detail,
      MachineRun run,
      List<PlannedDose> doses,
      String reason) {
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
        "Plunge in clean water",
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
        "Plunge and soak",
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
