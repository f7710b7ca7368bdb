package org.nestrinse.app.wash.round;

import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.sort.SortService;
import org.nestrinse.app.wash.RoundSaying;
import org.nestrinse.app.wash.plan.PlanViews.PlanDose;
import org.nestrinse.app.wash.plan.PlanViews.PlanStep;
import org.nestrinse.app.wash.round.RoundViews.EventKind;
import org.nestrinse.app.wash.round.RoundViews.Round;
import org.nestrinse.core.run.Branch;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Range;
import org.nestrinse.core.wash.step.Step;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Doing a round: ticking off, looking and answering, holding, skipping, handing over. */
@Service
public class RunService {
  private static final int LONGEST_REASON = 200;
  private static final Range SHARE = new Range(0, 2, Unit.OF_THE_DOSE);
  private static final Range MORE_MINUTES = new Range(1, 120, Unit.MINUTE);

  private final GoingRounds going;
  private final AnswerService answers;
  private final RoundEnd end;
  private final RoundRepository rounds;
  private final RoundPicture look;
  private final SortService sort;
  private final DoseLog doses;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  RunService(
      GoingRounds going,
      AnswerService answers,
      RoundEnd end,
      RoundRepository rounds,
      RoundPicture look,
      SortService sort,
      DoseLog doses,
      ApplicationEventPublisher events,
      Clock clock) {
    this.going = going;
    this.answers = answers;
    this.end = end;
    this.rounds = rounds;
    this.look = look;
    this.sort = sort;
    this.doses = doses;
    this.events = events;
    this.clock = clock;
  }

  /**
   * What is sent when a step is ticked off.
   *
   * @param shares of each planned dose what really went in, 1 for all of it; null for all of all
   * @param carer who did it, or null
   */
  public record Tick(@Nullable List<@Nullable Double> shares, @Nullable String carer) {
    /** Everything as planned. */
    public static final Tick AS_PLANNED = new Tick(null, null);
  }

  /** What is sent with a reason. */
  public record Because(@Nullable String why, @Nullable String carer) {}

  /** What is sent to take more time. */
  public record More(@Nullable Integer minutes, @Nullable String carer) {}

  /** Ticks the next step off as planned. */
  @Transactional
  public Round tick(long id, int number) {
    return tick(id, number, Tick.AS_PLANNED);
  }

  /** Ticks the next step off; with the last one the round leaves the machine and hangs. */
  @Transactional
  public Round tick(long id, int number, Tick tick) {
    RoundEntity e = going.going(id);
    RoundEntity.StepRow next = GoingRounds.next(e);
    if (next.number != number) {
      throw new StateConflict(
          Said.of(RoundSaying.STEP_FIRST).with("number", next.number).with("step", next.title));
    }
    resumed(e, tick.carer);
    boolean otherwise = dose(e, next, tick);
    next.doneAt = clock.instant();
    GoingRounds.happened(e, number, EventKind.DONE, null, next.title, next.doneAt, tick.carer);
    if (otherwise) {
      going.rework(e, look.steps(e));
    }
    if (e.state == RoundState.RUNNING && look.tooSoon(e, next)) {
      e.figures = e.figures.with(e.figures.estimate().with(true));
      e.mainNotRun |= look.washesAll(e, next);
    }
    return e.current() == null ? end.finished(e) : going.kept(e);
  }

  /** Notes which doses went in, and returns whether of some it was not all. */
  private boolean dose(RoundEntity e, RoundEntity.StepRow row, Tick tick) {
    List<PlanDose> planned = step(e, row.number).doses();
    List<@Nullable Double> shares = new ArrayList<>();
    boolean otherwise = false;
    for (int i = 0; i < planned.size(); i++) {
      Double sent = tick.shares == null || i >= tick.shares.size() ? null : tick.shares.get(i);
      double share = sent == null ? 1 : RequestChecks.number("shares", sent, SHARE);
      PlanDose dose = planned.get(i);
      shares.add(share);
      if (share != 1) {
        otherwise = true;
        Said words =
            share == 0
                ? Said.of(RoundSaying.NONE_OF).with("product", dose.product())
                : Said.of(RoundSaying.SHARE_OF)
                    .with("share", Quantity.share(share))
                    .with("measure", dose.measure())
                    .with("product", dose.product());
        GoingRounds.happened(
            e, row.number, EventKind.DOSED, null, words, clock.instant(), tick.carer);
      }
      if (e.state == RoundState.RUNNING && dose.productId() != null && share > 0) {
        doses.put(e.id, row.number, dose.productId(), share * dose.grams());
      }
    }
    boolean known = !look.steps(e).isEmpty();
    row.shares = otherwise && known ? new DoseShares(shares) : null;
    return row.shares != null;
  }

  private PlanStep step(RoundEntity e, int number) {
    return look.going(e).steps().get(number - 1);
  }

  /** What is sent to say whether the machine really ran. */
  public record Ran(@Nullable Boolean ran) {}

  /** Notes whether the machine really ran what was ticked off so soon. */
  @Transactional
  public Round ran(long id, Ran sent) {
    RoundEntity e = going.entity(id);
    boolean didNot = !RequestChecks.yesNo("ran", sent.ran);
    e.figures = e.figures.with(e.figures.estimate().with(didNot));
    if (e.mainNotRun && didNot) {
      end.didNotRun(e);
    } else if (e.hasPlan) {
      RoundService.figures(e, look.going(e));
    }
    rounds.saveAndFlush(e);
    events.publishEvent(new RoundChanged(e.id));
    return look.view(e);
  }

  /** Takes the last tick back while the round still goes. */
  @Transactional
  public Round untick(long id) {
    RoundEntity e = going.going(id);
    RoundEntity.StepRow last =
        e.steps.stream()
            .filter(s -> s.doneAt != null)
            .reduce((a, b) -> b)
            .orElseThrow(() -> new StateConflict(RoundSaying.NO_STEP_TICKED));
    if (e.current() != null) {
      // What was looked at after it belongs to it.
      while (AnswerService.lastAnswer(e, "").isPresent()) {
        answers.takeBack(e, AnswerService.lastAnswer(e, "").get());
      }
    }
    last.doneAt = null;
    doses.takeBack(e.id, last.number);
    if (last.shares != null) {
      last.shares = null;
      going.rework(e, look.steps(e));
    }
    GoingRounds.happened(
        e,
        last.number,
        EventKind.BACK,
        null,
        Said.of(RoundSaying.BACK_TO).with("step", last.title),
        clock.instant());
    return going.kept(e);
  }

  /** Leaves the current step out, with a reason; never loading, the main wash or unloading. */
  @Transactional
  public Round skip(long id, Because because) {
    RoundEntity e = going.going(id);
    RoundEntity.StepRow row = GoingRounds.next(e);
    String why = RequestChecks.text("why", because.why, LONGEST_REASON);
    List<Step> steps = new ArrayList<>(look.steps(e));
    if (steps.size() < row.number) {
      throw new StateConflict(RoundSaying.TOO_OLD_TO_SKIP);
    }
    Said never = Branch.neverLeftOut(steps, row.number);
    if (never != null) {
      throw new StateConflict(never);
    }
    resumed(e, because.carer);
    steps.remove(row.number - 1);
    e.steps.remove(row);
    GoingRounds.happened(
        e,
        row.number,
        EventKind.SKIPPED,
        null,
        Said.of(RoundSaying.SKIPPED).with("step", row.title).with("reason", why),
        clock.instant(),
        because.carer);
    going.rework(e, Step.numbered(steps));
    return going.kept(e);
  }

  /** Holds the round: the machine stopped, the power is gone, the child woke up. */
  @Transactional
  public Round hold(long id, Because because) {
    RoundEntity e = going.going(id);
    if (e.heldSince != null) {
      throw new StateConflict(RoundSaying.HELD_ALREADY);
    }
    e.heldSince = clock.instant();
    e.heldWhy = RequestChecks.text("why", because.why, LONGEST_REASON);
    GoingRounds.happened(
        e,
        GoingRounds.next(e).number,
        EventKind.HELD,
        null,
        Said.of(RoundSaying.HELD).with("reason", e.heldWhy),
        e.heldSince,
        because.carer);
    return going.kept(e);
  }

  /** Goes on after a hold. */
  @Transactional
  public Round resume(long id, Because because) {
    RoundEntity e = going.going(id);
    if (e.heldSince == null) {
      throw new StateConflict(RoundSaying.NOT_HELD);
    }
    resumed(e, because.carer);
    return going.kept(e);
  }

  /** Gives the current step more time. */
  @Transactional
  public Round more(long id, More more) {
    RoundEntity e = going.going(id);
    RoundEntity.StepRow row = GoingRounds.next(e);
    int minutes = RequestChecks.whole("minutes", more.minutes, MORE_MINUTES);
    row.moreMinutes += minutes;
    GoingRounds.happened(
        e,
        row.number,
        EventKind.MORE_TIME,
        null,
        Said.of(RoundSaying.MORE_MINUTES).with("minutes", Quantity.of(minutes, Unit.MINUTE)),
        clock.instant(),
        more.carer);
    return going.kept(e);
  }

  /** Hands the round over to another carer. */
  @Transactional
  public Round handOver(long id, Because to) {
    RoundEntity e = going.going(id);
    String name = RequestChecks.text("carer", to.carer, RequestChecks.LONGEST_PERSON);
    e.carer = name;
    GoingRounds.happened(
        e,
        GoingRounds.next(e).number,
        EventKind.HANDED_OVER,
        null,
        Said.of(RoundSaying.HANDED_OVER).with("person", name),
        clock.instant());
    return going.kept(e);
  }

  /**
   * Stops a wash that was started: its pieces are in their load again, and what went in stays taken
   * from its pack. It is no round of the record.
   */
  @Transactional
  public void stop(long id) {
    RoundEntity e = going.going(id);
    if (e.state == RoundState.PRACTISE) {
      stopPractice();
      return;
    }
    e.state = RoundState.STOPPED;
    e.finishedAt = clock.instant();
    e.heldSince = null;
    GoingRounds.happened(
        e,
        GoingRounds.next(e).number,
        EventKind.STOPPED,
        null,
        RoundSaying.STOPPED.said(),
        e.finishedAt);
    rounds.saveAndFlush(e);
    sort.reopen(e.loadId);
    events.publishEvent(new RoundChanged(e.id));
  }

  /** Stops practising and keeps nothing. */
  @Transactional
  public void stopPractice() {
    for (RoundEntity e : rounds.findByState(RoundState.PRACTISE)) {
      rounds.delete(e);
      events.publishEvent(new RoundChanged(e.id));
    }
  }

  private void resumed(RoundEntity e, @Nullable String carer) {
    if (e.heldSince == null) {
      return;
    }
    RoundEntity.StepRow row = GoingRounds.next(e);
    row.heldSeconds += Duration.between(e.heldSince, clock.instant()).toSeconds();
    e.heldSince = null;
    e.heldWhy = null;
    GoingRounds.happened(
        e, row.number, EventKind.RESUMED, null, RoundSaying.WENT_ON.said(), clock.instant(), carer);
  }
}
