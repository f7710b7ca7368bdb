package org.nestrinse.core.wash;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.Additive;
import org.nestrinse.core.bath.BathTemperature;
import org.nestrinse.core.bath.BathWater;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.bath.HygieneEstimate;
import org.nestrinse.core.bath.HygienePhase;
import org.nestrinse.core.bath.Solution;
import org.nestrinse.core.bath.SpinRetention;
import org.nestrinse.core.bath.TemperaturePoint;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.textile.TextileLoad;

/**
 * Walks the steps of a routine bath by bath: water, temperature, every dissolved product with its
 * carry-over, energy. One object walks once.
 */
final class Simulation {
  private static final double RUNNING_KW = 0.10;
  private static final double SPIN_KWH = 0.02;
  private static final double MINUTES_PER_HOUR = 60;

  private final WashJob job;
  private final List<Bath> baths = new ArrayList<>();
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

  private Simulation(WashJob job) {
    this.job = job;
  }

  /** Returns what these steps do to the load. */
  static Outcome of(WashJob job, List<Step> steps) {
    Simulation simulation = new Simulation(job);
    MachineRun last = null;
    for (Step step : steps) {
      if (step.run() != null) {
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
    double rinseL = BathWater.rinseL(load);
    double interimL = retained(load, run.programme().interimRpm());

    boolean dosedRinse = !run.washes() && !step.doses().isEmpty();
    double dosedL = rinseL + (dosedRinse ? retainedL : 0);
    double firstBathL = run.washes() ? wash(step, run, load) : dosedL;
    for (int rinse = 0; rinse < run.rinses(); rinse++) {
      boolean firstOfRinseRun = !run.washes() && rinse == 0;
      if (firstOfRinseRun && dosedRinse) {
        intoRinse(step, load, rinseL);
      }
      rinse(step, load, rinseL, firstOfRinseRun ? retainedL : interimL);
      kwh += SPIN_KWH;
    }
    phases.add(phase(step, run, load, firstBathL, rinseL));
    spin(step, run, load);

    double hours = (clock - began) / MINUTES_PER_HOUR;
    kwh += RUNNING_KW * hours + SPIN_KWH;
    LocalTime startsAt = job.start().plusMinutes(Math.round(began));
    energyCost += (kwh - kwhBefore) * job.tariff().perKwh(startsAt);
  }

  private double wash(Step step, MachineRun run, TextileLoad load) {
    double liquorL = Math.max(BathWater.mainL(load), retainedL);
    double carriedSorbedL = wet.sorbedL();
    step.doses().forEach(dose -> dissolved.putIfAbsent(dose.product(), Solution.CLEAR));
    dissolved.replaceAll(
        (product, solution) ->
            solution.intoBath(
                retainedL, carriedSorbedL, doseG(step, product), liquorL, load.sorbedL()));
    productCost +=
        step.doses().stream()
            .mapToDouble(d -> d.dose().roundedDoseG() * d.product().pricePerG())
            .sum();
    boolean heats = run.temperatureC() > 0 && job.machine().heaterW() > 0;
    double setC = heats ? run.programme().reachesC(run.temperatureC()) : 0;
    bath(step, Bath.Type.WASH, load, liquorL, liquorL - retainedL, run.bathMinutes(), setC);
    wet = load;
    return liquorL;
  }

  /** What goes into a rinse is there as if it had been in the water from the tap. */
  private void intoRinse(Step step, TextileLoad load, double rinseL) {
    for (PlannedDose dose : step.doses()) {
      double held = retainedL + load.sorbedL();
      double mixed = held + Solution.MIXING * rinseL;
      double before = dose.dose().roundedDoseG() / held * mixed / (rinseL + held);
      Solution carried = dissolved.getOrDefault(dose.product(), Solution.CLEAR);
      dissolved.put(dose.product(), new Solution(carried.gramsPerL() + before));
      productCost += dose.dose().roundedDoseG() * dose.product().pricePerG();
    }
  }

  private void rinse(Step step, TextileLoad load, double rinseL, double heldL) {
    dissolved.replaceAll((product, solution) -> solution.rinsed(heldL, load.sorbedL(), rinseL));
    bath(step, Bath.Type.RINSE, load, rinseL + heldL, rinseL, Programme.RINSE_MINUTES, 0);
    wet = load;
  }

  private void bath(
      Step step,
      Bath.Type type,
      TextileLoad load,
      double liquorL,
      double freshL,
      double minutes,
      double setC) {
    double heaterW = setC > 0 ? job.machine().heaterW() : 0;
    BathTemperature temperature =
        BathTemperature.of(
            new BathTemperature.Bath(
                load,
                liquorL,
                job.water().inletC(),
                job.roomC(),
                setC,
                minutes,
                heaterW,
                BathTemperature.USUAL_LOSS_W_K));
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

  private void spin(Step step, MachineRun run, TextileLoad load) {
    retainedL = retained(load, run.spinRpm());
    baths.add(
        new Bath(
            step.number(),
            Bath.Type.SPIN,
            clock,
            Programme.SPIN_MINUTES,
            retainedL,
            0,
            List.of(),
            0,
            detergentGL(),
            0));
    clock += Programme.SPIN_MINUTES;
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
        run.programme().interimRpm(),
        job.machine().drumRadiusM(),
        additive(step));
  }

  private static @Nullable Additive additive(Step step) {
    for (PlannedDose dose : step.doses()) {
      Product.Claim claim = dose.product().claim();
      if (claim != null && dose.product().purpose() == Product.Purpose.SANITISER) {
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
    return SpinRetention.of(load, rpm, job.machine().drumRadiusM()).retainedL();
  }

  private static double doseG(Step step, Product product) {
    return step.doses().stream()
        .filter(d -> d.product().equals(product))
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
    SpinRetention last = SpinRetention.of(load, finalRpm, job.machine().drumRadiusM());
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
        last.litresPerKgCotton());
  }
}
