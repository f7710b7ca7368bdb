package org.nestrinse.app.reset;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.Names;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.kit.kind.StockService;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.record.ObservationService;
import org.nestrinse.app.store.RecordType;
import org.nestrinse.app.store.StoredRecords;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.household.Stock;
import org.nestrinse.core.judge.Sign;
import org.nestrinse.core.reset.ResetPlan;
import org.nestrinse.core.reset.ResetRecipe;
import org.nestrinse.core.reset.ResetStep;
import org.nestrinse.core.reset.RinseOut;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.OutOfRange;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Resets: whether one is needed, and one carried through step by step. */
@Service
public class ResetService {
  private final ResetRepository resets;
  private final ResetPlanner planner;
  private final KindService kinds;
  private final StockService stock;
  private final HouseholdService households;
  private final ObservationService observations;
  private final ResetEnd end;
  private final ResetNeeds needs;
  private final StoredRecords records;
  private final Clock clock;

  ResetService(
      ResetRepository resets,
      ResetPlanner planner,
      KindService kinds,
      StockService stock,
      HouseholdService households,
      ObservationService observations,
      ResetEnd end,
      ResetNeeds needs,
      StoredRecords records,
      Clock clock) {
    this.resets = resets;
    this.planner = planner;
    this.kinds = kinds;
    this.stock = stock;
    this.households = households;
    this.observations = observations;
    this.end = end;
    this.needs = needs;
    this.records = records;
    this.clock = clock;
  }

  /** What is sent to begin: the request, the checks that were read, and who is at it. */
  public record Begin(
      ResetPlanner.@Nullable Request request,
      @Nullable List<@Nullable String> checksRead,
      @Nullable String carer) {}

  /**
   * What the water showed, as a value of the jar: clear, suds, grey or film; null to say nothing.
   */
  public record Tick(@Nullable String water) {}

  /** What is kept of a plan while it is done. */
  public record StoredReset(
      List<ResetStep> steps,
      List<Caution> cautions,
      double waterL,
      double level,
      double litres,
      double kwh) {
    StoredReset with(List<ResetStep> other) {
      return new StoredReset(other, cautions, waterL, level, litres, kwh);
    }
  }

  /**
   * Begins a reset; throws {@link StateConflict} when one is done already, a kind may not, or a
   * check is unread.
   */
  @Transactional
  public ResetViews.ResetRunning begin(Begin begin) {
    if (begin.request == null) {
      throw new OutOfRange("request", Allowed.MISSING, ResetRefusal.A_REQUEST);
    }
    if (resets.findFirstByState(ResetEntity.State.RUNNING).isPresent()) {
      throw new StateConflict(ResetRefusal.GOING);
    }
    ResetViews.ResetPlanned planned = planner.look(begin.request, needs.factor());
    planned.fits().stream()
        .filter(f -> !f.allowed())
        .findFirst()
        .ifPresent(
            f -> {
              throw new StateConflict(
                  Said.of(ResetRefusal.STOP)
                      .with("kind", f.kind())
                      .with("reason", f.reason())
                      .with("instead", f.instead()));
            });
    ResetViews.ResetPlanLine plan = Objects.requireNonNull(planned.plan());
    refuseUnread(plan.cautions(), begin.checksRead);
    ResetEntity e = new ResetEntity();
    e.state = ResetEntity.State.RUNNING;
    e.recipe = RequestChecks.choice("recipe", begin.request.recipe(), ResetRecipe.class);
    e.vessel = begin.request.vesselName();
    e.vesselL = RequestChecks.number("vesselL", begin.request.vesselL(), ResetPlan.VESSEL_L);
    e.startedAt = clock.instant();
    e.carer = RequestChecks.name("carer", begin.carer);
    e.predictedRinses = plan.rinses();
    e.factor = needs.factor();
    planner
        .pieces(begin.request)
        .forEach(
            (kind, count) -> {
              ResetEntity.PieceRow row = new ResetEntity.PieceRow();
              row.kindId = kind.id();
              row.kind = kind.name();
              row.pieces = count;
              e.pieces.add(row);
            });
    stock.move(
        ResetEnd.byId(planner.pieces(begin.request)),
        Stock.Whereabouts.CLEAN,
        Stock.Whereabouts.WASHING);
    steps(
        e,
        new StoredReset(
            plan.steps(), plan.cautions(), plan.waterL(), plan.level(), plan.litres(), plan.kwh()));
    try {
      return view(resets.saveAndFlush(e));
    } catch (DataIntegrityViolationException another) {
      throw new StateConflict(ResetRefusal.GOING);
    }
  }

  private static void refuseUnread(List<Caution> cautions, @Nullable List<@Nullable String> read) {
    Set<String> known =
        read == null ? Set.of() : read.stream().filter(k -> k != null).collect(Collectors.toSet());
    List<Said> unread =
        cautions.stream()
            .filter(c -> c.strength() == Caution.Strength.CHECK && !known.contains(c.key()))
            .map(Caution::title)
            .toList();
    if (!unread.isEmpty()) {
      throw new StateConflict(Said.of(ResetRefusal.READ_FIRST).with("titles", Said.row(unread)));
    }
  }

  /** Writes the steps as they now stand; what is done stays done. */
  private void steps(ResetEntity e, StoredReset kept) {
    e.planned = records.write(RecordType.RESET, kept);
    for (ResetStep s : kept.steps) {
      ResetEntity.StepRow row =
          s.number() <= e.steps.size() ? e.steps.get(s.number() - 1) : new ResetEntity.StepRow();
      row.number = s.number();
      row.title = s.title();
      row.minutes = s.minutes();
      if (s.number() > e.steps.size()) {
        e.steps.add(row);
      }
    }
    while (e.steps.size() > kept.steps.size()) {
      e.steps.remove(e.steps.size() - 1);
    }
  }

  private StoredReset kept(ResetEntity e) {
    return records.read(RecordType.RESET, String.valueOf(e.planned), StoredReset.class);
  }

  /** Returns the reset that is done now, or null. */
  @Transactional(readOnly = true)
  public ResetViews.@Nullable ResetRunning running() {
    return resets.findFirstByState(ResetEntity.State.RUNNING).map(this::view).orElse(null);
  }

  /** Returns how many pieces of each kind are in the reset that goes on, by its number. */
  @Transactional(readOnly = true)
  public Map<Long, Integer> washingByKind() {
    return resets
        .findFirstByState(ResetEntity.State.RUNNING)
        .map(e -> ResetEnd.byId(end.kindsOf(e)))
        .orElse(Map.of());
  }

  /** Returns the step that is on in the reset that goes on, or null. */
  @Transactional(readOnly = true)
  public @Nullable Said step() {
    return resets
        .findFirstByState(ResetEntity.State.RUNNING)
        .map(ResetEntity::current)
        .map(s -> s.title)
        .orElse(null);
  }

  /** Ticks the next step off; with the last one the pieces hang. */
  @Transactional
  public ResetViews.ResetRunning tick(long id, int number, Tick tick) {
    ResetEntity e = running(id);
    ResetEntity.StepRow row = next(e);
    if (row.number != number) {
      throw new StateConflict(
          Said.of(ResetRefusal.STEP_FIRST).with("number", row.number).with("step", row.title));
    }
    StoredReset kept = kept(e);
    ResetStep step = kept.steps.get(number - 1);
    if (tick.water != null && !step.asksWater()) {
      throw new StateConflict(ResetRefusal.NOT_LOOKED_AT);
    }
    row.water = tick.water == null ? null : Sign.JAR.value(tick.water).id();
    row.doneAt = clock.instant();
    if (row.water != null) {
      observe(e, number, row.water);
    }
    if (step.action() == ResetStep.Action.RINSE && e.recipe == ResetRecipe.RINSE_OUT) {
      rinsed(e, kept, step, row.water);
    }
    if (e.current() == null) {
      end.finish(e, kept(e));
    }
    return view(resets.saveAndFlush(e));
  }

  /** Suds ask for another rinse after the last; clear water leaves out those to come. */
  private void rinsed(ResetEntity e, StoredReset kept, ResetStep step, @Nullable String water) {
    List<ResetStep> steps = new ArrayList<>(kept.steps);
    boolean last = steps.get(step.number()).action() != ResetStep.Action.RINSE;
    if ("suds".equals(water) && last && step.number() < RinseOut.RINSES.max()) {
      steps.add(step.number(), step);
    } else if ("clear".equals(water)) {
      steps.removeIf(s -> s.number() > step.number() && s.action() == ResetStep.Action.RINSE);
    } else {
      return;
    }
    e.steps.get(step.number() - 1).plannedBefore = e.planned;
    steps(e, kept.with(ResetStep.numbered(steps)));
  }

  /** What the water shows, it shows of each kind that is in it, and of no other. */
  private void observe(ResetEntity e, int step, String water) {
    Names names = kinds.names();
    for (ResetEntity.PieceRow p : e.pieces) {
      observations.see(
          new ObservationService.Sent(
              Sign.JAR,
              water,
              null,
              Sign.Where.RESET,
              null,
              names.now(p.kindId, p.kind),
              e.carer,
              null),
          source(e, step));
    }
  }

  private static String source(ResetEntity e, int step) {
    return "reset/" + e.uid + "/" + step;
  }

  /** Takes the last tick back while it still goes on. */
  @Transactional
  public ResetViews.ResetRunning untick(long id) {
    ResetEntity e = running(id);
    ResetEntity.StepRow last =
        e.steps.stream()
            .filter(s -> s.doneAt != null)
            .reduce((a, b) -> b)
            .orElseThrow(() -> new StateConflict(ResetRefusal.NO_STEP_TICKED));
    last.doneAt = null;
    last.water = null;
    observations.forget(source(e, last.number));
    if (last.plannedBefore != null) {
      StoredReset before = records.read(RecordType.RESET, last.plannedBefore, StoredReset.class);
      last.plannedBefore = null;
      steps(e, before);
    }
    return view(resets.saveAndFlush(e));
  }

  /** Stops before anything is wet: the pieces are back on the shelf. */
  @Transactional
  public void stop(long id) {
    ResetEntity e = running(id);
    boolean wet =
        kept(e).steps.stream()
            .anyMatch(
                s ->
                    (s.action() == ResetStep.Action.PUT_IN || s.action() == ResetStep.Action.RINSE)
                        && e.steps.get(s.number() - 1).doneAt != null);
    if (wet) {
      throw new StateConflict(ResetRefusal.WET_ALREADY);
    }
    Map<Kind, Integer> pieces = end.kindsOf(e);
    e.state = ResetEntity.State.STOPPED;
    e.finishedAt = clock.instant();
    resets.saveAndFlush(e);
    stock.move(ResetEnd.byId(pieces), Stock.Whereabouts.WASHING, Stock.Whereabouts.CLEAN);
  }

  private ResetViews.ResetRunning view(ResetEntity e) {
    StoredReset kept = kept(e);
    ResetEntity.StepRow row = e.current();
    Instant now = clock.instant();
    Instant since = row == null ? null : e.currentSince();
    Instant ends = since == null ? null : since.plus(Duration.ofMinutes(row.minutes));
    long after =
        e.steps.stream()
            .filter(s -> row != null && s.doneAt == null && s.number > row.number)
            .mapToLong(s -> s.minutes)
            .sum();
    TimeWords words = households.timeWords();
    Instant over = ends == null || ends.isBefore(now) ? now : ends;
    return ResetViewsResetRunningBuilder.builder()
        .id(e.id)
        .state(e.state.name())
        .title(
            Said.of(ResetRefusal.TITLE)
                .with("recipe", e.recipe.said().capital())
                .with("pieces", e.contents(kinds.byId())))
        .steps(kept.steps)
        .done(e.steps.stream().map(s -> s.doneAt == null ? null : words.at(s.doneAt)).toList())
        .currentStep(row == null ? null : row.number)
        .currentSince(since)
        .currentEnds(ends)
        .readyWords(words.at(over.plus(Duration.ofMinutes(after))))
        .cautions(kept.cautions)
        .carer(e.carer)
        .waterL(kept.waterL)
        .level(kept.level)
        .predicted(e.predictedRinses)
        .build();
  }

  private static ResetEntity.StepRow next(ResetEntity e) {
    ResetEntity.StepRow next = e.current();
    if (next == null) {
      throw new StateConflict(ResetRefusal.EVERY_STEP_DONE);
    }
    return next;
  }

  private ResetEntity running(long id) {
    ResetEntity e = resets.findById(id).orElseThrow(() -> new NotFound(What.RESET, id));
    if (e.state != ResetEntity.State.RUNNING) {
      throw new StateConflict(ResetRefusal.OVER);
    }
    return e;
  }
}
