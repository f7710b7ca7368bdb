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
    return PlanViewsPlanBuilder.builder()
        .school(routine.school().id())
        .schoolName(routine.school().name())
        .belief(routine.school().belief())
        .drying(routine.school().finish().drying())
        .askedC(job.askedC())
        .steps(routine.steps().stream().map(s -> step(s, routine.outcome())).toList())
        .baths(routine.outcome().baths().stream().map(Bath::drawn).toList())
        .figures(figures(job, routine))
        .bends(routine.bends())
        .cautions(routine.cautions())
        .nearestC(nearest)
        .whys(RoutineWhys.of(job, routine))
        .imitation(routine.imitation())
        .machine(job.machine().name())
        .weakest(WashJob.weakestInHeat(job.all()).name())
        .temperaturesC(ProgrammeChoice.temperatures(job))
        .build();
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
    return PlanViewsPlanStepBuilder.builder()
        .number(s.number())
        .action(s.action())
        .title(s.title())
        .detail(s.detail())
        .wholeLoad(s.wholeLoad())
        .attended(s.attended())
        .minutes(s.minutes())
        .reason(s.reason())
        .programme(run == null || !machine ? null : run.programme().name())
        .settings(run == null || !machine ? null : run.settings())
        .doses(doses)
        .pauseMinutes(
            run == null || run.pauseMinutes() == 0 ? null : Integer.valueOf(run.pauseMinutes()))
        .build();
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
    Instant ready = job.now().plus(Duration.ofMinutes(Math.round(o.minutes())));
    return PlanViewsFiguresBuilder.builder()
        .programme(run.programme().name())
        .temperatureC(run.temperatureC())
        .holdMinutes(hold(o, main))
        .peakC(o.peakC())
        .heatLog(o.hygiene().heatLog())
        .oxygenLog(o.hygiene().oxygenLog())
        .additiveLog(o.hygiene().additiveLog())
        .liftedLog(o.hygiene().liftedLog())
        .killLog(o.hygiene().killLog())
        .totalLog(o.hygiene().totalLog())
        .goal(o.goal())
        .goalWords(o.goal().said())
        .goalLog(o.goal().totalLog())
        .goalMet(o.verdict().met())
        .goalVerdict(o.verdict().said())
        .residueMgKg(o.residueMgKg())
        .residueTargetMgKg(o.residueTarget().mgKg())
        .residueMet(o.residueMet())
        .sudsVisible(o.sudsVisible())
        .rinses(rinses(routine, main))
        .spinRpm(routine.lastRun().spinRpm())
        .litres(o.litres())
        .kwh(o.kwh())
        .cost(o.cost())
        .minutes(o.minutes())
        .attendedMinutes(o.attendedMinutes())
        .durationWords(Said.duration(o.minutes()))
        .readyWords(households.timeWords().at(ready))
        .massKg(fill.massKg())
        .fill(fill.main())
        .wear(o.wear())
        .targetGL(o.targetGL())
        .careMarginK(routine.careMarginK(job))
        .detergentG(routine.detergentG())
        .doseShare(routine.doseShare())
        .coats(routine.coats())
        .trim(job.trim())
        .germsWords(o.hygiene().said())
        .lowLog(o.hygiene().lowLog())
        .highLog(o.hygiene().highLog())
        .soilLeft(worst == null ? null : Double.valueOf(worst.soilLeft()))
        .soilWords(worst == null ? null : BathWords.of(worst))
        .cleanness(worst == null ? null : worst.cleanness())
        .setLeft(worst == null ? null : Double.valueOf(worst.set()))
        .worstSoil(worst == null ? null : worst.soil())
        .stainLeft(o.stainLeft().isPresent() ? Double.valueOf(o.stainLeft().getAsDouble()) : null)
        .soils(o.soils().stream().map(PlanPicture::soil).toList())
        .leftovers(leftovers(o))
        .build();
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
