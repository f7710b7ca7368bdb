package org.nestrinse.core.wash;

import java.util.LinkedHashMap;
import java.util.Map;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.bath.HygieneEstimate;
import org.nestrinse.core.bath.Solution;
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

  private void hygiene() {
    HygieneEstimate h = outcome.hygiene();
    String notes = h.notes().isEmpty() ? "" : " " + String.join(" ", h.notes());
    whys.put(
        "heat",
        Why.of(
                "Heat, " + Numbers.of(h.heatLog(), 1) + " log",
                "A heat-tolerant germ falls to a tenth in 10 minutes at 60, and ten times faster for every 10 degrees"
                    + " more. It says nothing about spores."
                    + notes)
            .line("highest bath", Numbers.of(outcome.peakC(), 0) + " °C")
            .line("A₀ index", Numbers.of(h.a0(), 1) + " s")
            .line("recognised holding", h.recognisedHolding() ? "met" : "not met")
            .total("heat", Numbers.fixed(h.heatLog(), 1) + " log")
            .section(6));
    whys.put(
        "oxygen",
        Why.of(
                "Oxygen, " + Numbers.of(h.oxygenLog(), 1) + " log",
                "Oxygen whitener kills more the more of it is in the water, the warmer and the longer."
                    + notes)
            .total("oxygen", Numbers.fixed(h.oxygenLog(), 1) + " log")
            .section(6));
    whys.put(
        "removal",
        Why.of(
                "Lifted out, " + Numbers.of(h.removalLog(), 1) + " log",
                "Rubbing and detergent lift most of the soil off the fibre; each rinse carries away what floats. Baths"
                    + " multiply.")
            .line("main wash", routine.mainWash().run() == null ? "" : mainAgitation())
            .line("drum", Numbers.percent(fill().main()) + " full")
            .total("lifted out", Numbers.fixed(h.removalLog(), 1) + " log")
            .section(6));
    whys.put(
        "hygiene",
        Why.of(
                Numbers.fixed(h.totalLog(), 1) + " log, goal " + outcome.goal().words(),
                "1 log leaves a tenth, 3 log a thousandth. An estimate for comparing routines; nothing here is sterile. "
                    + "This one gives "
                    + outcome.verdict().words()
                    + "."
                    + notes)
            .line("heat", Numbers.fixed(h.heatLog(), 1))
            .line("oxygen", Numbers.fixed(h.oxygenLog(), 1))
            .line("additive", Numbers.fixed(h.additiveLog(), 1))
            .line("lifted out", Numbers.fixed(h.removalLog(), 1))
            .total("together", Numbers.fixed(h.totalLog(), 1))
            .line("goal " + outcome.goal().words(), Numbers.of(outcome.goal().totalLog(), 1))
            .section(6));
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
        Why.of(
                Numbers.fixed(outcome.cost(), 2),
                "Electricity by the price of the hour in which each run starts, water, and what the products cost by"
                    + " the gram.")
            .line("electricity", Numbers.fixed(outcome.energyCost(), 2))
            .line("water", Numbers.fixed(outcome.waterCost(), 2))
            .line("products", Numbers.fixed(outcome.productCost(), 2))
            .total("together", Numbers.fixed(outcome.cost(), 2))
            .section(11));
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
