package org.nestrinse.app.wash.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.wash.plan.PlanViews.Figures;
import org.nestrinse.app.wash.plan.PlanViews.Plan;
import org.nestrinse.app.wash.plan.PlanViews.PlanDose;
import org.nestrinse.app.wash.plan.PlanViews.PlanStep;
import org.nestrinse.core.bath.BathWords;
import org.nestrinse.core.bath.Cleaning;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.wash.machine.ProgrammeChoice;
import org.nestrinse.core.wash.plan.Routine;
import org.nestrinse.core.wash.plan.RoutineWhys;
import org.nestrinse.core.wash.step.Bath;
import org.nestrinse.core.wash.step.MachineRun;
import org.nestrinse.core.wash.step.Outcome;
import org.nestrinse.core.wash.step.PlannedDose;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;
import org.springframework.stereotype.Component;

/** A routine as it is shown and kept: its steps, its figures, its reasons. */
@Component
public class PlanPicture {
  private static final double LEAST_LEFTOVER_MG_KG = 1;

  private final HouseholdService households;

  PlanPicture(HouseholdService households) {
    this.households = households;
  }

  /** Returns a routine as it is shown and kept. */
  public Plan view(WashJob job, Routine routine) {
    // The button does what the sentence of the stop says.
    Integer nearest =
        routine.cautions().stream()
            .filter(c -> c.strength() == Caution.Strength.STOP && c.nearestC() != null)
            .map(Caution::nearestC)
            .findFirst()
            .orElse(null);
    return new Plan(
        routine.school().id(),
        routine.school().name(),
        routine.school().belief(),
        routine.school().finish().drying(),
        job.askedC(),
        routine.steps().stream().map(s -> step(s, routine.outcome())).toList(),
        routine.outcome().baths(),
        figures(job, routine),
        routine.bends(),
        routine.cautions(),
        nearest,
        RoutineWhys.of(job, routine),
        routine.imitation(),
        job.machine().name(),
        WashJob.weakestInHeat(job.all()).name(),
        ProgrammeChoice.temperatures(job));
  }

  private static PlanStep step(Step s, Outcome outcome) {
    MachineRun run = s.run();
    boolean machine = s.action() == Step.Action.RUN;
    List<PlanDose> doses = new ArrayList<>();
    for (int i = 0; i < s.doses().size(); i++) {
      PlannedDose d = s.doses().get(i);
      doses.add(
          new PlanDose(
              d.product().name(),
              d.measure(),
              d.dose().roundedDoseG(),
              d.product().purpose() == Product.Purpose.OXYGEN_WHITENER,
              "dose." + s.number() + "." + i,
              d.product().id(),
              d.inSoftenerDrawer(machine ? run : null),
              atMinute(s, d, outcome)));
    }
    return new PlanStep(
        s.number(),
        s.action(),
        s.title(),
        s.detail(),
        s.wholeLoad(),
        s.attended(),
        s.minutes(),
        s.reason(),
        run == null || !machine ? null : run.programme().name(),
        run == null || !machine ? null : run.settings(),
        doses,
        run == null || run.pauseMinutes() == 0 ? null : Integer.valueOf(run.pauseMinutes()));
  }

  /** The minute of the routine at which a product comes into the water. */
  private static double atMinute(Step s, PlannedDose dose, Outcome outcome) {
    List<Bath> own =
        outcome.baths().stream()
            .filter(b -> b.step() == s.number() && b.type() != Bath.Type.SPIN)
            .toList();
    if (own.isEmpty()) {
      return 0;
    }
    boolean last = dose.into() == PlannedDose.Into.LAST_RINSE;
    return (last ? own.get(own.size() - 1) : own.get(0)).startMinute();
  }

  /** Returns what a routine does and costs. */
  Figures figures(WashJob job, Routine routine) {
    Outcome o = routine.outcome();
    Step main = routine.mainWash();
    MachineRun run = Objects.requireNonNull(main.run());
    Cleaning worst = o.worstSoil().orElse(null);
    Fill fill = job.fill();
    List<PlannedDose> doses = routine.steps().stream().flatMap(s -> s.doses().stream()).toList();
    Instant ready = job.now().plus(Duration.ofMinutes(Math.round(o.minutes())));
    return new Figures(
        run.programme().name(),
        run.temperatureC(),
        hold(o, main),
        o.peakC(),
        o.hygiene().heatLog(),
        o.hygiene().oxygenLog(),
        o.hygiene().additiveLog(),
        o.hygiene().liftedLog(),
        o.hygiene().killLog(),
        o.hygiene().totalLog(),
        o.goal(),
        o.goal().said(),
        o.goal().totalLog(),
        o.verdict().met(),
        o.verdict().said(),
        o.residueMgKg(),
        o.residueTarget().mgKg(),
        o.residueMet(),
        o.sudsVisible(),
        rinses(routine, main),
        routine.lastRun().spinRpm(),
        o.litres(),
        o.kwh(),
        o.cost(),
        o.minutes(),
        o.attendedMinutes(),
        Said.duration(o.minutes()),
        households.timeWords().at(ready),
        fill.massKg(),
        fill.main(),
        o.wear(),
        o.targetGL(),
        routine.careMarginK(job),
        doses.stream()
            .filter(d -> d.product().purpose() == Product.Purpose.DETERGENT)
            .mapToDouble(d -> d.dose().roundedDoseG())
            .sum(),
        routine.doseShare(),
        doses.stream().anyMatch(d -> d.product().coats()),
        job.trim(),
        o.hygiene().said(),
        o.hygiene().lowLog(),
        o.hygiene().highLog(),
        worst == null ? null : Double.valueOf(worst.soilLeft()),
        worst == null ? null : BathWords.of(worst),
        worst == null ? null : worst.cleanness(),
        worst == null ? null : Double.valueOf(worst.set()),
        worst == null ? null : worst.soil(),
        o.stainLeft().isPresent() ? Double.valueOf(o.stainLeft().getAsDouble()) : null,
        o.soils().stream().map(PlanPicture::soil).toList(),
        leftovers(o));
  }

  private static double hold(Outcome o, Step main) {
    return o.baths().stream()
        .filter(b -> b.step() == main.number())
        .mapToDouble(Bath::holdMinutes)
        .sum();
  }

  private static int rinses(Routine routine, Step main) {
    return routine.steps().stream()
        .filter(s -> s.wholeLoad() && s.run() != null && s.number() >= main.number())
        .mapToInt(s -> s.run().rinses())
        .sum();
  }

  private static List<PlanViews.LeftoverLine> leftovers(Outcome o) {
    return o.leftovers().stream()
        .filter(l -> l.product().purpose() != Product.Purpose.DETERGENT)
        .filter(l -> l.mgKg() >= LEAST_LEFTOVER_MG_KG)
        .map(l -> new PlanViews.LeftoverLine(l.product().name(), l.mgKg()))
        .toList();
  }

  private static PlanViews.SoilLine soil(Cleaning c) {
    return new PlanViews.SoilLine(
        c.soil(),
        c.soil().said(),
        BathWords.of(c),
        c.soilLeft(),
        "soil." + c.soil().name().toLowerCase(Locale.ROOT));
  }
}
