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
import org.nestrinse.core.textile.CareLimits;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.Numbers;
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
  private final List<String> bends = new ArrayList<>();
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
          "Even with %d rinses the estimate leaves %s mg/kg; the target is %s."
              .formatted(
                  rinsesAfterMain(draft.steps),
                  Numbers.of(outcome.residueMgKg(), 0),
                  Numbers.of(job.residueTarget().mgKg(), 0)));
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

  /** A school that works by hand or by steam needs the means, and pieces that bear it. */
  private void checkMeans() {
    if (school.main().by() == School.By.HAND) {
      throw new CannotPlan(
          "%s washes by hand in a bucket or basin; %s is chosen."
              .formatted(school.name(), job.machine().name()));
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
              throw new CannotPlan(
                  "Steam is for cotton and linen only, never for laminate, synthetics, microfibre, wool or elastic: "
                      + k.name()
                      + " may not.");
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
          "%s asked, %s planned: %s"
              .formatted(
                  wish.liquid() ? "Liquid" : "Powder",
                  detergent.product().name(),
                  detergent.reason()));
    }
    if (school.chemistry().sanitiser() && sanitiser == null && job.gripsLint()) {
      bends.add(WashWords.noSanitiserOnMicrofibre());
    } else if (school.chemistry().sanitiser() && sanitiser == null) {
      bends.add(
          "No sanitising product with its label's claim is in Kit; the plan counts with heat alone.");
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
                      "%s runs at %d, and %s bears %d at most."
                          .formatted(p.name(), p.temperaturesC().get(0), weakest.name(), limit)))
          .orElse(new CannotPlan("This machine has no steam programme."));
    }
    String sort = job.hasWool() ? "wool" : "washing";
    return want.exactly()
        ? new CannotPlan(
            "No %s programme of this machine can be set to %d.".formatted(sort, want.celsius()))
        : new CannotPlan(
            "No %s programme of this machine stays at %d or below, which is what %s bears."
                .formatted(sort, limit, weakest.name()));
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
            "%d asked, %d planned: only from %d may all of these share a wash."
                .formatted(asked, planned, want.celsius()));
      }
      if (planned > want.celsius()) {
        bends.add(
            "%d asked, %d planned: the machine has nothing cooler."
                .formatted(want.celsius(), planned));
      }
      if (planned < asked) {
        bends.add("%d asked, %d planned: %s.".formatted(asked, planned, tooCoolBecause(want)));
      }
    }
    double reaches = main.programme().reachesC(planned);
    boolean heated = job.machine().heaterW() > 0;
    if (heated && reaches < planned) {
      bends.add(
          "%s at %d reaches %s only; the plan counts with that."
              .formatted(main.programme().name(), planned, Numbers.of(reaches, 0)));
    }
    if (!heated && planned > 0) {
      bends.add(
          job.machine().hotFillC() == null
              ? "This machine has no heater and fills cold: the bath stays as cold as the tap."
              : "This machine has no heater: it fills at %s and cools from there."
                  .formatted(Numbers.of(Math.min(planned, job.machine().hotFillC()), 0)));
    }
    if (match.runs().stream().filter(MachineRun::washes).count() > 1) {
      bends.add(
          "%s asked, and no programme is as long: it washes twice."
              .formatted(Numbers.duration(school.main().minutes())));
    }
  }

  private String tooCoolBecause(Imitation.Want want) {
    int asked = school.main().celsius();
    if (want.hottestC() >= asked) {
      return "the machine has nothing nearer";
    }
    Kind weakest = WashJob.weakestInHeat(job.all());
    return weakest.limits().hottestWashC() <= want.hottestC()
        ? weakest.name() + " bears " + want.hottestC() + " at most"
        : "microfibre at 40 at most, unless you choose otherwise";
  }

  /** Microfibre may bear more by its label, but gets 40 unless a person wants it hotter. */
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
            atOnce ? "Load everything" : "Load the first set",
            Numbers.count(pieces, "piece") + ", tabs closed, parts apart, nothing squeezed in.",
            atOnce,
            null,
            List.of(),
            LOAD_MINUTES,
            atOnce
                ? "Nothing comes before the main wash, so all of it goes in at once."
                : "Only the soiled pieces go first, so that the dirt leaves before anything joins."));
    if (atOnce) {
      return steps;
    }
    if (coldFirst) {
      bends.add(WashWords.coldRinseForProtein());
    }
    steps.addAll(firstRuns(coldFirst));
    steps.add(look(steps.size() + 1));
    return steps;
  }

  private List<Step> firstRuns(boolean coldFirst) {
    if (coldFirst || school.first().before() == School.Before.COLD_RINSE) {
      Optional<Programme> rinse = ProgrammeChoice.rinse(job.machine().programmes());
      if (rinse.isEmpty()) {
        bends.add("No rinse first: this machine has no rinse programme.");
      }
      return rinse.stream()
          .map(
              p ->
                  runStep(
                      2,
                      "Cold rinse",
                      false,
                      new MachineRun(p, 0, 0, Math.min(spinRpm, p.fastestSpinRpm())),
                      List.of(),
                      "Cold water takes urine and protein out before heat could set them. No detergent yet."))
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
      bends.add("No short wash first: no programme stays at " + limit + " or below.");
      return List.of();
    }
    if (soak && !job.machine().pauses()) {
      bends.add("No soak-pause: this machine does not pause. Soak in a bucket before, if need be.");
    }
    // One run is enough to begin with; what the nearest sequence adds comes with the main wash.
    MachineRun run = match.get().runs().get(0);
    return List.of(
        runStep(
            2,
            run.pauseMinutes() > 0 ? "Cool wash with a soak" : "First wash",
            false,
            run,
            withBesides(
                doses(false, school.first().detergentShare(), school.first().whitenerScoops()),
                Wishes.Where.FIRST_WASH,
                PlannedDose.Into.BATH),
            firstReason(run)));
  }

  private String firstReason(MachineRun run) {
    if (run.pauseMinutes() > 0) {
      return "Oxygen needs time more than heat: pause it, let it stand, then let it finish.";
    }
    return job.hasProtein()
        ? "A short wash takes the worst away; no warmer than 40, since heat sets protein."
        : "A short wash takes the worst away, so that the main wash starts in clean water.";
  }

  private Step look(int number) {
    int bulkers = job.bulkers().stream().mapToInt(p -> p.count()).sum();
    String add =
        bulkers == 0 ? "Nothing joins." : "Add " + Numbers.count(bulkers, "small piece") + ".";
    return new Step(
        number,
        Step.Action.LOOK,
        bulkers == 0 ? "Look and fluff up" : "Look, and add the small pieces",
        "Peel pieces off the drum wall, treat what is still marked. " + add,
        true,
        null,
        List.of(),
        LOOK_MINUTES,
        "Pieces that stick to the wall do not rub; a fuller drum rubs better.");
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
                washed ? "Wash once more" : "Main wash",
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
                spins ? "Spin once more" : "Rinse once more",
                true,
                run,
                List.of(),
                spins
                    ? "What absorbs dries sooner the less water it keeps."
                    : "The programme's own rinses would leave more detergent than these pieces should carry."));
      }
    }
    vinegar(steps);
    sanitisingRinse(steps, ProgrammeChoice.rinse(job.machine().programmes()).orElse(null));
    lastRinseBesides(steps);
    steps.add(
        new Step(
            steps.size() + 1,
            Step.Action.UNLOAD,
            "Take everything out",
            "At once: a closed wet drum grows mould within hours. Leave the door ajar.",
            true,
            null,
            List.of(),
            UNLOAD_MINUTES,
            "Wet pieces in a closed drum sour."));
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
      bends.add("No vinegar in Kit; the last rinse stays plain.");
      return;
    }
    double ml = Math.min(VINEGAR_ML_KG * job.wholeLoad().massKg(), Wishes.BESIDES_ML.max());
    intoLastRinse(
        steps,
        PlannedDose.besides(
            acid.get(),
            ml,
            PlannedDose.Into.LAST_RINSE,
            "Vinegar helps to rinse powder out; 15 mL for a kilogram, never more than 20."));
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

  /** Returns what a person wants to put into a bath that the plan does not have, in words. */
  static List<String> leftOut(WashJob job, List<Step> steps) {
    List<PlannedDose> in =
        new ArrayList<>(
            steps.stream()
                .flatMap(s -> s.doses().stream())
                .filter(PlannedDose::byMillilitres)
                .toList());
    List<String> out = new ArrayList<>();
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
                      new OutOfRange("besides.productId", b.productId(), "a product that Kit has"));
      more.add(PlannedDose.besides(product, b.ml(), into, WashWords.besides()));
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
      bends.add("No sanitising rinse: this machine has no rinse programme.");
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
            "Sanitising rinse",
            true,
            run,
            List.of(PlannedDose.byClaim(sanitiser, sanitiser.claim(), waterL, spentMl)),
            "An additive by its label, after the detergent is out: the two cancel each other."));
    boolean skin = job.all().stream().anyMatch(p -> p.kind().touchesSkin());
    if (skin && !Boolean.TRUE.equals(sanitiser.staysIn())) {
      steps.add(
          runStep(
              steps.size() + 1,
              "Rinse once more",
              true,
              run,
              List.of(),
              WashWords.rinseAfterSanitiser()));
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
      int number,
      String title,
      boolean whole,
      MachineRun run,
      List<PlannedDose> doses,
      String reason) {
    return new Step(
        number,
        Step.Action.RUN,
        title,
        run.programme().name() + ", " + run.settings(),
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
          "Spin %d asked, %d planned: %s bears no more."
              .formatted(school.finish().spinRpm(), limits.fastestSpinRpm(), weakest.name()));
    }
    return Math.min(school.finish().spinRpm(), limits.fastestSpinRpm());
  }
}
