package org.nestrinse.core.wash;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.Additive;
import org.nestrinse.core.bath.SpinRetention;
import org.nestrinse.core.dose.Dose;
import org.nestrinse.core.dose.LabelRow;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.CareLimits;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;

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
  private final @Nullable ProductChoice detergent;
  private final @Nullable ProductChoice whitener;
  private final @Nullable Product sanitiser;
  private final int spinRpm;

  /** Above this protein sets, and a cold rinse comes first [°C]. */
  private static final int PROTEIN_SETS_C = 50;

  private static final double MG_PER_G = 1000;

  /** Microfibre gets no hotter bath unless a person wants it [°C]. */
  private static final int MICROFIBRE_C = 40;

  /** Vinegar for a kilogram of load [mL/kg]; never more than 20. */
  private static final double VINEGAR_ML_KG = 15;

  /** A soak-pause lasts so long [min]; 45 to 60 are usual. */
  private static final int SOAK_PAUSE_MINUTES = 50;

  private WashPlanner(WashJob job, School asChosen) {
    this.job = job;
    this.asChosen = asChosen;
    this.school = job.wishes().bend(asChosen);
    this.detergent = ProductChoice.detergent(job, this.school.chemistry()).orElse(null);
    this.whitener = ProductChoice.whitener(job).orElse(null);
    this.sanitiser =
        this.school.chemistry().sanitiser() ? ProductChoice.sanitiser(job).orElse(null) : null;
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

  /** Returns the temperatures that a person may ask for with this load on its machine [°C]. */
  public static List<Integer> temperatures(WashJob job) {
    return job.machine().type().byHand()
        ? HandPlanner.temperatures(job.machine())
        : ProgrammeChoice.temperatures(job.machine(), job.hasWool());
  }

  private Routine plan() {
    checkMeans();
    bends.addAll(job.wishes().standingWords());
    chemistry();
    Imitation.Want want = want();
    Imitation.Match nearest = nearest(want);
    tellBends(want, nearest);
    List<Step> before = beforeMain(last(nearest).temperatureC());
    Draft draft = fewestRinses(before, want, nearest);
    Outcome outcome = Simulation.of(job, draft.steps);
    bends.addAll(leftOut(job, draft.steps));
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
        Cautions.of(job, draft.steps, outcome, detergent == null),
        draft.match.differences());
  }

  /** Steps with the imitation that they came from. */
  private record Draft(List<Step> steps, Imitation.Match match) {}

  /** Washing by hand or by steam needs the equipment, and pieces that tolerate it. */
  private void checkMeans() {
    if (school.main().by() == School.By.HAND) {
      throw new CannotPlan(
          Said.of(WashPhrase.BY_HAND_ONLY)
              .with("method", school.name())
              .with("machine", job.machine().name()));
    }
    if (school.main().by() != School.By.STEAM) {
      return;
    }
    job.all().stream()
        .map(SoiledPieces::kind)
        .filter(k -> !k.parts().stream().allMatch(WashPlanner::bearsSteam))
        .findFirst()
        .ifPresent(
            k -> {
              throw new CannotPlan(Said.of(WashPhrase.STEAM_ONLY_PLAIN).with("kind", k.plural()));
            });
  }

  private static boolean bearsSteam(Part part) {
    boolean plain = part.material() == Material.COTTON || part.material() == Material.LINEN;
    return plain && !part.elastic();
  }

  /** Tells where the load, or the shelf, bends what the school would put in. */
  private void chemistry() {
    Product.Form wish = school.chemistry().form();
    if (detergent != null && wish != null && detergent.product().form().liquid() != wish.liquid()) {
      bends.add(
          Said.of(WashPhrase.FORM_INSTEAD)
              .with("form", wish.said().capital())
              .with("product", detergent.product().name())
              .with("reason", detergent.reason()));
    }
    if (school.chemistry().sanitiser() && sanitiser == null && job.gripsLint()) {
      bends.add(WashPhrase.NO_SANITISER_ON_MICROFIBRE.said());
    } else if (school.chemistry().sanitiser() && sanitiser == null) {
      bends.add(WashPhrase.NO_SANITISER_IN_KIT.said());
    }
  }

  /** What the routine wants of the machine for the main wash, before rinses are counted. */
  private Imitation.Want want() {
    boolean steam = school.main().by() == School.By.STEAM && job.askedC() == null;
    int limit = limitOf(job, job.all());
    Integer asked = job.askedC();
    int wanted = asked == null ? Math.max(school.main().celsius(), job.sharedC()) : asked;
    return new Imitation.Want(
        wanted,
        asked == null ? limit : (int) Limits.WATER_C.max(),
        asked != null,
        school.main().minutes(),
        steam ? Programme.Use.STEAM : ProgrammeChoice.use(job.hasWool()),
        school.finish().extraRinses(),
        spinRpm,
        whitener != null && school.chemistry().whitenerScoops() > 0,
        0);
  }

  private Imitation.Match nearest(Imitation.Want want) {
    return Imitation.of(job.machine(), want).orElseThrow(() -> cannot(want));
  }

  private CannotPlan cannot(Imitation.Want want) {
    Kind weakest = WashJob.weakestInHeat(job.all());
    int limit = weakest.limits().hottestWashC();
    if (want.use() == Programme.Use.STEAM) {
      return job.machine().programmes().stream()
          .filter(p -> p.use() == Programme.Use.STEAM)
          .findFirst()
          .map(
              p ->
                  new CannotPlan(
                      Said.of(WashPhrase.STEAM_TOO_HOT)
                          .with("programme", p.name())
                          .with("celsius", Quantity.celsius(p.temperaturesC().get(0)))
                          .with("kind", weakest.plural())
                          .with("most", Quantity.celsius(limit))))
          .orElse(new CannotPlan(WashPhrase.NO_STEAM.said()));
    }
    if (want.exactly()) {
      return new CannotPlan(
          Said.of(job.hasWool() ? WashPhrase.WOOL_CANNOT_BE_SET : WashPhrase.CANNOT_BE_SET)
              .with("celsius", Quantity.celsius(want.celsius())));
    }
    return new CannotPlan(
        Said.of(job.hasWool() ? WashPhrase.NO_WOOL_SO_COOL : WashPhrase.NONE_SO_COOL)
            .with("celsius", Quantity.celsius(limit))
            .with("kind", weakest.plural()));
  }

  private void tellBends(Imitation.Want want, Imitation.Match match) {
    MachineRun main =
        match.runs().stream()
            .filter(MachineRun::washes)
            .max(Comparator.comparingInt(MachineRun::temperatureC))
            .orElseThrow();
    int asked = school.main().celsius();
    int planned = main.temperatureC();
    if (!want.exactly()) {
      if (planned > asked && want.celsius() > asked) {
        bends.add(
            askedPlanned(
                asked,
                planned,
                Said.of(WashPhrase.ONLY_FROM).with("celsius", Quantity.celsius(want.celsius()))));
      }
      if (planned > want.celsius()) {
        bends.add(askedPlanned(want.celsius(), planned, WashPhrase.NOTHING_COOLER.said()));
      }
      if (planned < asked) {
        bends.add(askedPlanned(asked, planned, tooCoolBecause(want)));
      }
    }
    double reaches = main.programme().reachesC(planned);
    boolean heated = job.machine().heaterW() > 0;
    if (heated && reaches < planned) {
      bends.add(
          Said.of(WashPhrase.REACHES_ONLY)
              .with("programme", main.programme().name())
              .with("celsius", Quantity.celsius(planned))
              .with("reaches", new Quantity(reaches, Unit.CELSIUS, 0)));
    }
    if (!heated && planned > 0) {
      bends.add(
          job.machine().hotFillC() == null
              ? WashPhrase.COLD_FILL.said()
              : Said.of(WashPhrase.NO_HEATER)
                  .with(
                      "celsius",
                      new Quantity(Math.min(planned, job.machine().hotFillC()), Unit.CELSIUS, 0)));
    }
    if (match.runs().stream().filter(MachineRun::washes).count() > 1) {
      bends.add(
          Said.of(WashPhrase.WASHES_TWICE)
              .with("time", Quantity.of(school.main().minutes(), Unit.DURATION)));
    }
  }

  private static Said askedPlanned(int asked, int planned, Said reason) {
    return Said.of(WashPhrase.ASKED_PLANNED)
        .with("asked", Quantity.celsius(asked))
        .with("planned", Quantity.celsius(planned))
        .with("reason", reason);
  }

  private Said tooCoolBecause(Imitation.Want want) {
    int asked = school.main().celsius();
    if (want.hottestC() >= asked) {
      return WashPhrase.NOTHING_NEARER.said();
    }
    Kind weakest = WashJob.weakestInHeat(job.all());
    return weakest.limits().hottestWashC() <= want.hottestC()
        ? Said.of(WashPhrase.TOLERATES)
            .with("kind", weakest.plural())
            .with("celsius", Quantity.celsius(want.hottestC()))
        : WashPhrase.MICROFIBRE_40.said();
  }

  /** Microfibre gets 40 °C unless a person wants it hotter, whatever its label allows. */
  static int limitOf(WashJob job, List<SoiledPieces> pieces) {
    int limit = WashJob.weakestInHeat(pieces).limits().hottestWashC();
    boolean microfibre = pieces.stream().anyMatch(p -> p.kind().gripsLint());
    boolean asLabelled = job.wishes().chose(Disagreement.MICROFIBRE_HEAT, "60");
    return microfibre && !asLabelled ? Math.min(limit, MICROFIBRE_C) : limit;
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
    int limit = limitOf(job, job.first());
    int asked = school.first().celsius();
    boolean wool = job.first().stream().anyMatch(p -> p.kind().animalFibre());
    Optional<Imitation.Match> match =
        Imitation.of(
            job.machine(),
            new Imitation.Want(
                job.hasProtein() ? Math.min(asked, PROTEIN_SAFE_C) : asked,
                limit,
                false,
                SHORT_WASH_MINUTES,
                ProgrammeChoice.use(wool),
                1,
                spinRpm,
                school.first().whitenerScoops() > 0,
                soak ? SOAK_PAUSE_MINUTES : 0));
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
            withBesides(
                doses(false, school.first().detergentShare(), school.first().whitenerScoops()),
                Wishes.Where.FIRST_WASH,
                PlannedDose.Into.BATH),
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
        Said.of(WashPhrase.LOOK_DETAIL).with("pieces", bulkers),
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
                withBesides(
                    withSanitiser(
                        doses(true, 1.0 / washes, school.chemistry().whitenerScoops() / washes),
                        run),
                    Wishes.Where.MAIN_WASH,
                    PlannedDose.Into.BATH),
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
    vinegar(steps);
    sanitisingRinse(steps, ProgrammeChoice.rinse(job.machine().programmes()).orElse(null));
    lastRinseBesides(steps);
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

  /** A little vinegar in the last rinse, when the school or the person wants it. */
  private void vinegar(List<Step> steps) {
    if (!school.chemistry().vinegar()) {
      return;
    }
    Optional<Product> acid =
        job.products().stream().filter(p -> p.purpose() == Product.Purpose.ACID).findFirst();
    if (acid.isEmpty()) {
      bends.add(WashPhrase.NO_VINEGAR.said());
      return;
    }
    double ml = Math.min(VINEGAR_ML_KG * job.wholeLoad().massKg(), Wishes.BESIDES_ML.max());
    intoLastRinse(
        steps,
        PlannedDose.besides(
            acid.get(), ml, PlannedDose.Into.LAST_RINSE, Said.of(WashPhrase.VINEGAR_REASON)));
  }

  private void lastRinseBesides(List<Step> steps) {
    for (PlannedDose dose :
        withBesides(List.of(), Wishes.Where.LAST_RINSE, PlannedDose.Into.LAST_RINSE)) {
      intoLastRinse(steps, dose);
    }
  }

  private static void intoLastRinse(List<Step> steps, PlannedDose dose) {
    for (int i = steps.size() - 1; i >= 0; i--) {
      Step s = steps.get(i);
      if (s.run() != null && s.run().rinses() > 0) {
        List<PlannedDose> doses = new ArrayList<>(s.doses());
        doses.add(dose);
        steps.set(i, s.with(doses));
        return;
      }
    }
  }

  private List<PlannedDose> withBesides(
      List<PlannedDose> doses, Wishes.Where where, PlannedDose.Into into) {
    return besides(job, doses, where, into);
  }

  /** Returns what a person wants to put into a bath that the plan does not have. */
  static List<Said> leftOut(WashJob job, List<Step> steps) {
    List<PlannedDose> in =
        new ArrayList<>(
            steps.stream()
                .flatMap(s -> s.doses().stream())
                .filter(PlannedDose::byMillilitres)
                .toList());
    List<Said> out = new ArrayList<>();
    for (Wishes.Besides b : job.wishes().besides()) {
      PlannedDose.Into into =
          b.where() == Wishes.Where.LAST_RINSE
              ? PlannedDose.Into.LAST_RINSE
              : PlannedDose.Into.BATH;
      boolean found =
          in.stream()
              .filter(d -> d.product().id() == b.productId() && d.into() == into)
              .findFirst()
              .map(in::remove)
              .orElse(false);
      if (!found) {
        job.products().stream()
            .filter(p -> p.id() == b.productId())
            .forEach(p -> out.add(WashWords.staysOut(p, b.where())));
      }
    }
    return out;
  }

  /** Adds what a person puts in besides; throws {@link OutOfRange} for a product not in Kit. */
  static List<PlannedDose> besides(
      WashJob job, List<PlannedDose> doses, Wishes.Where where, PlannedDose.Into into) {
    List<PlannedDose> more = new ArrayList<>(doses);
    for (Wishes.Besides b : job.wishes().besides()) {
      if (b.where() != where) {
        continue;
      }
      Product product =
          job.products().stream()
              .filter(p -> p.id() == b.productId())
              .findFirst()
              .orElseThrow(
                  () ->
                      new OutOfRange(
                          "besides.productId", b.productId(), WashPhrase.A_PRODUCT_IN_KIT));
      more.add(PlannedDose.besides(product, b.ml(), into, WashPhrase.YOU_ADD_IT.said()));
    }
    return more;
  }

  /**
   * An additive that detergent would use up goes into a rinse of its own at the end, measured for
   * all of its water; unless its label says that it stays in, skin gets a rinse after it.
   */
  private void sanitisingRinse(List<Step> steps, @Nullable Programme rinse) {
    if (sanitiser == null || sanitiser.claim() == null || !sanitiser.forLastRinse()) {
      return;
    }
    if (rinse == null) {
      bends.add(WashPhrase.NO_SANITISING_RINSE.said());
      return;
    }
    MachineRun run = rinseRun(rinse);
    MachineRun before = steps.get(steps.size() - 1).run();
    TextileLoad load = job.wholeLoad();
    double heldL =
        SpinRetention.of(load, before == null ? 0 : before.spinRpm(), job.machine().drumRadiusM())
            .retainedL();
    double waterL = Liquor.rinse(job.machine(), rinse, load) + heldL;
    double density = sanitiser.densityGMl() == null ? 1 : sanitiser.densityGMl();
    double spentMl =
        Simulation.of(job, steps).residueMgKg()
            / MG_PER_G
            * load.massKg()
            * Additive.ANIONIC_SHARE
            / density;
    steps.add(
        runStep(
            steps.size() + 1,
            Said.of(WashPhrase.SANITISING_RINSE),
            true,
            run,
            List.of(PlannedDose.byClaim(sanitiser, sanitiser.claim(), waterL, spentMl)),
            Said.of(WashPhrase.SANITISING_REASON)));
    boolean skin = job.all().stream().anyMatch(p -> p.kind().touchesSkin());
    if (skin && !Boolean.TRUE.equals(sanitiser.staysIn())) {
      steps.add(
          runStep(
              steps.size() + 1,
              Said.of(WashPhrase.RINSE_AGAIN),
              true,
              run,
              List.of(),
              WashPhrase.RINSE_AFTER_SANITISER.said()));
    }
  }

  private MachineRun rinseRun(Programme rinse) {
    return new MachineRun(rinse, 0, 0, Math.min(spinRpm, rinse.fastestSpinRpm()));
  }

  /** A sanitiser that works beside the detergent goes into the main wash, by its own strength. */
  private List<PlannedDose> withSanitiser(List<PlannedDose> doses, MachineRun run) {
    if (sanitiser == null || sanitiser.claim() == null || sanitiser.forLastRinse()) {
      return doses;
    }
    List<PlannedDose> more = new ArrayList<>(doses);
    double waterL = Liquor.main(job.machine(), run.programme(), job.wholeLoad());
    more.add(PlannedDose.byClaim(sanitiser, sanitiser.claim(), waterL, 0));
    return more;
  }

  private static int rinsesAfterMain(List<Step> steps) {
    return steps.stream()
        .filter(s -> s.wholeLoad() && s.run() != null)
        .mapToInt(s -> s.run().rinses())
        .sum();
  }

  private static Step runStep(
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

  private List<PlannedDose> doses(boolean whole, double detergentShare, double whitenerScoops) {
    List<PlannedDose> doses = new ArrayList<>();
    double massKg = (whole ? job.wholeLoad() : job.firstLoad()).massKg();
    if (detergent != null && detergentShare > 0) {
      Product p = detergent.product();
      LabelRow row = p.gramsOf(job.heavySoil() ? p.heavy() : p.normal());
      doses.add(
          planned(
              detergent,
              massKg,
              row,
              p.referenceMassKg(),
              detergentShare,
              school.chemistry().strength(),
              job.trim()));
    }
    if (whitener != null && whitenerScoops > 0) {
      Product p = whitener.product();
      // A whitener's label speaks of scoops for a load, not of its mass: one scoop, at the
      // reference mass.
      doses.add(
          planned(
              whitener,
              p.referenceMassKg(),
              p.gramsOf(p.normal()),
              p.referenceMassKg(),
              whitenerScoops,
              1,
              1));
    }
    return doses;
  }

  private PlannedDose planned(
      ProductChoice choice,
      double massKg,
      LabelRow row,
      double referenceKg,
      double share,
      double strength,
      double trim) {
    Product p = choice.product();
    Dose.Basis basis =
        new Dose.Basis(
            massKg,
            row,
            referenceKg,
            job.water().hardnessMmolL(),
            share,
            strength,
            trim,
            p.maxG(),
            p.scoopMl(),
            p.densityGMl(),
            p.pieceG());
    return new PlannedDose(p, Dose.of(basis), basis, choice.reason());
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
