package org.nestrinse.core.wash.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.CareLimits;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.wash.CannotPlan;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.caution.Cautions;
import org.nestrinse.core.wash.caution.ChemistryCheck;
import org.nestrinse.core.wash.machine.Imitation;
import org.nestrinse.core.wash.machine.ImitationWantBuilder;
import org.nestrinse.core.wash.machine.MachineBends;
import org.nestrinse.core.wash.machine.ProgrammeChoice;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.school.Standing;
import org.nestrinse.core.wash.simulation.Simulation;
import org.nestrinse.core.wash.step.HeatLimit;
import org.nestrinse.core.wash.step.MachineRun;
import org.nestrinse.core.wash.step.Outcome;
import org.nestrinse.core.wash.step.PlannedDose;
import org.nestrinse.core.wash.step.SettingSaying;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

/**
 * Makes a routine of a load by a school, on the household's machine. The school wishes; the weakest
 * piece, the soil and the machine bend the wishes, and every bend is reported.
 */
public final class WashPlanner {
  private static final int LOAD_MINUTES = 5;
  private static final int LOOK_MINUTES = 10;
  private static final int UNLOAD_MINUTES = 5;
  private static final int SHORT_WASH_MINUTES = 35;

  /** Protein sets above this [°C]. */
  private static final int PROTEIN_SAFE_C = 40;

  private final WashJob job;
  private final School asChosen;
  private final School school;
  private final List<Said> bends = new ArrayList<>();
  private final BathDoses doses;
  private final MachineBends machineBends;
  private final int spinRpm;

  /** Above this protein sets, and a cold rinse comes first [°C]. */
  private static final int PROTEIN_SETS_C = 50;

  /** A soak-pause lasts so long [min]; 45 to 60 are usual. */
  private static final int SOAK_PAUSE_MINUTES = 50;

  private WashPlanner(WashJob job, School asChosen) {
    this.job = job;
    this.asChosen = asChosen;
    this.school = job.wishes().bend(asChosen);
    this.doses = new BathDoses(job, this.school);
    this.machineBends = new MachineBends(job, this.school);
    this.spinRpm = spin();
  }

  /**
   * Returns the routine for a load by a school, simulated.
   *
   * @throws CannotPlan when no programme of the machine suits the load
   */
  public static Routine plan(WashJob job, School school) {
    boolean steam = school.main().by() == School.By.STEAM;
    return job.machine().type().byHand() && !steam
        ? HandPlanner.plan(job, school)
        : new WashPlanner(job, school).plan();
  }

  private Routine plan() {
    WashMeans.check(job, school);
    bends.addAll(job.wishes().standingWords());
    bends.addAll(doses.bends());
    Imitation.Want want = want();
    Imitation.Match nearest = nearest(want);
    bends.addAll(machineBends.of(want, nearest));
    List<Step> before = beforeMain(last(nearest).temperatureC());
    Draft draft = fewestRinses(before, want, nearest);
    Outcome outcome = Simulation.of(job, draft.steps);
    bends.addAll(BathDoses.leftOut(job, draft.steps));
    if (!outcome.residueMet()) {
      bends.add(
          Said.of(WashPhrase.RESIDUE_NOT_MET)
              .with("rinses", rinsesAfterMain(draft.steps))
              .with("left", new Quantity(outcome.residueMgKg(), Unit.MG_PER_KG, 0))
              .with("target", new Quantity(job.residueTarget().mgKg(), Unit.MG_PER_KG, 0)));
    }
    return new Routine(
        asChosen,
        draft.steps,
        outcome,
        bends.stream().distinct().toList(),
        Cautions.of(job, draft.steps, outcome, !doses.hasDetergent()),
        draft.match.differences());
  }

  /** Steps with the imitation that they came from. */
  private record Draft(List<Step> steps, Imitation.Match match) {}

  /** What the routine wants of the machine for the main wash, before rinses are counted. */
  private Imitation.Want want() {
    boolean steam = school.main().by() == School.By.STEAM && job.askedC() == null;
    int limit = HeatLimit.of(job, job.all());
    Integer asked = job.askedC();
    int wanted = asked == null ? Math.max(school.main().celsius(), job.sharedC()) : asked;
    return ImitationWantBuilder.builder()
        .celsius(wanted)
        .hottestC(asked == null ? limit : (int) Limits.WATER_C.max())
        .exactly(asked != null)
        .minutes(school.main().minutes())
        .use(steam ? Programme.Use.STEAM : ProgrammeChoice.use(job.hasWool()))
        .rinses(school.finish().extraRinses())
        .spinRpm(spinRpm)
        .whitener(doses.hasWhitener() && school.chemistry().whitenerScoops() > 0)
        .pauseMinutes(0)
        .build();
  }

  private Imitation.Match nearest(Imitation.Want want) {
    return Imitation.of(job.machine(), want).orElseThrow(() -> machineBends.cannot(want));
  }

  /** Protein never goes straight into heat: a school that begins hot begins cold then. */
  private boolean coldRinseForProtein(int mainC) {
    return school.first().before() == School.Before.NOTHING
        && job.hasProtein()
        && mainC > PROTEIN_SETS_C
        && ProgrammeChoice.rinse(job.machine().programmes()).isPresent();
  }

  private List<Step> beforeMain(int mainC) {
    List<Step> steps = new ArrayList<>();
    boolean coldFirst = coldRinseForProtein(mainC);
    boolean atOnce = school.first().before() == School.Before.NOTHING && !coldFirst;
    List<SoiledPieces> loaded = atOnce ? job.all() : job.first();
    int pieces = loaded.stream().mapToInt(p -> p.count()).sum();
    steps.add(
        new Step(
            1,
            Step.Action.LOAD,
            (atOnce ? WashPhrase.LOAD_ALL : WashPhrase.LOAD_FIRST).said(),
            Said.of(WashPhrase.LOAD_DETAIL).with("pieces", pieces),
            atOnce,
            null,
            List.of(),
            LOAD_MINUTES,
            (atOnce ? WashPhrase.LOAD_ALL_REASON : WashPhrase.LOAD_FIRST_REASON).said()));
    if (atOnce) {
      return steps;
    }
    if (coldFirst) {
      bends.add(WashPhrase.COLD_RINSE_FOR_PROTEIN.said());
    }
    steps.addAll(firstRuns(coldFirst));
    steps.add(look(steps.size() + 1));
    return steps;
  }

  private List<Step> firstRuns(boolean coldFirst) {
    if (coldFirst || school.first().before() == School.Before.COLD_RINSE) {
      Optional<Programme> rinse = ProgrammeChoice.rinse(job.machine().programmes());
      if (rinse.isEmpty()) {
        bends.add(WashPhrase.NO_RINSE_FIRST.said());
      }
      return rinse.stream()
          .map(
              p ->
                  runStep(
                      2,
                      Said.of(WashPhrase.COLD_RINSE),
                      false,
                      new MachineRun(p, 0, 0, Math.min(spinRpm, p.fastestSpinRpm())),
                      List.of(),
                      Said.of(WashPhrase.COLD_RINSE_REASON)))
          .toList();
    }
    boolean soak = school.first().before() == School.Before.SOAK_PAUSE;
    int limit = HeatLimit.of(job, job.first());
    int asked = school.first().celsius();
    boolean wool = job.first().stream().anyMatch(p -> p.kind().animalFibre());
    Optional<Imitation.Match> match =
        Imitation.of(
            job.machine(),
            ImitationWantBuilder.builder()
                .celsius(job.hasProtein() ? Math.min(asked, PROTEIN_SAFE_C) : asked)
                .hottestC(limit)
                .exactly(false)
                .minutes(SHORT_WASH_MINUTES)
                .use(ProgrammeChoice.use(wool))
                .rinses(1)
                .spinRpm(spinRpm)
                .whitener(school.first().whitenerScoops() > 0)
                .pauseMinutes(soak ? SOAK_PAUSE_MINUTES : 0)
                .build());
    if (match.isEmpty()) {
      bends.add(Said.of(WashPhrase.NO_SHORT_WASH).with("celsius", Quantity.celsius(limit)));
      return List.of();
    }
    if (soak && !job.machine().pauses()) {
      bends.add(WashPhrase.NO_PAUSE.said());
    }
    // One run is enough to begin with; what the nearest sequence adds comes with the main wash.
    MachineRun run = match.get().runs().get(0);
    return List.of(
        runStep(
            2,
            (run.pauseMinutes() > 0 ? WashPhrase.COOL_WASH_WITH_SOAK : WashPhrase.FIRST_WASH)
                .said(),
            false,
            run,
            doses.first(),
            firstReason(run)));
  }

  private Said firstReason(MachineRun run) {
    if (run.pauseMinutes() > 0) {
      return WashPhrase.SOAK_REASON.said();
    }
    return (job.hasProtein() ? WashPhrase.SHORT_PROTEIN_REASON : WashPhrase.SHORT_REASON).said();
  }

  private Step look(int number) {
    int bulkers = job.bulkers().stream().mapToInt(p -> p.count()).sum();
    return new Step(
        number,
        Step.Action.LOOK,
        (bulkers == 0 ? WashPhrase.LOOK_FLUFF : WashPhrase.LOOK_ADD).said(),
        bulkers == 0
            ? Said.of(WashPhrase.LOOK_DETAIL).with("pieces", 0)
            : Said.of(WashPhrase.LOOK_ADDING).with("kinds", SoiledPieces.counted(job.bulkers())),
        true,
        null,
        List.of(),
        LOOK_MINUTES,
        Said.of(WashPhrase.LOOK_REASON));
  }

  /** Returns the fewest rinses that leave little enough, and at least what the school wants. */
  private Draft fewestRinses(List<Step> before, Imitation.Want want, Imitation.Match nearest) {
    Programme main = last(nearest).programme();
    int wanted = Math.min(main.rinses() + school.finish().extraRinses(), (int) Limits.RINSES.max());
    int most = mostRinses(main);
    int rinses = Math.min(wanted, most);
    while (rinses < most && !rinsedEnough(rinsing(before, want, rinses).steps)) {
      rinses++;
    }
    boolean onceMore = job.wishes().standing().contains(Standing.MORE_RINSE);
    return rinsing(before, want, onceMore ? Math.min(most, rinses + 1) : rinses);
  }

  /** Little enough detergent, no suds in the last water, and no chlorine left of what went in. */
  private boolean rinsedEnough(List<Step> steps) {
    Outcome outcome = Simulation.of(job, steps);
    return outcome.residueMet()
        && !outcome.sudsVisible()
        && ChemistryCheck.chlorineRinsedOut(job, steps, outcome);
  }

  private static MachineRun last(Imitation.Match match) {
    return match.runs().stream().filter(MachineRun::washes).reduce((a, b) -> b).orElseThrow();
  }

  private int mostRinses(Programme main) {
    int byOption = main.rinses() + main.extraRinses();
    boolean more = ProgrammeChoice.rinse(job.machine().programmes()).isPresent();
    return more ? Math.max(byOption, (int) Limits.RINSES.max()) : byOption;
  }

  /** The programme's own rinses first, then its option, then rinse runs, as few runs as can be. */
  private Draft rinsing(List<Step> before, Imitation.Want want, int rinses) {
    Imitation.Match match = nearest(want.rinsing(rinses));
    List<MachineRun> runs = new ArrayList<>(match.runs());
    Programme rinse = ProgrammeChoice.rinse(job.machine().programmes()).orElse(null);
    int done =
        match.runs().stream()
            .skip(match.runs().lastIndexOf(last(match)))
            .mapToInt(MachineRun::rinses)
            .sum();
    while (done < rinses && rinse != null) {
      runs.add(rinseRun(rinse));
      done += Math.max(1, rinse.rinses());
    }
    return new Draft(withRuns(before, runs), match);
  }

  private List<Step> withRuns(List<Step> before, List<MachineRun> runs) {
    List<Step> steps = new ArrayList<>(before);
    long washes = runs.stream().filter(MachineRun::washes).count();
    boolean washed = false;
    for (MachineRun run : runs) {
      if (run.washes()) {
        steps.add(
            runStep(
                steps.size() + 1,
                (washed ? WashPhrase.WASH_AGAIN : WashPhrase.MAIN_WASH).said(),
                true,
                run,
                doses.main(run, washes),
                school.belief()));
        washed = true;
      } else {
        boolean spins = run.rinses() == 0;
        steps.add(
            runStep(
                steps.size() + 1,
                (spins ? WashPhrase.SPIN_AGAIN : WashPhrase.RINSE_AGAIN).said(),
                true,
                run,
                List.of(),
                (spins ? WashPhrase.SPIN_REASON : WashPhrase.RINSE_REASON).said()));
      }
    }
    bends.addAll(doses.vinegar(steps));
    MachineRun rinse =
        ProgrammeChoice.rinse(job.machine().programmes()).map(this::rinseRun).orElse(null);
    bends.addAll(SanitisingRinse.add(job, doses.sanitiser(), steps, rinse));
    doses.besidesLastRinse(steps);
    steps.add(
        new Step(
            steps.size() + 1,
            Step.Action.UNLOAD,
            Said.of(WashPhrase.TAKE_OUT),
            Said.of(WashPhrase.TAKE_OUT_DETAIL),
            true,
            null,
            List.of(),
            UNLOAD_MINUTES,
            Said.of(WashPhrase.TAKE_OUT_REASON)));
    return Step.numbered(steps);
  }

  private MachineRun rinseRun(Programme rinse) {
    return new MachineRun(rinse, 0, 0, Math.min(spinRpm, rinse.fastestSpinRpm()));
  }

  private static int rinsesAfterMain(List<Step> steps) {
    return steps.stream()
        .filter(s -> s.wholeLoad() && s.run() != null)
        .mapToInt(s -> s.run().rinses())
        .sum();
  }

  /** Returns a step that is a run of the machine. */
  static Step runStep(
      int number, Said title, boolean whole, MachineRun run, List<PlannedDose> doses, Said reason) {
    return new Step(
        number,
        Step.Action.RUN,
        title,
        Said.of(SettingSaying.RUN)
            .with("programme", run.programme().name())
            .with("settings", run.settings()),
        whole,
        run,
        doses,
        run.minutes(),
        reason);
  }

  private int spin() {
    Kind weakest = job.weakestInSpin();
    CareLimits limits = weakest.limits();
    if (limits.fastestSpinRpm() < school.finish().spinRpm()) {
      bends.add(
          Said.of(WashPhrase.SPIN_LOWERED)
              .with("asked", Quantity.of(school.finish().spinRpm(), Unit.RPM))
              .with("planned", Quantity.of(limits.fastestSpinRpm(), Unit.RPM))
              .with("kind", weakest.plural()));
    }
    return Math.min(school.finish().spinRpm(), limits.fastestSpinRpm());
  }
}
