package org.nestrinse.core.wash;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.Additive;
import org.nestrinse.core.bath.BathTemperature;
import org.nestrinse.core.bath.Cleaning;
import org.nestrinse.core.bath.CleaningBath;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.bath.HygieneEstimate;
import org.nestrinse.core.bath.HygienePhase;
import org.nestrinse.core.bath.Solution;
import org.nestrinse.core.bath.SpinRetention;
import org.nestrinse.core.bath.TemperaturePoint;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.safety.Chemical;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Limits;

/**
 * Walks the steps of a routine bath by bath: water, temperature, every dissolved product with its
 * carry-over, energy. One object walks once.
 */
final class Simulation {
  private static final double RUNNING_KW = 0.10;
  private static final double SPIN_KWH = 0.02;
  private static final double MINUTES_PER_HOUR = 60;
  private static final double W_PER_KW = 1000;
  private static final double J_PER_KWH = 3.6e6;
  private static final double WATER_J_L_K = 4186;
  private static final double TEXTILE_J_KG_K = 1350;

  /** Share of the steam's heat that gets into the textile. */
  private static final double STEAM_EFFICIENCY = 0.7;

  /** Heat that condensing steam gives off [J/kg]. */
  private static final double STEAM_J_KG = 2.4e6;

  private static final double LEAST_STEAM_W = 1000;

  /** However short a steam programme is, it washes for so long before [min]. */
  private static final double LEAST_WASH_BEFORE_STEAM = 15;

  /** Moving the pieces from one tub to the other after each run [min]. */
  private static final double MOVING_MINUTES = 5;

  private final WashJob job;
  private final List<Bath> baths = new ArrayList<>();
  private final List<Outcome.Contents> contents = new ArrayList<>();
  private final CleaningLog cleaning;
  private final List<Phase> phases = new ArrayList<>();
  private final Map<Product, Solution> dissolved = new LinkedHashMap<>();

  private TextileLoad wet = TextileLoad.EMPTY;
  private double retainedL;
  private double clock;
  private double attended;
  private double kwh;
  private double energyCost;
  private double productCost;
  private double litres;
  private double wear;

  /** A bath for the hygiene estimate, which waits for what the cleaning leaves in it. */
  private record Phase(Step step, TextileLoad load, double bathL, Bath bath, int cleaningBath) {}

  private Simulation(WashJob job) {
    this.job = job;
    cleaning = new CleaningLog(job);
  }

  /** Returns the electricity of a run besides its heater [kWh]. */
  static double runningKwh(double minutes, int rinses) {
    return RUNNING_KW * minutes / MINUTES_PER_HOUR + SPIN_KWH * (rinses + 1);
  }

  /** Returns what these steps do to the load. */
  static Outcome of(WashJob job, List<Step> steps) {
    Simulation simulation = new Simulation(job);
    MachineRun last = null;
    for (Step step : steps) {
      if (step.run() != null && step.apart()) {
        simulation.apart(step, step.run());
      } else if (step.run() != null) {
        simulation.run(step, step.run());
        last = step.run();
      } else {
        simulation.attended += step.minutes();
        simulation.clock += step.minutes();
      }
    }
    return simulation.outcome(last == null ? 0 : last.spinRpm());
  }

  private void run(Step step, MachineRun run) {
    TextileLoad load = step.wholeLoad() ? job.wholeLoad() : job.firstLoad();
    LabelFactors factors =
        LabelFactors.of(job.machine(), run.programme(), job.water().inletC(), job.roomC());
    double began = clock;
    double rinseL = Liquor.rinse(job.machine(), run.programme(), load) * factors.water();
    double interimL = retained(load, run.programme().interimRpm());
    int firstBath = baths.size();
    double carriedL = retainedL;

    boolean dosedRinse = !run.washes() && !step.doses().isEmpty();
    double firstBathL = dosedRinse ? rinseL + retainedL : rinseL;
    boolean steams = run.washes() && run.programme().use() == Programme.Use.STEAM;
    if (run.washes()) {
      firstBathL = wash(step, run, load, factors);
    }
    if (steams) {
      steam(step, run, load, interimL);
    }
    for (int rinse = 0; rinse < run.rinses(); rinse++) {
      boolean firstOfRinseRun = !run.washes() && rinse == 0;
      double heldL = firstOfRinseRun ? retainedL : interimL;
      if (firstOfRinseRun && dosedRinse) {
        intoRinse(step, load, rinseL, heldL, PlannedDose.Into.BATH);
      }
      if (rinse == run.rinses() - 1) {
        intoRinse(step, load, rinseL, heldL, PlannedDose.Into.LAST_RINSE);
      }
      rinse(step, run, load, rinseL, heldL);
    }
    cleaned(step, run, load, firstBath, rinseL, interimL, carriedL);
    if (steams) {
      Bath steam = baths.get(firstBath + 1);
      phases.add(new Phase(step, load, firstBathL, baths.get(firstBath), cleaning.size() - 2));
      phases.add(new Phase(step, load, steam.liquorL(), steam, cleaning.size() - 1));
    } else if (baths.size() > firstBath) {
      phases.add(new Phase(step, load, firstBathL, baths.get(firstBath), cleaning.size() - 1));
    }
    spin(step, run, load);

    wear += Wear.of(run, peakOf(step), chlorine(step));
    if (step.attended()) {
      // Several bucketfuls one after the other take longer than the bath of one.
      clock = Math.max(clock, began + step.minutes());
      attended += clock - began - run.pauseMinutes();
    } else {
      draws(runningKwh(clock - began, run.rinses()), began, clock - began);
      attended += job.machine().type() == Machine.Type.TWIN_TUB ? MOVING_MINUTES : 0;
    }
  }

  /** Counts electricity that is drawn evenly from a moment on, at the price of each minute. */
  private void draws(double more, double fromMinute, double minutes) {
    kwh += more;
    energyCost += job.tariff().cost(more, job.start().plusMinutes(Math.round(fromMinute)), minutes);
  }

  private double wash(Step step, MachineRun run, TextileLoad load, LabelFactors factors) {
    double wantedL = Liquor.main(job.machine(), run.programme(), load) * factors.water();
    double liquorL = Math.max(wantedL, retainedL);
    double carriedSorbedL = wet.sorbedL();
    step.doses().forEach(dose -> dissolved.putIfAbsent(dose.product(), Solution.CLEAR));
    dissolved.replaceAll(
        (product, solution) ->
            solution.intoBath(
                retainedL, carriedSorbedL, doseG(step, product), liquorL, load.sorbedL()));
    productCost +=
        step.doses().stream()
            .filter(d -> d.into() == PlannedDose.Into.BATH)
            .mapToDouble(d -> d.dose().roundedDoseG() * d.product().pricePerG())
            .sum();
    boolean steams = run.programme().use() == Programme.Use.STEAM;
    int chosenC =
        steams ? Math.min(run.temperatureC(), Programme.BEFORE_STEAM_C) : run.temperatureC();
    boolean heats = chosenC > 0 && job.machine().heaterW() > 0;
    double setC = heats ? (steams ? chosenC : run.programme().reachesC(chosenC)) : 0;
    double minutes =
        steams
            ? Math.max(LEAST_WASH_BEFORE_STEAM, run.bathMinutes() - steamMinutes(run, load))
            : run.bathMinutes();
    bath(
        new Filling(step, run, Bath.Type.WASH, load, factors.heater()),
        liquorL,
        liquorL - retainedL,
        minutes,
        setC);
    wet = load;
    return liquorL;
  }

  /** Returns the heat that condensing steam brings until the textile is hot [kWh]. */
  private double steamKwh(MachineRun run, TextileLoad load, double heldL) {
    double capacity =
        load.massKg() * TEXTILE_J_KG_K + heldL * WATER_J_L_K + BathTemperature.MACHINE_J_K;
    return capacity * (run.temperatureC() - job.roomC()) / STEAM_EFFICIENCY / J_PER_KWH;
  }

  private double steamMinutes(MachineRun run, TextileLoad load) {
    double heldL = retained(load, run.programme().interimRpm());
    return heatingByMinutes(steamKwh(run, load, heldL)) + Programme.STEAM_HOLD_MINUTES;
  }

  private double heatingByMinutes(double kwhWanted) {
    double watts = Math.max(LEAST_STEAM_W, job.machine().heaterW());
    return kwhWanted * W_PER_KW / watts * MINUTES_PER_HOUR;
  }

  /** The textile is heated by steam that condenses on it, not by a bath. */
  private void steam(Step step, MachineRun run, TextileLoad load, double heldL) {
    double heating = steamKwh(run, load, heldL);
    double steamL = heating * J_PER_KWH / STEAM_J_KG;
    double up = heatingByMinutes(heating);
    double hold = Programme.STEAM_HOLD_MINUTES;
    double holding =
        BathTemperature.USUAL_LOSS_W_K
            * (run.temperatureC() - job.roomC())
            * hold
            / MINUTES_PER_HOUR
            / W_PER_KW;
    List<TemperaturePoint> profile =
        List.of(
            new TemperaturePoint(0, job.roomC()),
            new TemperaturePoint(up, run.temperatureC()),
            new TemperaturePoint(up + hold, run.temperatureC()));
    contents.add(contents(step, run, load));
    baths.add(
        new Bath(
            step.number(),
            Bath.Type.STEAM,
            clock,
            up + hold,
            heldL + steamL,
            steamL,
            profile,
            run.temperatureC(),
            detergentGL(),
            heating + holding));
    draws(heating, clock, up);
    draws(holding, clock + up, hold);
    litres += steamL;
    clock += up + hold;
  }

  /** Notes what a run was for the soil: a bath with its rinses, or rinses alone. */
  private void cleaned(
      Step step,
      MachineRun run,
      TextileLoad load,
      int firstBath,
      double rinseL,
      double interimL,
      double carriedL) {
    if (baths.size() == firstBath) {
      return;
    }
    if (!run.washes() && cleaning.washed()) {
      cleaning.rinsed(run.rinses());
      return;
    }
    Bath first = baths.get(firstBath);
    List<PlannedDose> detergents =
        step.doses().stream()
            .filter(d -> d.into() == PlannedDose.Into.BATH)
            .filter(d -> d.product().purpose() == Product.Purpose.DETERGENT)
            .toList();
    double everydayG =
        detergents.stream().mapToDouble(d -> d.product().everydayG(d.dose().roundedDoseG())).sum();
    boolean steams = baths.stream().skip(firstBath).anyMatch(b -> b.type() == Bath.Type.STEAM);
    int rinses = run.washes() ? run.rinses() : run.rinses() - 1;
    double kept = Math.max(interimL, 1e-6);
    cleaning.bath(
        new CleaningBath(
            first.liquorL(),
            first.profile(),
            speed(run, first.minutes()),
            fillOf(step, job.fill()),
            byHand(),
            Limits.DOSE_G.clamp(everydayG),
            detergents.stream().anyMatch(d -> d.product().enzymes()),
            steams ? 0 : rinses,
            rinseL,
            kept),
        step.wholeLoad(),
        run.washes());
    if (steams) {
      Bath steam = baths.get(firstBath + 1);
      cleaning.bath(
          new CleaningBath(
              Math.max(steam.liquorL(), kept),
              steam.profile(),
              Agitation.GENTLE.speed(),
              fillOf(step, job.fill()),
              byHand(),
              0,
              false,
              rinses,
              rinseL,
              kept),
          step.wholeLoad(),
          true);
    }
  }

  /** A plunger moves for a part of a bath only, and a paused machine not at all. */
  private static double speed(MachineRun run, double bathMinutes) {
    Agitation agitation = run.programme().agitation();
    if (run.washes()) {
      return agitation.meanSpeed(run.programme().washMinutes(), run.pauseMinutes());
    }
    return agitation == Agitation.PLUNGED
        ? agitation.meanSpeed(
            Programme.HAND_PLUNGE_MINUTES, bathMinutes - Programme.HAND_PLUNGE_MINUTES)
        : agitation.speed();
  }

  /** What goes into a rinse is there as if it had been in the water from the tap. */
  private void intoRinse(
      Step step, TextileLoad load, double rinseL, double heldL, PlannedDose.Into into) {
    for (PlannedDose dose : step.doses()) {
      if (dose.into() != into) {
        continue;
      }
      double held = heldL + load.sorbedL();
      double mixed = held + Solution.MIXING * rinseL;
      double before = dose.dose().roundedDoseG() / held * mixed / (rinseL + held);
      Solution carried = dissolved.getOrDefault(dose.product(), Solution.CLEAR);
      dissolved.put(dose.product(), new Solution(carried.gramsPerL() + before));
      productCost += dose.dose().roundedDoseG() * dose.product().pricePerG();
    }
  }

  private void rinse(Step step, MachineRun run, TextileLoad load, double rinseL, double heldL) {
    dissolved.replaceAll((product, solution) -> solution.rinsed(heldL, load.sorbedL(), rinseL));
    int minutes = run.programme().rinseMinutes();
    bath(new Filling(step, run, Bath.Type.RINSE, load, 1), rinseL + heldL, rinseL, minutes, 0);
    wet = load;
  }

  /** Covers in clean water of their own: they carry nothing on and take nothing up. */
  private void apart(Step step, MachineRun run) {
    Map<Product, Solution> kept = new LinkedHashMap<>(dissolved);
    dissolved.clear();
    double began = clock;
    double rinseL = Liquor.rinse(job.machine(), run.programme(), TextileLoad.EMPTY);
    for (int rinse = 0; rinse < run.rinses(); rinse++) {
      bath(
          new Filling(step, run, Bath.Type.RINSE, TextileLoad.EMPTY, 1),
          rinseL,
          rinseL,
          run.programme().rinseMinutes(),
          0);
    }
    clock = began + step.minutes();
    attended += step.minutes();
    dissolved.putAll(kept);
  }

  private boolean byHand() {
    return job.machine().type().byHand();
  }

  private double peakOf(Step step) {
    return baths.stream()
        .filter(b -> b.step() == step.number())
        .mapToDouble(Bath::peakC)
        .max()
        .orElse(0);
  }

  private static boolean chlorine(Step step) {
    return step.doses().stream().anyMatch(d -> d.product().has(Chemical.CHLORINE));
  }

  /**
   * Returns the temperature of the water that runs in [°C]: hot where nothing heats it in the drum.
   */
  private double inletC(MachineRun run, Bath.Type type) {
    double tap = job.water().inletC();
    boolean warm = run.temperatureC() > 0 && (type == Bath.Type.WASH || byHand());
    if (!warm || job.machine().heaterW() > 0 || job.machine().hotFillC() == null) {
      return tap;
    }
    return Math.max(tap, Math.min(run.temperatureC(), job.machine().hotFillC()));
  }

  /**
   * What is filled.
   *
   * @param heaterFactor what the label of the programme makes of the heater's energy
   */
  private record Filling(
      Step step, MachineRun run, Bath.Type type, TextileLoad load, double heaterFactor) {}

  private void bath(Filling f, double liquorL, double freshL, double minutes, double setC) {
    Programme.Measured measured = f.run.programme().measured();
    double ownW =
        measured == null || measured.heaterW() == null
            ? job.machine().heaterW()
            : measured.heaterW();
    double heaterW = setC > 0 ? ownW : 0;
    BathTemperature.Bath course =
        new BathTemperature.Bath(
            f.load,
            liquorL,
            inletC(f.run, f.type),
            job.roomC(),
            setC,
            minutes,
            heaterW,
            BathTemperature.USUAL_LOSS_W_K,
            byHand() ? BathTemperature.BUCKET_J_K : BathTemperature.MACHINE_J_K);
    boolean letsGo = setC > 0 && measured != null && measured.holdMinutes() != null;
    BathTemperature temperature =
        letsGo ? BathTemperature.held(course, measured.holdMinutes()) : BathTemperature.of(course);
    double heaterKwh = temperature.heaterKwh() * f.heaterFactor;
    contents.add(contents(f.step, f.run, f.load));
    baths.add(
        new Bath(
            f.step.number(),
            f.type,
            clock,
            minutes,
            liquorL,
            freshL,
            temperature.profile(),
            setC,
            detergentGL(),
            heaterKwh));
    double up = temperature.minutesToSet() == null ? minutes : temperature.minutesToSet();
    double heating =
        Math.min(heaterKwh, heaterW * up / MINUTES_PER_HOUR / W_PER_KW * f.heaterFactor);
    draws(heating, clock, up);
    draws(heaterKwh - heating, clock + up, minutes - up);
    litres += freshL;
    clock += minutes;
  }

  private Outcome.Contents contents(Step step, MachineRun run, TextileLoad load) {
    Map<Product, Double> gramsPerL = new LinkedHashMap<>();
    dissolved.forEach((product, solution) -> gramsPerL.put(product, solution.gramsPerL()));
    double held = retained(load, run.programme().interimRpm()) + load.sorbedL();
    double fresh = Liquor.rinse(job.machine(), run.programme(), load);
    double factor = held / (held + Solution.MIXING * fresh);
    return new Outcome.Contents(step.number(), step.apart(), gramsPerL, factor);
  }

  private void spin(Step step, MachineRun run, TextileLoad load) {
    retainedL = retained(load, run.spinRpm());
    int minutes = run.programme().spinMinutes();
    contents.add(contents(step, run, load));
    baths.add(
        new Bath(
            step.number(),
            Bath.Type.SPIN,
            clock,
            minutes,
            retainedL,
            0,
            List.of(),
            0,
            detergentGL(),
            0));
    clock += minutes;
  }

  private HygienePhase phase(Phase p, List<Cleaning> soils) {
    boolean steam = p.bath.type() == Bath.Type.STEAM;
    double oxygenG =
        steam
            ? 0
            : p.step.doses().stream()
                .filter(d -> d.into() == PlannedDose.Into.BATH)
                .filter(d -> d.product().purpose() == Product.Purpose.OXYGEN_WHITENER)
                .mapToDouble(d -> d.product().percarbonateG(d.dose().roundedDoseG()))
                .sum();
    boolean activator = p.step.doses().stream().anyMatch(d -> d.product().activator());
    return new HygienePhase(
        p.load,
        p.bathL,
        job.machine().drumL(),
        p.bath.profile(),
        Limits.DOSE_G.clamp(oxygenG),
        activator,
        CleaningLog.proteinBefore(soils, p.cleaningBath),
        steam ? null : additive(p));
  }

  /**
   * What claims to sanitise by its label; in the last rinse of a wash it has no bath of its own.
   */
  private @Nullable Additive additive(Phase p) {
    for (PlannedDose dose : p.step.doses()) {
      Product product = dose.product();
      Product.Claim claim = product.claim();
      if (claim != null && dose.into() == PlannedDose.Into.BATH) {
        double density = product.densityGMl() == null ? 1 : product.densityGMl();
        double anionicG =
            contents.get(baths.indexOf(p.bath)).gramsPerL().entrySet().stream()
                .filter(e -> !e.getKey().equals(product) && e.getKey().has(Chemical.ANIONIC))
                .mapToDouble(e -> e.getValue() * (p.bath.liquorL() + p.load.sorbedL()))
                .sum();
        return new Additive(
            Limits.ADDITIVE_ML.clamp(dose.dose().roundedDoseG() / density),
            claim.log(),
            claim.minMlPerL(),
            claim.minMinutes(),
            claim.minC(),
            product.has(Chemical.CATIONIC),
            density,
            Limits.DOSE_G.clamp(anionicG * Additive.ANIONIC_SHARE));
      }
    }
    return null;
  }

  /** What was washed once has settled; what goes in at once still lies dry. */
  private double fillOf(Step step, Fill fill) {
    if (!step.wholeLoad()) {
      return fill.dry();
    }
    boolean washedBefore =
        baths.stream().anyMatch(b -> b.step() < step.number() && b.type() != Bath.Type.SPIN);
    return washedBefore ? fill.main() : fill.main() - fill.preWashed() + fill.dry();
  }

  private double retained(TextileLoad load, int rpm) {
    return spun(load, rpm).retainedL();
  }

  private SpinRetention spun(TextileLoad load, int rpm) {
    return byHand()
        ? SpinRetention.wrung(load)
        : SpinRetention.of(load, rpm, job.machine().drumRadiusM());
  }

  private static double doseG(Step step, Product product) {
    return step.doses().stream()
        .filter(d -> d.into() == PlannedDose.Into.BATH && d.product().equals(product))
        .mapToDouble(d -> d.dose().roundedDoseG())
        .sum();
  }

  private double detergentGL() {
    return dissolved.entrySet().stream()
        .filter(e -> e.getKey().purpose() == Product.Purpose.DETERGENT)
        .mapToDouble(e -> e.getValue().gramsPerL())
        .sum();
  }

  private Outcome outcome(int finalRpm) {
    TextileLoad load = job.wholeLoad();
    SpinRetention last = spun(load, finalRpm);
    List<Cleaning> soils = cleaning.soils();
    Double lifted = cleaning.size() == 0 ? null : cleaning.germs().liftedLog();
    HygieneEstimate hygiene =
        HygieneEstimate.of(
            phases.stream().map(p -> phase(p, soils)).toList(), lifted == null ? 0 : lifted);
    double peak = baths.stream().mapToDouble(Bath::peakC).max().orElse(job.water().inletC());
    List<Outcome.Leftover> leftovers = new ArrayList<>();
    dissolved.forEach(
        (product, solution) ->
            leftovers.add(
                new Outcome.Leftover(
                    product,
                    solution.residueMgKg(last.retainedL(), load.sorbedL(), load.massKg()))));
    Solution detergent = new Solution(detergentGL());
    return new Outcome(
        baths,
        hygiene,
        job.goal(),
        job.goal().judge(hygiene, peak),
        detergent.residueMgKg(last.retainedL(), load.sorbedL(), load.massKg()),
        job.residueTarget(),
        detergent.sudsVisible(),
        litres,
        kwh,
        energyCost,
        litres * job.tariff().waterPerL(),
        productCost,
        clock,
        attended,
        peak,
        contents,
        wear,
        last.litresPerKgCotton(),
        soils,
        leftovers);
  }
}
