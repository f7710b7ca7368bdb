package org.nestrinse.core.wash.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
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
  private static final int UNLOAD_MINUTES = 5;

  private final WashJob job;
  private final School asChosen;
  private final School school;
  private final List<Said> bends = new ArrayList<>();
  private final BathDoses doses;
  private final MachineBends machineBends;
  private final int spinRpm;

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
    BeforeMain beforeMain = new BeforeMain(job, school, doses, spinRpm);
    List<Step> before = beforeMain.steps(last(nearest).temperatureC());
    bends.addAll(beforeMain.bends());
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
    Programme picked = picked(job, school.picked().mainProgramme(), job.hasWool(), bends);
    Programme.Use use = steam ? Programme.Use.STEAM : ProgrammeChoice.use(job.hasWool());
    return ImitationWantBuilder.builder()
        .celsius(wanted)
        .hottestC(asked == null ? limit : (int) Limits.WATER_C.max())
        .exactly(asked != null)
        .minutes(picked == null ? school.main().minutes() : picked.washMinutes())
        .use(picked == null ? use : picked.use())
        .rinses(school.finish().extraRinses())
        .spinRpm(spinRpm)
        .whitener(doses.hasWhitener() && school.chemistry().whitenerScoops() > 0)
        .pauseMinutes(0)
        .programme(picked == null ? null : picked.name())
        .build();
  }

  /**
   * The programme that a person picked by name, if the machine has it and it may wash these pieces;
   * else that it has not is added to the bends.
   */
  static @Nullable Programme picked(
      WashJob job, @Nullable String name, boolean wool, List<Said> bends) {
    if (name == null) {
      return null;
    }
    Optional<Programme> found = ProgrammeChoice.named(job.machine(), name, wool);
    if (found.isEmpty()) {
      bends.add(Said.of(WashPhrase.PROGRAMME_NOT_HERE).with("programme", name));
    }
    return found.orElse(null);
  }

  private Imitation.Match nearest(Imitation.Want want) {
    return Imitation.of(job.machine(), want).orElseThrow(() -> machineBends.cannot(want));
  }

  /** Returns the fewest rinses that leave little enough, and at least what the school wants. */
  private Draft fewestRinses(List<Step> before, Imitation.Want want, Imitation.Match nearest) {
    Programme main = last(nearest).programme();
    int wanted = Math.min(main.rinses() + school.finish().extraRinses(), (int) Limits.RINSES.max());
    int most = mostRinses(main);
    Integer exactly = school.picked().rinses();
    if (exactly != null) {
      if (exactly < main.rinses()) {
        bends.add(
            Said.of(WashPhrase.RINSES_OF_ITS_OWN)
                .with("programme", main.name())
                .with("times", main.rinses()));
      }
      return rinsing(before, want, Math.max(main.rinses(), Math.min(exactly, most)));
    }
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
    spinAgain(runs);
    return new Draft(withRuns(before, runs), match);
  }

  /** A run that only spins at the end, where a person wants one and the machine has it. */
  private void spinAgain(List<MachineRun> runs) {
    MachineRun last = runs.get(runs.size() - 1);
    if (!school.picked().spinAgain() || (!last.washes() && last.rinses() == 0)) {
      return;
    }
    job.machine().programmes().stream()
        .filter(p -> p.use() == Programme.Use.SPIN)
        .findFirst()
        .ifPresentOrElse(
            p -> runs.add(new MachineRun(p, 0, 0, Math.min(spinRpm, p.fastestSpinRpm()))),
            () -> bends.add(WashPhrase.NO_SPIN_RUN.said()));
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
