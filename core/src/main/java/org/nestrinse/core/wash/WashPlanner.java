package org.nestrinse.core.wash;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.BathWater;
import org.nestrinse.core.bath.SpinRetention;
import org.nestrinse.core.dose.Dose;
import org.nestrinse.core.dose.LabelRow;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.textile.CareLimits;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.Numbers;

/**
 * Makes a routine of a load by a school, on the household's machine. The school wishes; the weakest
 * piece, the soil and the machine bend the wishes, and every bend is told.
 */
public final class WashPlanner {
  private static final int LOAD_MINUTES = 5;
  private static final int LOOK_MINUTES = 10;
  private static final int UNLOAD_MINUTES = 5;
  private static final int SHORT_WASH_MINUTES = 35;

  /** Protein sets above this [°C]. */
  private static final int PROTEIN_SAFE_C = 40;

  private final WashJob job;
  private final School school;
  private final List<String> bends = new ArrayList<>();
  private final @Nullable ProductChoice detergent;
  private final @Nullable ProductChoice whitener;
  private final @Nullable Product sanitiser;
  private final int spinRpm;

  /** A soak-pause lasts so long [min]; 45 to 60 are usual. */
  private static final int SOAK_PAUSE_MINUTES = 50;

  private WashPlanner(WashJob job, School school) {
    this.job = job;
    this.school = school;
    this.detergent = ProductChoice.detergent(job, school.chemistry()).orElse(null);
    this.whitener = ProductChoice.whitener(job).orElse(null);
    this.sanitiser =
        school.chemistry().sanitiser() ? ProductChoice.sanitiser(job).orElse(null) : null;
    this.spinRpm = spin();
  }

  /**
   * Returns the routine for a load by a school, simulated.
   *
   * @throws CannotPlan when no programme of the machine suits the load
   */
  public static Routine plan(WashJob job, School school) {
    return new WashPlanner(job, school).plan();
  }

  /** Returns the temperatures that a person may ask for with this load on its machine [°C]. */
  public static List<Integer> temperatures(WashJob job) {
    return ProgrammeChoice.temperatures(job.machine(), job.hasWool());
  }

  private Routine plan() {
    checkMeans();
    chemistry();
    ProgrammeChoice main = mainProgramme();
    List<Step> before = beforeMain();
    List<Step> steps = withRinses(before, main, fewestRinses(before, main));
    Outcome outcome = Simulation.of(job, steps);
    if (!outcome.residueMet()) {
      bends.add(
          "Even with %d rinses the estimate leaves %s mg/kg; the target is %s."
              .formatted(
                  rinsesAfterMain(steps),
                  Numbers.of(outcome.residueMgKg(), 0),
                  Numbers.of(job.residueTarget().mgKg(), 0)));
    }
    return new Routine(
        school, steps, outcome, bends, Cautions.of(job, steps, outcome, detergent == null));
  }

  /** A school that works by hand or by steam needs the means, and pieces that bear it. */
  private void checkMeans() {
    boolean bucket = job.machine().type() == Machine.Type.BUCKET;
    if (school.main().by() == School.By.HAND && !bucket) {
      throw new CannotPlan(
          "%s washes by hand in a bucket; Kit has %s."
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
    if (detergent != null && wish != null && detergent.product().form() != wish) {
      bends.add(
          "%s asked, %s planned: %s"
              .formatted(
                  wish == Product.Form.LIQUID ? "Liquid" : "Powder",
                  detergent.product().name(),
                  detergent.reason()));
    }
    if (school.chemistry().sanitiser() && sanitiser == null) {
      bends.add(
          "No sanitising product with its label's claim is in Kit; the plan counts with heat alone.");
    }
  }

  private ProgrammeChoice mainProgramme() {
    if (school.main().by() == School.By.STEAM && job.askedC() == null) {
      return steam();
    }
    Kind weakest = WashJob.weakestInHeat(job.all());
    int limit = weakest.limits().hottestWashC();
    boolean wool = job.hasWool();
    Integer asked = job.askedC();
    if (asked != null) {
      return ProgrammeChoice.exactly(job.machine(), asked, school.main().minutes(), wool)
          .orElseThrow(
              () ->
                  new CannotPlan(
                      "No %s programme of this machine can be set to %d."
                          .formatted(wool ? "wool" : "washing", asked)));
    }
    int wanted = Math.max(school.main().celsius(), job.sharedC());
    ProgrammeChoice choice =
        ProgrammeChoice.wash(job.machine(), wanted, limit, school.main().minutes(), wool)
            .or(() -> ProgrammeChoice.coolest(job.machine(), limit, school.main().minutes(), wool))
            .orElseThrow(
                () ->
                    new CannotPlan(
                        "No %s programme of this machine stays at %d or below, which is what %s bears."
                            .formatted(wool ? "wool" : "washing", limit, weakest.name())));
    if (choice.temperatureC() > school.main().celsius() && wanted > school.main().celsius()) {
      bends.add(
          "%d asked, %d planned: only from %d may all of these share a wash."
              .formatted(school.main().celsius(), choice.temperatureC(), wanted));
    }
    if (choice.temperatureC() > wanted) {
      bends.add(
          "%d asked, %d planned: the machine has nothing cooler."
              .formatted(wanted, choice.temperatureC()));
    }
    if (choice.temperatureC() < school.main().celsius()) {
      String because =
          limit < school.main().celsius()
              ? weakest.name() + " bears " + limit + " at most"
              : "the machine has nothing nearer";
      bends.add(
          "%d asked, %d planned: %s."
              .formatted(school.main().celsius(), choice.temperatureC(), because));
    }
    double reaches = choice.programme().reachesC(choice.temperatureC());
    if (reaches < choice.temperatureC()) {
      bends.add(
          "%s at %d reaches %s only; the plan counts with that."
              .formatted(choice.programme().name(), choice.temperatureC(), Numbers.of(reaches, 0)));
    }
    return choice;
  }

  private ProgrammeChoice steam() {
    ProgrammeChoice choice =
        ProgrammeChoice.steam(job.machine())
            .orElseThrow(() -> new CannotPlan("This machine has no steam programme."));
    Kind weakest = WashJob.weakestInHeat(job.all());
    if (weakest.limits().hottestWashC() < choice.temperatureC()) {
      throw new CannotPlan(
          "%s runs at %d, and %s bears %d at most."
              .formatted(
                  choice.programme().name(),
                  choice.temperatureC(),
                  weakest.name(),
                  weakest.limits().hottestWashC()));
    }
    return choice;
  }

  private List<Step> beforeMain() {
    List<Step> steps = new ArrayList<>();
    boolean atOnce = school.first().before() == School.Before.NOTHING;
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
    firstRun().ifPresent(steps::add);
    steps.add(look(steps.size() + 1));
    return steps;
  }

  private Optional<Step> firstRun() {
    if (school.first().before() == School.Before.NOTHING) {
      return Optional.empty();
    }
    if (school.first().before() == School.Before.COLD_RINSE) {
      Optional<Programme> rinse = ProgrammeChoice.rinse(job.machine().programmes());
      if (rinse.isEmpty()) {
        bends.add("No rinse first: this machine has no rinse programme.");
      }
      return rinse.map(
          p ->
              runStep(
                  2,
                  "Cold rinse",
                  false,
                  new MachineRun(p, 0, 0, Math.min(spinRpm, p.fastestSpinRpm())),
                  List.of(),
                  "Cold water takes urine and protein out before heat could set them. No detergent yet."));
    }
    int limit = WashJob.weakestInHeat(job.first()).limits().hottestWashC();
    int wanted =
        job.hasProtein()
            ? Math.min(school.first().celsius(), PROTEIN_SAFE_C)
            : school.first().celsius();
    boolean wool = job.first().stream().anyMatch(p -> p.kind().animalFibre());
    Optional<ProgrammeChoice> choice =
        ProgrammeChoice.wash(job.machine(), wanted, limit, SHORT_WASH_MINUTES, wool);
    if (choice.isEmpty()) {
      bends.add("No short wash first: no programme stays at " + limit + " or below.");
    }
    return choice.map(
        c -> {
          boolean soak = school.first().before() == School.Before.SOAK_PAUSE;
          MachineRun run =
              new MachineRun(
                  c.programme(),
                  c.temperatureC(),
                  0,
                  Math.min(spinRpm, c.programme().fastestSpinRpm()),
                  soak ? SOAK_PAUSE_MINUTES : 0);
          List<PlannedDose> doses =
              doses(false, school.first().detergentShare(), school.first().whitenerScoops());
          return runStep(
              2,
              soak ? "Cool wash with a soak" : "First wash",
              false,
              run,
              doses,
              soak
                  ? "Oxygen needs time more than heat: pause it, let it stand, then let it finish."
                  : job.hasProtein()
                      ? "A short wash takes the worst away; no warmer than 40, since heat sets protein."
                      : "A short wash takes the worst away, so that the main wash starts in clean water.");
        });
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

  /** Returns the fewest rinses that meet the residue target, and at least what the school wants. */
  private int fewestRinses(List<Step> before, ProgrammeChoice main) {
    int own = main.programme().rinses();
    int wanted = Math.min(own + school.finish().extraRinses(), (int) Limits.RINSES.max());
    int most = mostRinses(main.programme());
    for (int rinses = Math.min(wanted, most); rinses < most; rinses++) {
      if (Simulation.of(job, withRinses(before, main, rinses)).residueMet()) {
        return rinses;
      }
    }
    return most;
  }

  private int mostRinses(Programme main) {
    int byOption = main.rinses() + main.extraRinses();
    boolean more = ProgrammeChoice.rinse(job.machine().programmes()).isPresent();
    return more ? Math.max(byOption, (int) Limits.RINSES.max()) : byOption;
  }

  private List<Step> withRinses(List<Step> before, ProgrammeChoice main, int rinses) {
    List<Step> steps = new ArrayList<>(before);
    int extra =
        Math.min(Math.max(0, rinses - main.programme().rinses()), main.programme().extraRinses());
    MachineRun run =
        new MachineRun(
            main.programme(),
            main.temperatureC(),
            extra,
            Math.min(spinRpm, main.programme().fastestSpinRpm()));
    steps.add(
        runStep(
            steps.size() + 1,
            "Main wash",
            true,
            run,
            doses(true, 1, school.chemistry().whitenerScoops()),
            school.belief()));
    int done = run.rinses();
    Programme rinse = ProgrammeChoice.rinse(job.machine().programmes()).orElse(null);
    while (done < rinses && rinse != null) {
      steps.add(
          runStep(
              steps.size() + 1,
              "Rinse once more",
              true,
              new MachineRun(rinse, 0, 0, Math.min(spinRpm, rinse.fastestSpinRpm())),
              List.of(),
              "The programme's own rinses would leave more detergent than these pieces should carry."));
      done += Math.max(1, rinse.rinses());
    }
    sanitisingRinse(steps, rinse);
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
    return renumbered(steps);
  }

  /** The additive goes into a rinse of its own at the end, measured for all of its water. */
  private void sanitisingRinse(List<Step> steps, @Nullable Programme rinse) {
    if (sanitiser == null || sanitiser.claim() == null) {
      return;
    }
    if (rinse == null) {
      String none = "No sanitising rinse: this machine has no rinse programme.";
      if (!bends.contains(none)) {
        bends.add(none);
      }
      return;
    }
    MachineRun run = new MachineRun(rinse, 0, 0, Math.min(spinRpm, rinse.fastestSpinRpm()));
    MachineRun before = steps.get(steps.size() - 1).run();
    double heldL =
        SpinRetention.of(
                job.wholeLoad(), before == null ? 0 : before.spinRpm(), job.machine().drumRadiusM())
            .retainedL();
    double waterL = BathWater.rinseL(job.wholeLoad()) + heldL;
    steps.add(
        runStep(
            steps.size() + 1,
            "Sanitising rinse",
            true,
            run,
            List.of(PlannedDose.byClaim(sanitiser, sanitiser.claim(), waterL)),
            "An additive by its label, after the detergent is out: the two cancel each other."));
  }

  private static List<Step> renumbered(List<Step> steps) {
    List<Step> numbered = new ArrayList<>();
    for (Step s : steps) {
      numbered.add(
          new Step(
              numbered.size() + 1,
              s.action(),
              s.title(),
              s.detail(),
              s.wholeLoad(),
              s.run(),
              s.doses(),
              s.minutes(),
              s.reason()));
    }
    return numbered;
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
      LabelRow row = job.heavySoil() ? p.heavy() : p.normal();
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
              p.normal(),
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
            p.densityGMl());
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
