package org.nestrinse.core.wash.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.nestrinse.core.bath.Cleaning;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.bath.HygieneEstimate;
import org.nestrinse.core.bath.Solution;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.sort.FillAdvice;
import org.nestrinse.core.wash.WashSaying;
import org.nestrinse.core.wash.step.Bath;
import org.nestrinse.core.wash.step.MachineRun;
import org.nestrinse.core.wash.step.Outcome;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;
import org.nestrinse.core.why.WhySource;

/** The reasons of every number of a routine, by key. Doses have the key {@code dose.STEP.INDEX}. */
public final class RoutineWhys {
  private final WashJob job;
  private final Routine routine;
  private final Outcome outcome;
  private final Map<String, Why> whys = new LinkedHashMap<>();

  private RoutineWhys(WashJob job, Routine routine) {
    this.job = job;
    this.routine = routine;
    this.outcome = routine.outcome();
  }

  /** Returns the reasons by key. */
  public static Map<String, Why> of(WashJob job, Routine routine) {
    RoutineWhys all = new RoutineWhys(job, routine);
    for (Step step : routine.steps()) {
      for (int i = 0; i < step.doses().size(); i++) {
        all.whys.put("dose." + step.number() + "." + i, step.doses().get(i).why());
      }
    }
    all.whys.put("fill", FillAdvice.why(all.fill(), job.machine()));
    all.temperature();
    all.cleaning();
    all.hygiene();
    all.residue();
    all.uses();
    all.wear();
    return all.whys;
  }

  private Fill fill() {
    return job.fill();
  }

  private Bath mainBath() {
    int main = routine.mainWash().number();
    return outcome.baths().stream()
        .filter(b -> b.step() == main && b.type() == Bath.Type.WASH)
        .findFirst()
        .orElseThrow();
  }

  private void temperature() {
    Bath bath = mainBath();
    boolean heated = bath.setC() > 0;
    double start = bath.profile().get(0).temperatureC();
    double end = bath.profile().get(bath.profile().size() - 1).temperatureC();
    Said title =
        heated
            ? Said.of(WashSaying.HOLDS)
                .with("temperature", Quantity.celsius(bath.setC()))
                .with("time", duration(bath.holdMinutes()))
            : Said.of(WashSaying.FROM_TO)
                .with("from", Quantity.celsius(start))
                .with("to", Quantity.celsius(end));
    whys.put(
        "temperature",
        Why.of(title, withBends(heated ? WashSaying.HEATED : WashSaying.UNHEATED))
            .line(WashSaying.WATER, litres(bath.liquorL()))
            .line(WashSaying.LOAD, new Quantity(job.wholeLoad().massKg(), Unit.KILOGRAM, 1))
            .line(WashSaying.TAP, Quantity.celsius(job.water().inletC()))
            .line(WashSaying.ROOM, Quantity.celsius(job.roomC()))
            .line(WashSaying.HEATER, Quantity.of(job.machine().heaterW(), Unit.WATT))
            .line(WashSaying.STARTS_AT, new Quantity(start, Unit.CELSIUS, 1))
            .line(WashSaying.BATH, duration(bath.minutes()))
            .total(WashSaying.AT_TEMPERATURE, duration(bath.holdMinutes()))
            .by(Model.TEMPERATURE));
  }

  private Said withBends(WashSaying first) {
    List<Said> all = new ArrayList<>(routine.bends());
    all.add(0, first.said());
    return Said.sentences(all);
  }

  private static Quantity duration(double minutes) {
    return Quantity.of(minutes, Unit.DURATION);
  }

  private static Quantity litres(double litres) {
    return new Quantity(litres, Unit.LITRE, 1);
  }

  private static Quantity leftover(double mgKg) {
    return Quantity.of(mgKg, Unit.MG_PER_KG);
  }

  private static Quantity kwh(double kwh) {
    return new Quantity(kwh, Unit.KILOWATT_HOUR, 2);
  }

  private static Quantity money(double money) {
    return new Quantity(money, Unit.MONEY, 2);
  }

  private void cleaning() {
    for (Cleaning soil : outcome.soils()) {
      whys.put("soil." + soil.soil().name().toLowerCase(Locale.ROOT), WashWords.whySoil(soil));
    }
    outcome.worstSoil().ifPresent(worst -> whys.put("soil", WashWords.whySoil(worst)));
    outcome.soils().stream()
        .filter(c -> c.soil().stains())
        .max(Comparator.comparingDouble(Cleaning::boundLeft))
        .ifPresent(c -> whys.put("stain", WashWords.whyStain(c, outcome.hygiene())));
  }

  private void hygiene() {
    HygieneEstimate h = outcome.hygiene();
    whys.put("heat", WashWords.whyHeat(h, outcome.peakC()));
    whys.put("oxygen", WashWords.whyOxygen(h));
    whys.put("lifted", WashWords.whyLifted(h, mainAgitation(), fill().main()));
    whys.put("hygiene", WashWords.whyGerms(h, outcome.goal(), outcome.verdict()));
  }

  private Said mainAgitation() {
    MachineRun run = routine.mainWash().run();
    return run == null
        ? Said.NOTHING
        : Said.of(WashSaying.MOVEMENT)
            .with("movement", run.programme().agitation())
            .with("rinses", run.rinses());
  }

  private void residue() {
    Said pieces = outcome.residueTarget().said();
    Why.Builder why =
        Why.of(
            leftover(outcome.residueMgKg()), Said.of(WashSaying.LEFTOVER).with("pieces", pieces));
    int main = routine.mainWash().number();
    outcome.baths().stream()
        .filter(b -> b.step() >= main && b.type() != Bath.Type.SPIN)
        .forEach(
            b ->
                why.line(
                    b.type() == Bath.Type.WASH ? WashSaying.MAIN_BATH : WashSaying.AFTER_A_RINSE,
                    new Quantity(b.detergentGL(), Unit.GRAM_PER_L, 3)));
    why.line(WashSaying.SUDS_FROM, new Quantity(Solution.SUDS_G_L, Unit.GRAM_PER_L, 2))
        .total(WashSaying.LEFT_ON_TEXTILE, leftover(outcome.residueMgKg()))
        .line(
            Said.of(WashSaying.TARGET).with("pieces", pieces),
            leftover(outcome.residueTarget().mgKg()));
    outcome.leftovers().stream()
        .filter(l -> l.mgKg() > 0.5 && l.product().purpose() != Product.Purpose.DETERGENT)
        .forEach(l -> why.line(l.product().name(), leftover(l.mgKg())));
    whys.put("residue", why.by(Model.RINSE));
  }

  private void wear() {
    Why.Builder wear =
        Why.of(
            Said.of(WashSaying.WEAR_TITLE).with("wear", new Quantity(outcome.wear(), Unit.NONE, 1)),
            WashSaying.WEAR);
    routine.steps().stream()
        .filter(s -> s.run() != null && !s.apart())
        .forEach(s -> wear.line(s.title(), duration(s.run().programme().washMinutes())));
    whys.put(
        "wear",
        wear.line(WashSaying.HOTTEST, Quantity.celsius(outcome.peakC()))
            .total(WashSaying.TOGETHER, new Quantity(outcome.wear(), Unit.NONE, 2))
            .by(Model.WEAR_OF_A_WASH, WhySource.OWN_FIGURES));
    Why.Builder care = Why.of(WashSaying.CARE_TITLE, WashSaying.CARE);
    job.all().stream()
        .map(p -> p.kind())
        .distinct()
        .forEach(k -> care.line(k.name(), k.limits().said()));
    whys.put("care", care.source(WashSaying.CARE_SOURCE));
  }

  private void uses() {
    double heater = outcome.baths().stream().mapToDouble(Bath::heaterKwh).sum();
    Why.Builder water = Why.of(Quantity.of(outcome.litres(), Unit.LITRE), WashSaying.FRESH_WATER);
    for (Step step : routine.steps()) {
      double fresh =
          outcome.baths().stream()
              .filter(b -> b.step() == step.number())
              .mapToDouble(Bath::freshL)
              .sum();
      if (fresh > 0) {
        water.line(step.title(), litres(fresh));
      }
    }
    whys.put("litres", water.total(WashSaying.TOGETHER, litres(outcome.litres())).by(Model.FILL));
    whys.put(
        "kwh",
        Why.of(kwh(outcome.kwh()), WashSaying.ELECTRICITY_USE)
            .line(WashSaying.HEATER, kwh(heater))
            .line(WashSaying.MOTOR, kwh(outcome.kwh() - heater))
            .total(WashSaying.TOGETHER, kwh(outcome.kwh()))
            .by(Model.TEMPERATURE));
    whys.put(
        "cost",
        Why.of(money(outcome.cost()), WashSaying.COST)
            .line(WashSaying.ELECTRICITY, money(outcome.energyCost()))
            .line(WashSaying.WATER, money(outcome.waterCost()))
            .line(WashSaying.PRODUCTS, money(outcome.productCost()))
            .total(WashSaying.TOGETHER, money(outcome.cost()))
            .by(Model.COST));
    boolean byHand = routine.steps().stream().anyMatch(s -> s.action() == Step.Action.BY_HAND);
    Why.Builder minutes =
        Why.of(duration(outcome.minutes()), byHand ? WashSaying.TIME_BY_HAND : WashSaying.TIME);
    routine.steps().forEach(s -> minutes.line(s.title(), duration(s.minutes())));
    whys.put(
        "minutes",
        minutes
            .total(WashSaying.TOGETHER, duration(outcome.minutes()))
            .line(WashSaying.YOUR_TIME, duration(outcome.attendedMinutes()))
            .source(byHand ? WashSaying.TIME_BY_HAND_SOURCE : WashSaying.TIME_SOURCE));
  }
}
