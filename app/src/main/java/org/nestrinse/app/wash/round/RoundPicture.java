package org.nestrinse.app.wash.round;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.sort.LoadReader;
import org.nestrinse.app.store.RecordType;
import org.nestrinse.app.store.StoredRecords;
import org.nestrinse.app.store.Unreadable;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.app.wash.RoundSaying;
import org.nestrinse.app.wash.plan.PlanViews.Plan;
import org.nestrinse.app.wash.round.RoundViews.Round;
import org.nestrinse.app.wash.round.RoundViews.RoundStep;
import org.nestrinse.core.run.EarlyTick;
import org.nestrinse.core.run.Judgement;
import org.nestrinse.core.run.Stage;
import org.nestrinse.core.run.UnloadClock;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.wash.step.Step;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;

/** How a stored round is shown. */
@Component
class RoundPicture {
  private static final double SECONDS_PER_MINUTE = 60;

  private final LoadReader loads;
  private final HouseholdService households;
  private final StoredRecords records;
  private final Clock clock;

  RoundPicture(LoadReader loads, HouseholdService households, StoredRecords records, Clock clock) {
    this.loads = loads;
    this.households = households;
    this.records = records;
    this.clock = clock;
  }

  /** Returns the steps as they stand; none in rounds from before steps were kept. */
  List<Step> steps(RoundEntity e) {
    String kept = e.text(RoundEntity.Text.STEPS);
    return kept == null
        ? List.of()
        : records.read(RecordType.ROUND_STEPS, kept, new TypeReference<List<Step>>() {});
  }

  /**
   * Returns a plan as it was kept; throws {@link StateConflict} when this release cannot read it.
   */
  Plan plan(String kept) {
    try {
      return records.read(RecordType.ROUND_PLAN, kept, Plan.class);
    } catch (Unreadable e) {
      throw new StateConflict(RoundSaying.PLAN_NOT_READABLE);
    }
  }

  /** Returns the plan as it goes, or as it was made when nothing changed it. */
  Plan going(RoundEntity e) {
    String otherwise = e.text(RoundEntity.Text.GOING);
    return plan(otherwise == null ? String.valueOf(e.text(RoundEntity.Text.PLANNED)) : otherwise);
  }

  Round view(RoundEntity e) {
    RoundEntity.StepRow next = e.current();
    boolean current = next != null && e.going();
    Instant since = e.currentSince();
    Instant now = clock.instant();
    Instant ends = current ? ends(e, next, since, now) : null;
    String made = e.text(RoundEntity.Text.PLANNED);
    if (made == null) {
      throw new StateConflict(RoundSaying.ONLY_FIGURES);
    }
    Plan planned = plan(made);
    String otherwise = e.text(RoundEntity.Text.GOING);
    Plan going = otherwise == null ? planned : plan(otherwise);
    TimeWords words = households.timeWords();
    return RoundViewsRoundBuilder.builder()
        .id(e.id)
        .version(e.version)
        .state(e.state)
        .title(e.summary)
        .startedAt(e.startedAt)
        .startedWords(words.at(e.startedAt))
        .finishedAt(e.finishedAt)
        .note(e.note)
        .plan(going)
        .planned(otherwise == null ? null : planned)
        .steps(done(e))
        .currentStep(current ? next.number : null)
        .currentSince(current ? since : null)
        .currentEnds(ends)
        .stages(ends == null ? List.of() : stages(e, next, ends))
        .heldSince(e.heldSince)
        .heldWhy(e.heldWhy)
        .carer(e.carer)
        .judgements(current ? judgements(e, next) : List.of())
        .lying(current ? lying(e, next, since, ends, now) : null)
        .readyWords(ends == null ? Said.NOTHING : words.at(ready(e, next, ends, now)))
        .events(
            e.events.stream()
                .filter(x -> x.kind != null)
                .map(
                    x ->
                        new RoundViews.RoundEvent(
                            x.at, words.at(x.at), x.step, x.kind, x.words, x.carer))
                .toList())
        .setAside(e.loadId == null ? List.of() : loads.setAside(e.loadId))
        .early(e.figures.estimate().notRun() ? early(e) : List.of())
        .build();
  }

  /** Returns the steps of the machine that were ticked off sooner than they can run. */
  private List<Said> early(RoundEntity e) {
    List<Step> steps = steps(e);
    List<Said> early = new ArrayList<>();
    for (RoundStep done : done(e)) {
      boolean machine =
          done.number() <= steps.size() && steps.get(done.number() - 1).action() == Step.Action.RUN;
      Long took = done.tookMinutes();
      if (machine && took != null && EarlyTick.tooSoon(done.plannedMinutes(), took)) {
        early.add(EarlyTick.of(done.title(), done.plannedMinutes(), took));
      }
    }
    return early;
  }

  /** Returns whether a step that is done now was done sooner than its machine can run. */
  boolean tooSoon(RoundEntity e, RoundEntity.StepRow row) {
    List<Step> steps = steps(e);
    boolean machine =
        row.number <= steps.size() && steps.get(row.number - 1).action() == Step.Action.RUN;
    Long took =
        done(e).stream()
            .filter(s -> s.number() == row.number)
            .map(RoundStep::tookMinutes)
            .findFirst()
            .orElse(null);
    return machine && took != null && EarlyTick.tooSoon(row.minutes, took);
  }

  /** Returns whether a step washes the whole load. */
  boolean washesAll(RoundEntity e, RoundEntity.StepRow row) {
    List<Step> steps = steps(e);
    return row.number <= steps.size()
        && steps.get(row.number - 1).wholeLoad()
        && steps.get(row.number - 1).run() != null
        && steps.get(row.number - 1).run().washes();
  }

  /** When the current step should be over: more time and holds move it on. */
  private static Instant ends(RoundEntity e, RoundEntity.StepRow row, Instant since, Instant now) {
    long held = row.heldSeconds;
    if (e.heldSince != null) {
      held += Duration.between(e.heldSince, now).toSeconds();
    }
    return since.plus(Duration.ofMinutes((long) row.minutes + row.moreMinutes)).plusSeconds(held);
  }

  /** Reckoned from the end of the step, which moves when somebody holds it. */
  private List<RoundViews.StageView> stages(
      RoundEntity e, RoundEntity.StepRow row, Instant stepEnds) {
    List<Step> steps = steps(e);
    if (row.number > steps.size()) {
      return List.of();
    }
    List<Stage> stages = Stage.of(steps.get(row.number - 1), row.moreMinutes);
    Instant ends = stepEnds.minusSeconds(stages.stream().mapToLong(Stage::seconds).sum());
    List<RoundViews.StageView> shown = new ArrayList<>();
    for (Stage stage : stages) {
      ends = ends.plusSeconds(stage.seconds());
      shown.add(
          new RoundViews.StageView(
              stage.type().said(), (double) stage.seconds() / SECONDS_PER_MINUTE, ends));
    }
    return shown;
  }

  private static Instant ready(
      RoundEntity e, RoundEntity.StepRow current, Instant ends, Instant now) {
    long after =
        e.steps.stream()
            .filter(s -> s.doneAt == null && s.number > current.number)
            .mapToLong(s -> s.minutes)
            .sum();
    Instant over = ends.isAfter(now) ? ends : now;
    return over.plus(Duration.ofMinutes(after));
  }

  private static List<RoundStep> done(RoundEntity e) {
    List<RoundStep> steps = new ArrayList<>();
    Instant before = e.startedAt;
    for (RoundEntity.StepRow s : e.steps) {
      Long took = null;
      if (s.doneAt != null) {
        double seconds = Duration.between(before, s.doneAt).toSeconds() - s.heldSeconds;
        took = Math.max(0, Math.round(seconds / SECONDS_PER_MINUTE));
        before = s.doneAt;
      }
      steps.add(new RoundStep(s.number, s.title, s.minutes, s.doneAt, took, s.addedBecause));
    }
    return steps;
  }

  private List<RoundViews.JudgementView> judgements(RoundEntity e, RoundEntity.StepRow row) {
    List<Step> steps = steps(e);
    if (row.number > steps.size()) {
      return List.of();
    }
    Step step = steps.get(row.number - 1);
    boolean before = steps.stream().limit(row.number - 1L).anyMatch(s -> s.run() != null);
    boolean joins = step.wholeLoad() && !loads.pieces(e.loadId).bulkers().isEmpty();
    return Judgement.at(step, before, joins).stream()
        .map(
            j ->
                new RoundViews.JudgementView(
                    j.name(),
                    j.question(),
                    j.answers().stream()
                        .map(a -> new RoundViews.AnswerView(a.id(), a.words(), a.adds().said()))
                        .toList(),
                    given(e, row.number, j)))
        .toList();
  }

  private static @Nullable String given(RoundEntity e, int step, Judgement judgement) {
    String prefix = judgement.name() + "=";
    return e.events.stream()
        .filter(x -> x.step == step && x.code != null && x.code.startsWith(prefix))
        .map(x -> x.code.substring(prefix.length()))
        .reduce((a, b) -> b)
        .orElse(null);
  }

  /** From the end of the last run on the load lies wet in a closed drum. */
  private RoundViews.@Nullable Lying lying(
      RoundEntity e, RoundEntity.StepRow row, Instant since, @Nullable Instant ends, Instant now) {
    List<Step> steps = steps(e);
    if (row.number > steps.size()) {
      return null;
    }
    boolean unload = steps.get(row.number - 1).action() == Step.Action.UNLOAD;
    boolean lastRun =
        steps.get(row.number - 1).action() == Step.Action.RUN
            && row.number < steps.size()
            && steps.get(row.number).action() == Step.Action.UNLOAD;
    Instant from = unload ? since : lastRun ? ends : null;
    if (from == null || from.isAfter(now)) {
      return null;
    }
    double minutes = Duration.between(from, now).toSeconds() / SECONDS_PER_MINUTE;
    UnloadClock lies = new UnloadClock(minutes);
    return new RoundViews.Lying(from, lies.state(), lies.said());
  }
}
