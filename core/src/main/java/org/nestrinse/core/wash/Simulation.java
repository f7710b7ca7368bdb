package org.nestrinse.core.wash;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.Additive;
import org.nestrinse.core.bath.BathTemperature;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.bath.HygieneEstimate;
import org.nestrinse.core.bath.HygienePhase;
import org.nestrinse.core.bath.Solution;
import org.nestrinse.core.bath.SpinRetention;
import org.nestrinse.core.bath.TemperaturePoint;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.safety.Chemical;
import org.nestrinse.core.textile.TextileLoad;

/**
 * Walks the steps of a routine bath by bath: water, temperature, every dissolved product with its
 * carry-over, energy. One object walks once.
 */
final class Simulation {
  private static final double RUNNING_KW = 0.10;
  private static final double SPIN_KWH = 0.02;
  private static final double MINUTES_PER_HOUR = 60;

  /** Moving the pieces from one tub to the other after each run [min]. */
  private static final double MOVING_MINUTES = 5;

  private final WashJob job;
  private final List<Bath> baths = new ArrayList<>();
  private final List<Outcome.Contents> contents = new ArrayList<>();
  private final List<HygienePhase> phases = new ArrayList<>();
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

  private Simulation(WashJob job) {
    this.job = job;
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
    double began = clock;
    double kwhBefore = kwh;
    double rinseL = Liquor.rinse(job.machine(), run.programme(), load);
    double interimL = retained(load, run.programme().interimRpm());

    boolean dosedRinse = !run.washes() && !step.doses().isEmpty();
    double dosedL = rinseL + (dosedRinse ? retainedL : 0);
    double firstBathL = run.washes() ? wash(step, run, load) : dosedL;
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
      kwh += byHand() ? 0 : SPIN_KWH;
    }
    phases.add(phase(step, run, load, firstBathL, rinseL));
    spin(step, run, load);

    double hours = (clock - began) / MINUTES_PER_HOUR;
    wear += Wear.of(run, peakOf(step), chlorine(step));
    if (step.attended()) {
      // Several bucketfuls one after the other take longer than the bath of one.
      clock = Math.max(clock, began + step.minutes());
      attended += clock - began - run.pauseMinutes();
    } else {
      kwh += RUNNING_KW * hours + SPIN_KWH;
      attended += job.machine().type() == Machine.Type.TWIN_TUB ? MOVING_MINUTES : 0;
    }
    LocalTime startsAt = job.start().plusMinutes(Math.round(began));
    energyCost += (kwh - kwhBefore) * job.tariff().perKwh(startsAt);
  }

  private double wash(Step step, MachineRun run, TextileLoad load) {
    double liquorL = Math.max(Liquor.main(job.machine(), run.programme(), load), retainedL);
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
    boolean heats = run.temperatureC() > 0 && job.machine().heaterW() > 0;
    double setC = heats ? run.programme().reachesC(run.temperatureC()) : 0;
    bath(step, run, Bath.Type.WASH, load, liquorL, liquorL - retainedL, run.bathMinutes(), setC);
    wet = load;
    return liquorL;
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
    bath(step, run, Bath.Type.RINSE, load, rinseL + heldL, rinseL, minutes, 0);
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
          step,
          run,
          Bath.Type.RINSE,
          TextileLoad.EMPTY,
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
        .flatMap(b -> b.profile().stream())
        .mapToDouble(TemperaturePoint::temperatureC)
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

  private void bath(
      Step step,
      MachineRun run,
      Bath.Type type,
      TextileLoad load,
      double liquorL,
      double freshL,
      double minutes,
      double setC) {
    Programme.Measured measured = run.programme().measured();
    double ownW =
        measured == null || measured.heaterW() == null
            ? job.machine().heaterW()
            : measured.heaterW();
    double heaterW = setC > 0 ? ownW : 0;
    BathTemperature.Bath course =
        new BathTemperature.Bath(
            load,
            liquorL,
            inletC(run, type),
            job.roomC(),
            setC,
            minutes,
            heaterW,
            BathTemperature.USUAL_LOSS_W_K);
    boolean letsGo = setC > 0 && measured != null && measured.holdMinutes() != null;
    BathTemperature temperature =
        letsGo ? BathTemperature.held(course, measured.holdMinutes()) : BathTemperature.of(course);
    contents.add(contents(step, run, load));
    baths.add(
        new Bath(
            step.number(),
            type,
            clock,
            minutes,
            liquorL,
            freshL,
            temperature.profile(),
            setC,
            detergentGL(),
            temperature.heaterKwh()));
    kwh += temperature.heaterKwh();
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

  private HygienePhase phase(
      Step step, MachineRun run, TextileLoad load, double bathL, double rinseL) {
    double drumL = job.machine().drumL();
    Fill fill = job.fill();
    List<TemperaturePoint> profile =
        baths.stream()
            .filter(b -> b.step() == step.number() && !b.profile().isEmpty())
            .findFirst()
            .orElseThrow()
            .profile();
    double oxygenG =
        step.doses().stream()
            .filter(d -> d.into() == PlannedDose.Into.BATH)
            .filter(d -> d.product().purpose() == Product.Purpose.OXYGEN_WHITENER)
            .mapToDouble(d -> d.dose().roundedDoseG())
            .sum();
    boolean activator = step.doses().stream().anyMatch(d -> d.product().activator());
    boolean detergent =
        step.doses().stream().anyMatch(d -> d.product().purpose() == Product.Purpose.DETERGENT);
    return new HygienePhase(
        load,
        bathL,
        drumL,
        fillOf(step, fill),
        profile,
        oxygenG,
        activator,
        run.programme().agitation(),
        detergent,
        run.rinses(),
        rinseL,
        interimRpm(run),
        job.machine().drumRadiusM(),
        additive(step));
  }

  private static @Nullable Additive additive(Step step) {
    for (PlannedDose dose : step.doses()) {
      Product.Claim claim = dose.product().claim();
      boolean sanitiser = dose.product().purpose() == Product.Purpose.SANITISER;
      // In the last rinse of a wash it has neither the bath's water nor its time: it is not
      // counted.
      if (claim != null && sanitiser && dose.into() == PlannedDose.Into.BATH) {
        double density = dose.product().densityGMl() == null ? 1 : dose.product().densityGMl();
        return new Additive(
            dose.dose().roundedDoseG() / density,
            claim.log(),
            claim.minMlPerL(),
            claim.minMinutes(),
            claim.minC());
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
    double speed = byHand() ? SpinRetention.wrungRpm(job.machine().drumRadiusM()) : rpm;
    return SpinRetention.of(load, speed, job.machine().drumRadiusM()).retainedL();
  }

  private double interimRpm(MachineRun run) {
    return byHand()
        ? SpinRetention.wrungRpm(job.machine().drumRadiusM())
        : run.programme().interimRpm();
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
    Solution detergent = new Solution(detergentGL());
    HygieneEstimate hygiene = HygieneEstimate.of(phases);
    double peak =
        baths.stream()
            .flatMap(b -> b.profile().stream())
            .mapToDouble(TemperaturePoint::temperatureC)
            .max()
            .orElse(job.water().inletC());
    double lastRpm = byHand() ? SpinRetention.wrungRpm(job.machine().drumRadiusM()) : finalRpm;
    SpinRetention last = SpinRetention.of(load, lastRpm, job.machine().drumRadiusM());
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
        last.litresPerKgCotton());
  }
}
