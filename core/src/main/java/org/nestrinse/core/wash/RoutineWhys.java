package org.nestrinse.core.wash;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.nestrinse.core.bath.Cleaning;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.bath.HygieneEstimate;
import org.nestrinse.core.bath.Solution;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.sort.FillAdvice;
import org.nestrinse.core.units.Numbers;
import org.nestrinse.core.why.Why;

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
    String bends = routine.bends().isEmpty() ? "" : " " + String.join(" ", routine.bends());
    boolean heated = bath.setC() > 0;
    double start = bath.profile().get(0).temperatureC();
    double end = bath.profile().get(bath.profile().size() - 1).temperatureC();
    String title =
        heated
            ? "Holds "
                + Numbers.of(bath.setC(), 0)
                + "° for "
                + Numbers.duration(bath.holdMinutes())
            : "From " + Numbers.of(start, 0) + "° to " + Numbers.of(end, 0) + "°";
    String sentence =
        heated
            ? "Cold tap water and a load at room temperature are heated to the set point and kept there."
            : "Nothing heats it: the water that runs in warms the load, and from there it nears the room.";
    whys.put(
        "temperature",
        Why.of(title, sentence + bends)
            .line("liquor", Numbers.of(bath.liquorL(), 1) + " L")
            .line("load", Numbers.of(job.wholeLoad().massKg(), 1) + " kg")
            .line("tap", Numbers.of(job.water().inletC(), 0) + " °C")
            .line("room", Numbers.of(job.roomC(), 0) + " °C")
            .line("heater", Numbers.of(job.machine().heaterW(), 0) + " W")
            .line("starts at", Numbers.of(bath.profile().get(0).temperatureC(), 1) + " °C")
            .line("bath", Numbers.duration(bath.minutes()))
            .total("at temperature", Numbers.duration(bath.holdMinutes()))
            .section(5));
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

  private String mainAgitation() {
    MachineRun run = routine.mainWash().run();
    return run == null ? "" : run.programme().agitation().words() + ", " + run.rinses() + " rinses";
  }

  private void residue() {
    Why.Builder why =
        Why.of(
            Numbers.of(outcome.residueMgKg(), 0) + " mg/kg",
            "What is dissolved in the water that the fibre keeps stays on it when it dries. Each rinse thins it. House"
                + " target for %s pieces, not a medical limit."
                    .formatted(outcome.residueTarget().words()));
    int main = routine.mainWash().number();
    outcome.baths().stream()
        .filter(b -> b.step() >= main && b.type() != Bath.Type.SPIN)
        .forEach(
            b ->
                why.line(
                    b.type() == Bath.Type.WASH ? "main bath" : "after a rinse",
                    Numbers.of(b.detergentGL(), 3) + " g/L"));
    why.line("suds are seen from", Numbers.of(Solution.SUDS_G_L, 2) + " g/L")
        .total("left on the textile", Numbers.of(outcome.residueMgKg(), 0) + " mg/kg")
        .line(
            "target, " + outcome.residueTarget().words(),
            Numbers.of(outcome.residueTarget().mgKg(), 0) + " mg/kg");
    outcome.leftovers().stream()
        .filter(l -> l.mgKg() > 0.5 && l.product().purpose() != Product.Purpose.DETERGENT)
        .forEach(l -> why.line(l.product().name(), Numbers.of(l.mgKg(), 0) + " mg/kg"));
    whys.put("residue", why.section(4));
  }

  private void wear() {
    Why.Builder wear =
        Why.of(
            "Wear " + Numbers.fixed(outcome.wear(), 1),
            "An ordinary hour at 40 is 1. Rubbing, heat, each rinse and a fast spin add; a house scale for comparing"
                + " routines.");
    routine.steps().stream()
        .filter(s -> s.run() != null && !s.apart())
        .forEach(s -> wear.line(s.title(), Numbers.duration(s.run().programme().washMinutes())));
    whys.put(
        "wear",
        wear.line("hottest", Numbers.of(outcome.peakC(), 0) + " °C")
            .total("together", Numbers.fixed(outcome.wear(), 2))
            .source("House scale, docs/models.md, wear of a wash."));
    Why.Builder care =
        Why.of(
            "What the pieces bear",
            "Every run is held against the limits of every piece in it; a hotter or faster one is a stop.");
    job.all().stream()
        .map(p -> p.kind())
        .distinct()
        .forEach(k -> care.line(k.name(), k.limits().words()));
    whys.put("care", care.source("Care labels in Kit, else the strictest of the parts."));
  }

  private void uses() {
    double heater = outcome.baths().stream().mapToDouble(Bath::heaterKwh).sum();
    Why.Builder litres =
        Why.of(Numbers.of(outcome.litres(), 0) + " L", "Fresh water of every bath.");
    for (Step step : routine.steps()) {
      double fresh =
          outcome.baths().stream()
              .filter(b -> b.step() == step.number())
              .mapToDouble(Bath::freshL)
              .sum();
      if (fresh > 0) {
        litres.line(step.title(), Numbers.of(fresh, 1) + " L");
      }
    }
    whys.put("litres", litres.total("together", Numbers.of(outcome.litres(), 1) + " L").section(2));
    whys.put(
        "kwh",
        Why.of(
                Numbers.of(outcome.kwh(), 2) + " kWh",
                "Nearly all of it heats water. The motor takes 0.10 kWh an hour and 0.02 for each spin.")
            .line("heater", Numbers.of(heater, 2) + " kWh")
            .line("motor and spins", Numbers.of(outcome.kwh() - heater, 2) + " kWh")
            .total("together", Numbers.of(outcome.kwh(), 2) + " kWh")
            .section(5));
    whys.put(
        "cost",
        Why.of(Numbers.fixed(outcome.cost(), 2), WashWords.costReason())
            .line("electricity", Numbers.fixed(outcome.energyCost(), 2))
            .line("water", Numbers.fixed(outcome.waterCost(), 2))
            .line("products", Numbers.fixed(outcome.productCost(), 2))
            .total("together", Numbers.fixed(outcome.cost(), 2))
            .section(13));
    Why.Builder minutes =
        Why.of(Numbers.duration(outcome.minutes()), "The machine works alone most of the time.");
    routine.steps().forEach(s -> minutes.line(s.title(), Numbers.duration(s.minutes())));
    whys.put(
        "minutes",
        minutes
            .total("together", Numbers.duration(outcome.minutes()))
            .line("with you there", Numbers.duration(outcome.attendedMinutes()))
            .source("Programme minutes of your machine; 9 min for a rinse, 9 for the spin."));
  }
}
