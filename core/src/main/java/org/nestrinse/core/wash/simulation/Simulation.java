package org.nestrinse.core.wash.simulation;

import java.util.ArrayList;
import java.util.List;
import org.nestrinse.core.bath.BathTemperature;
import org.nestrinse.core.bath.BathTemperatureBathBuilder;
import org.nestrinse.core.bath.Cleaning;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.bath.HygieneEstimate;
import org.nestrinse.core.bath.Solution;
import org.nestrinse.core.bath.SpinRetention;
import org.nestrinse.core.bath.TemperaturePoint;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.wash.step.Bath;
import org.nestrinse.core.wash.step.BathBuilder;
import org.nestrinse.core.wash.step.MachineRun;
import org.nestrinse.core.wash.step.Outcome;
import org.nestrinse.core.wash.step.OutcomeBuilder;
import org.nestrinse.core.wash.step.PlannedDose;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

/**
 * Walks the steps of a routine bath by bath: water, temperature, every dissolved product with its
 * carry-over, energy. One object walks once.
 */
public final class Simulation {
  private static final double MINUTES_PER_HOUR = 60;
  private static final double W_PER_KW = 1000;

  /** Moving the pieces from one tub to the other after each run [min]. */
  private static final double MOVING_MINUTES = 5;

  private final WashJob job;
  private final List<Bath> baths = new ArrayList<>();
  private final List<Outcome.Contents> contents = new ArrayList<>();
  private final CleaningLog cleaning;
  private final List<HygieneBath> phases = new ArrayList<>();
  private DissolvedProducts dissolved = DissolvedProducts.NONE;

  private TextileLoad wet = TextileLoad.EMPTY;
  private double retainedL;
  private double clock;
  private double attended;
  private final EnergyMeter energy;
  private double productCost;
  private double litres;
  private double wear;

  private Simulation(WashJob job) {
    this.job = job;
    cleaning = new CleaningLog(job);
    energy = new EnergyMeter(job);
  }

  /** Returns what these steps do to the load. */
  public static Outcome of(WashJob job, List<Step> steps) {
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
    cleaning.ran(
        new CleaningLog.Ran(
            step,
            run,
            List.copyOf(baths.subList(firstBath, baths.size())),
            rinseL,
            interimL,
            fillOf(step, job.fill())));
    if (steams) {
      double steamL = baths.get(firstBath + 1).liquorL();
      phases.add(hygieneBath(step, load, firstBathL, firstBath, cleaning.size() - 2));
      phases.add(hygieneBath(step, load, steamL, firstBath + 1, cleaning.size() - 1));
    } else if (baths.size() > firstBath) {
      phases.add(hygieneBath(step, load, firstBathL, firstBath, cleaning.size() - 1));
    }
    spin(step, run, load);

    wear += Wear.of(run, peakOf(step), step.chlorine());
    if (step.attended()) {
      // Several bucketfuls one after the other take longer than the bath of one.
      clock = Math.max(clock, began + step.minutes());
      attended += clock - began - run.pauseMinutes();
    } else {
      energy.draws(EnergyMeter.runningKwh(clock - began, run.rinses()), began, clock - began);
      attended += job.machine().type() == Machine.Type.TWIN_TUB ? MOVING_MINUTES : 0;
    }
  }

  private HygieneBath hygieneBath(
      Step step, TextileLoad load, double bathL, int bath, int cleaningBath) {
    return new HygieneBath(
        step, load, bathL, baths.get(bath), contents.get(bath).gramsPerL(), cleaningBath);
  }

  private double wash(Step step, MachineRun run, TextileLoad load, LabelFactors factors) {
    double wantedL = Liquor.main(job.machine(), run.programme(), load) * factors.water();
    double liquorL = Math.max(wantedL, retainedL);
    double carriedSorbedL = wet.sorbedL();
    dissolved =
        dissolved.intoBath(step.doses(), retainedL, carriedSorbedL, liquorL, load.sorbedL());
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
            ? steamHeat(run, load, retained(load, run.programme().interimRpm())).washMinutes(run)
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

  private SteamHeat steamHeat(MachineRun run, TextileLoad load, double heldL) {
    return SteamHeat.of(job, run.temperatureC(), load, heldL);
  }

  /** The textile is heated by steam that condenses on it, not by a bath. */
  private void steam(Step step, MachineRun run, TextileLoad load, double heldL) {
    SteamHeat heat = steamHeat(run, load, heldL);
    double up = heat.upMinutes();
    double hold = Programme.STEAM_HOLD_MINUTES;
    List<TemperaturePoint> profile =
        List.of(
            new TemperaturePoint(0, job.roomC()),
            new TemperaturePoint(up, run.temperatureC()),
            new TemperaturePoint(up + hold, run.temperatureC()));
    contents.add(contents(step, run, load));
    baths.add(
        BathBuilder.builder()
            .step(step.number())
            .type(Bath.Type.STEAM)
            .startMinute(clock)
            .minutes(up + hold)
            .liquorL(heldL + heat.steamL())
            .freshL(heat.steamL())
            .profile(profile)
            .setC(run.temperatureC())
            .detergentGL(dissolved.detergentGL())
            .heaterKwh(heat.heatingKwh() + heat.holdingKwh())
            .build());
    energy.draws(heat.heatingKwh(), clock, up);
    energy.draws(heat.holdingKwh(), clock + up, hold);
    litres += heat.steamL();
    clock += up + hold;
  }

  private void intoRinse(
      Step step, TextileLoad load, double rinseL, double heldL, PlannedDose.Into into) {
    for (PlannedDose dose : step.doses()) {
      if (dose.into() == into) {
        dissolved = dissolved.intoRinse(dose, rinseL, heldL + load.sorbedL());
        productCost += dose.dose().roundedDoseG() * dose.product().pricePerG();
      }
    }
  }

  private void rinse(Step step, MachineRun run, TextileLoad load, double rinseL, double heldL) {
    dissolved = dissolved.rinsed(heldL, load.sorbedL(), rinseL);
    int minutes = run.programme().rinseMinutes();
    bath(new Filling(step, run, Bath.Type.RINSE, load, 1), rinseL + heldL, rinseL, minutes, 0);
    wet = load;
  }

  /** Covers in clean water of their own: they carry nothing on and take nothing up. */
  private void apart(Step step, MachineRun run) {
    DissolvedProducts kept = dissolved;
    dissolved = DissolvedProducts.NONE;
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
    dissolved = kept;
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
        BathTemperatureBathBuilder.builder()
            .load(f.load)
            .waterL(liquorL)
            .inletC(inletC(f.run, f.type))
            .roomC(job.roomC())
            .setC(setC)
            .minutes(minutes)
            .heaterW(heaterW)
            .lossWK(BathTemperature.USUAL_LOSS_W_K)
            .vesselJK(byHand() ? BathTemperature.BUCKET_J_K : BathTemperature.MACHINE_J_K)
            .build();
    boolean letsGo = setC > 0 && measured != null && measured.holdMinutes() != null;
    BathTemperature temperature =
        letsGo ? BathTemperature.held(course, measured.holdMinutes()) : BathTemperature.of(course);
    double heaterKwh = temperature.heaterKwh() * f.heaterFactor;
    contents.add(contents(f.step, f.run, f.load));
    baths.add(
        BathBuilder.builder()
            .step(f.step.number())
            .type(f.type)
            .startMinute(clock)
            .minutes(minutes)
            .liquorL(liquorL)
            .freshL(freshL)
            .profile(temperature.profile())
            .setC(setC)
            .detergentGL(dissolved.detergentGL())
            .heaterKwh(heaterKwh)
            .build());
    double up = temperature.minutesToSet() == null ? minutes : temperature.minutesToSet();
    double heating =
        Math.min(heaterKwh, heaterW * up / MINUTES_PER_HOUR / W_PER_KW * f.heaterFactor);
    energy.draws(heating, clock, up);
    energy.draws(heaterKwh - heating, clock + up, minutes - up);
    litres += freshL;
    clock += minutes;
  }

  private Outcome.Contents contents(Step step, MachineRun run, TextileLoad load) {
    double held = retained(load, run.programme().interimRpm()) + load.sorbedL();
    double fresh = Liquor.rinse(job.machine(), run.programme(), load);
    double factor = held / (held + Solution.MIXING * fresh);
    return new Outcome.Contents(step.number(), step.apart(), dissolved.gramsPerL(), factor);
  }

  private void spin(Step step, MachineRun run, TextileLoad load) {
    retainedL = retained(load, run.spinRpm());
    int minutes = run.programme().spinMinutes();
    contents.add(contents(step, run, load));
    baths.add(
        BathBuilder.builder()
            .step(step.number())
            .type(Bath.Type.SPIN)
            .startMinute(clock)
            .minutes(minutes)
            .liquorL(retainedL)
            .freshL(0)
            .profile(List.of())
            .setC(0)
            .detergentGL(dissolved.detergentGL())
            .heaterKwh(0)
            .build());
    clock += minutes;
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

  private Outcome outcome(int finalRpm) {
    TextileLoad load = job.wholeLoad();
    SpinRetention last = spun(load, finalRpm);
    List<Cleaning> soils = cleaning.soils();
    Double lifted = cleaning.size() == 0 ? null : cleaning.germs().liftedLog();
    HygieneEstimate hygiene =
        HygieneEstimate.of(
            phases.stream().map(p -> p.phase(job.machine(), soils)).toList(),
            lifted == null ? 0 : lifted);
    double peak = baths.stream().mapToDouble(Bath::peakC).max().orElse(job.water().inletC());
    Solution detergent = new Solution(dissolved.detergentGL());
    return OutcomeBuilder.builder()
        .baths(baths)
        .hygiene(hygiene)
        .goal(job.goal())
        .verdict(job.goal().judge(hygiene, peak))
        .residueMgKg(detergent.residueMgKg(last.retainedL(), load.sorbedL(), load.massKg()))
        .residueTarget(job.residueTarget())
        .sudsVisible(detergent.sudsVisible())
        .litres(litres)
        .kwh(energy.kwh())
        .energyCost(energy.cost())
        .waterCost(litres * job.tariff().waterPerL())
        .productCost(productCost)
        .minutes(clock)
        .attendedMinutes(attended)
        .peakC(peak)
        .contents(contents)
        .wear(wear)
        .finalMoistureLKg(last.litresPerKgCotton())
        .soils(soils)
        .leftovers(dissolved.leftovers(last.retainedL(), load))
        .build();
  }
}
