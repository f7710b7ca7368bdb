package org.nestrinse.app.wash.round;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.sort.LoadPieces;
import org.nestrinse.app.sort.LoadReader;
import org.nestrinse.app.store.RecordType;
import org.nestrinse.app.store.StoredRecords;
import org.nestrinse.app.wash.RoundSaying;
import org.nestrinse.app.wash.plan.PlanPicture;
import org.nestrinse.app.wash.plan.PlanService;
import org.nestrinse.app.wash.plan.PlanViews;
import org.nestrinse.app.wash.plan.SchoolService;
import org.nestrinse.app.wash.round.RoundViews.EventKind;
import org.nestrinse.app.wash.round.RoundViews.Round;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.wash.plan.Routine;
import org.nestrinse.core.wash.step.PlannedDose;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** Rounds that are going: found, changed step by step, simulated anew, kept. */
@Component
class GoingRounds {
  private final RoundRepository rounds;
  private final RoundPicture look;
  private final PlanService plans;
  private final PlanPicture picture;
  private final SchoolService schools;
  private final LoadReader loads;
  private final ApplicationEventPublisher events;
  private final StoredRecords records;

  GoingRounds(
      RoundRepository rounds,
      RoundPicture look,
      PlanService plans,
      PlanPicture picture,
      SchoolService schools,
      LoadReader loads,
      ApplicationEventPublisher events,
      StoredRecords records) {
    this.rounds = rounds;
    this.look = look;
    this.plans = plans;
    this.picture = picture;
    this.schools = schools;
    this.loads = loads;
    this.events = events;
    this.records = records;
  }

  /** Returns a round; throws {@link NotFound}. */
  RoundEntity entity(long id) {
    return rounds.findById(id).orElseThrow(() -> new NotFound(What.ROUND, id));
  }

  /** Returns a round that is in the machine; throws {@link StateConflict} when it is not. */
  RoundEntity going(long id) {
    RoundEntity e = entity(id);
    if (!e.going()) {
      throw new StateConflict(RoundSaying.NOT_IN_MACHINE);
    }
    return e;
  }

  /** Returns the step that is on; throws {@link StateConflict} when every step is done. */
  static RoundEntity.StepRow next(RoundEntity e) {
    RoundEntity.StepRow next = e.current();
    if (next == null) {
      throw new StateConflict(RoundSaying.EVERY_STEP_DONE);
    }
    return next;
  }

  /** Keeps a round, tells everyone, and returns it as it is shown. */
  Round kept(RoundEntity e) {
    RoundEntity saved = rounds.saveAndFlush(e);
    events.publishEvent(new RoundChanged(saved.id));
    return look.view(saved);
  }

  /** What of a step's doses really went in. */
  private static Step taken(Step step, RoundEntity.@Nullable StepRow row) {
    if (row == null || row.shares == null) {
      return step;
    }
    List<PlannedDose> doses = new ArrayList<>();
    for (int i = 0; i < step.doses().size(); i++) {
      doses.add(row.shares.of(i, step.doses().get(i)));
    }
    return step.with(doses);
  }

  /**
   * Simulates the steps as they now stand, with what really went in, and brings the rows into their
   * order.
   */
  void rework(RoundEntity e, List<Step> steps) {
    PlanService.Request request =
        records.read(
            RecordType.ROUND_WISHES,
            String.valueOf(e.text(RoundEntity.Text.WISHES)),
            PlanService.Request.class);
    LoadPieces pieces = loads.pieces(e.loadId);
    WashJob job =
        plans.job(pieces, request.temperatureC(), request.wishes(), e.machineId).asWashed();
    List<Step> asDone = new ArrayList<>();
    for (int i = 0; i < steps.size(); i++) {
      asDone.add(taken(steps.get(i), i < e.steps.size() ? e.steps.get(i) : null));
    }
    Routine routine = Routine.rework(job, schools.of(e.school), asDone);
    e.text(
        RoundEntity.Text.STEPS,
        RecordType.ROUND_STEPS,
        records.write(RecordType.ROUND_STEPS, Step.numbered(steps)));
    PlanViews.Plan going = picture.view(job, routine);
    e.text(
        RoundEntity.Text.GOING, RecordType.ROUND_PLAN, records.write(RecordType.ROUND_PLAN, going));
    RoundService.figures(e, going);
    for (int i = 0; i < e.steps.size(); i++) {
      RoundEntity.StepRow row = e.steps.get(i);
      Step step = routine.steps().get(i);
      row.number = i + 1;
      row.title = step.title();
      row.minutes = step.minutes();
    }
  }

  /** Notes what happened, by the carer of the round. */
  static void happened(
      RoundEntity e, int step, EventKind kind, @Nullable String code, Said words, Instant at) {
    happened(e, step, kind, code, words, at, null);
  }

  /** Notes what happened; the carer of the round did it when none is named. */
  static void happened(
      RoundEntity e,
      int step,
      EventKind kind,
      @Nullable String code,
      Said words,
      Instant at,
      @Nullable String carer) {
    RoundEntity.EventRow row = new RoundEntity.EventRow();
    row.at = at;
    row.step = step;
    row.kind = kind;
    row.code = code;
    row.words = words;
    row.carer = carer == null ? e.carer : RequestChecks.name("carer", carer);
    e.events.add(row);
  }
}
