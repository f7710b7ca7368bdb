package org.nestrinse.app.wash;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.Household;
import org.nestrinse.app.kit.HouseholdService;
import org.nestrinse.app.kit.MachineService;
import org.nestrinse.app.kit.ProductService;
import org.nestrinse.app.sort.LoadPieces;
import org.nestrinse.app.sort.SortService;
import org.nestrinse.app.time.HouseClock;
import org.nestrinse.app.wash.WashViews.CannotWash;
import org.nestrinse.app.wash.WashViews.Comparison;
import org.nestrinse.app.wash.WashViews.Dominated;
import org.nestrinse.app.wash.WashViews.Figures;
import org.nestrinse.app.wash.WashViews.Plan;
import org.nestrinse.app.wash.WashViews.PlanDose;
import org.nestrinse.app.wash.WashViews.PlanStep;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.units.Numbers;
import org.nestrinse.core.wash.Bath;
import org.nestrinse.core.wash.CannotPlan;
import org.nestrinse.core.wash.Dominance;
import org.nestrinse.core.wash.MachineRun;
import org.nestrinse.core.wash.Outcome;
import org.nestrinse.core.wash.PlannedDose;
import org.nestrinse.core.wash.Routine;
import org.nestrinse.core.wash.RoutineWhys;
import org.nestrinse.core.wash.School;
import org.nestrinse.core.wash.Step;
import org.nestrinse.core.wash.WashJob;
import org.nestrinse.core.wash.WashPlanner;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans a load by the schools, from what is stored about the household. */
@Service
public class PlanService {
  private final SortService sort;
  private final HouseholdService households;
  private final MachineService machines;
  private final ProductService products;
  private final HouseClock clock;

  PlanService(
      SortService sort,
      HouseholdService households,
      MachineService machines,
      ProductService products,
      HouseClock clock) {
    this.sort = sort;
    this.households = households;
    this.machines = machines;
    this.products = products;
    this.clock = clock;
  }

  /** Returns every school on this load, for looking at side by side. */
  @Transactional(readOnly = true)
  public Comparison compare(long loadId) {
    LoadPieces pieces = sort.pieces(loadId);
    WashJob job = job(pieces, null);
    List<Routine> routines = new ArrayList<>();
    List<CannotWash> cannot = new ArrayList<>();
    for (School school : School.ALL) {
      try {
        routines.add(WashPlanner.plan(job, school));
      } catch (CannotPlan e) {
        cannot.add(new CannotWash(school.id(), school.name(), String.valueOf(e.getMessage())));
      }
    }
    List<Plan> plans = routines.stream().map(r -> view(job, r)).toList();
    List<Dominated> dominated =
        routines.stream()
            .flatMap(
                r ->
                    Dominance.by(r, routines)
                        .map(o -> new Dominated(r.school().id(), o.school().name()))
                        .stream())
            .toList();
    int bulkers = pieces.bulkers().stream().mapToInt(SoiledPieces::count).sum();
    return new Comparison(
        loadId,
        sort.title(loadId),
        pieces.count(),
        bulkers,
        WashPlanner.temperatures(job),
        plans,
        cannot,
        dominated);
  }

  /** Returns one school on this load, with the temperature that a person asks for, if any. */
  @Transactional(readOnly = true)
  public Plan plan(long loadId, String school, @Nullable Integer askedC) {
    WashJob job = job(sort.pieces(loadId), askedC);
    return view(job, WashPlanner.plan(job, School.of(school)));
  }

  /** Returns a load with everything that its routine depends on, as of now. */
  WashJob job(LoadPieces pieces, @Nullable Integer askedC) {
    Household household = households.current();
    Instant now = clock.instant();
    return new WashJob(
        pieces.first(),
        pieces.bulkers(),
        machines.machine(),
        household.water(),
        household.roomC(),
        products.products(),
        household.tariff(),
        household.goal(),
        household.trim(),
        now,
        now.atZone(household.zoneId()).toLocalTime(),
        askedC);
  }

  /** Returns a routine as it is shown and kept. */
  Plan view(WashJob job, Routine routine) {
    Integer nearest = null;
    if (routine.stop().isPresent() && job.askedC() != null) {
      MachineRun fitting = WashPlanner.plan(job.unasked(), routine.school()).mainWash().run();
      nearest = fitting == null ? null : fitting.temperatureC();
    }
    return new Plan(
        routine.school().id(),
        routine.school().name(),
        routine.school().belief(),
        routine.school().finish().drying(),
        job.askedC(),
        routine.steps().stream().map(PlanService::step).toList(),
        routine.outcome().baths(),
        figures(job, routine),
        routine.bends(),
        routine.cautions(),
        nearest,
        RoutineWhys.of(job, routine));
  }

  private static PlanStep step(Step s) {
    MachineRun run = s.run();
    List<PlanDose> doses = new ArrayList<>();
    for (int i = 0; i < s.doses().size(); i++) {
      PlannedDose d = s.doses().get(i);
      doses.add(
          new PlanDose(
              d.product().name(),
              d.measure(),
              d.dose().roundedDoseG(),
              d.product().purpose() == Product.Purpose.OXYGEN_WHITENER,
              "dose." + s.number() + "." + i));
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
        run == null ? null : run.programme().name(),
        run == null ? null : run.settings(),
        doses);
  }

  private Figures figures(WashJob job, Routine routine) {
    Outcome o = routine.outcome();
    Step main = routine.mainWash();
    MachineRun run = java.util.Objects.requireNonNull(main.run());
    double hold =
        o.baths().stream()
            .filter(b -> b.step() == main.number())
            .mapToDouble(Bath::holdMinutes)
            .sum();
    int rinses =
        routine.steps().stream()
            .filter(s -> s.wholeLoad() && s.run() != null)
            .mapToInt(s -> s.run().rinses())
            .sum();
    Fill fill = job.fill();
    Instant ready = job.now().plus(Duration.ofMinutes(Math.round(o.minutes())));
    return new Figures(
        run.programme().name(),
        run.temperatureC(),
        hold,
        o.peakC(),
        o.hygiene().heatLog(),
        o.hygiene().oxygenLog(),
        o.hygiene().additiveLog(),
        o.hygiene().removalLog(),
        o.hygiene().killLog(),
        o.hygiene().totalLog(),
        o.goal(),
        o.goal().words(),
        o.goal().totalLog(),
        o.verdict().met(),
        o.verdict().words(),
        o.residueMgKg(),
        o.residueTarget().mgKg(),
        o.residueMet(),
        o.sudsVisible(),
        rinses,
        routine.lastRun().spinRpm(),
        o.litres(),
        o.kwh(),
        o.cost(),
        o.minutes(),
        o.attendedMinutes(),
        Numbers.duration(o.minutes()),
        households.timeWords().at(ready),
        fill.massKg(),
        fill.main());
  }
}
