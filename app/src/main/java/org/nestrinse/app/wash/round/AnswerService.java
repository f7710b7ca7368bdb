package org.nestrinse.app.wash.round;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.machine.MachineService;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.wash.RoundSaying;
import org.nestrinse.app.wash.round.RoundViews.EventKind;
import org.nestrinse.app.wash.round.RoundViews.Round;
import org.nestrinse.core.run.Branch;
import org.nestrinse.core.run.Judgement;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.wash.step.Step;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was looked at in a round: answered, and taken back again. */
@Service
public class AnswerService {
  private static final int LONGEST_ANSWER = 200;

  private final GoingRounds going;
  private final RoundPicture look;
  private final MachineService machines;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  AnswerService(
      GoingRounds going,
      RoundPicture look,
      MachineService machines,
      ApplicationEventPublisher events,
      Clock clock) {
    this.going = going;
    this.look = look;
    this.machines = machines;
    this.events = events;
    this.clock = clock;
  }

  /** What is sent with an answer. */
  public record Sent(
      @Nullable Judgement judgement, @Nullable String answer, @Nullable String carer) {}

  /** Answers what was looked at; an answer can add a step, and all figures follow. */
  @Transactional
  public Round answer(long id, Sent sent) {
    RoundEntity e = going.going(id);
    Judgement judgement = RequestChecks.choice("judgement", sent.judgement, Judgement.class);
    Judgement.Answer answer =
        judgement.answer(RequestChecks.text("answer", sent.answer, LONGEST_ANSWER));
    // Whoever answers again means the last answer only.
    lastAnswer(e, judgement.name() + "=").ifPresent(before -> takeBack(e, before));
    RoundEntity.StepRow row = GoingRounds.next(e);
    boolean asked =
        look.view(e).judgements().stream().anyMatch(j -> j.id().equals(judgement.name()));
    if (!asked) {
      throw new StateConflict(RoundSaying.NOT_LOOKED_AT);
    }
    Said said =
        Said.of(RoundSaying.ANSWERED)
            .with("question", judgement.question())
            .with("answer", answer.words());
    String code = judgement.name() + "=" + answer.id();
    GoingRounds.happened(
        e, row.number, EventKind.ANSWERED, code, said, clock.instant(), sent.carer);
    if (e.state == RoundState.RUNNING) {
      String who = sent.carer == null ? e.carer : sent.carer;
      events.publishEvent(
          new RoundAnswered(
              e.id, judgement, answer.id(), who, clock.instant(), source(e, row.number, code)));
    }
    Branch.After after =
        Branch.of(look.steps(e), row.number, answer.adds(), machines.one(e.machineId).machine());
    if (!after.added().nothing()) {
      RoundEntity.StepRow added = new RoundEntity.StepRow();
      added.addedBecause = said;
      e.steps.add(row.number - 1, added);
      going.rework(e, after.steps());
      GoingRounds.happened(
          e,
          row.number,
          EventKind.ADDED,
          null,
          Said.of(RoundSaying.ADDED).with("step", after.added()),
          clock.instant(),
          sent.carer);
    }
    return going.kept(e);
  }

  /** Takes the last answer back that was given in this step, with what it added and reported. */
  @Transactional
  public Round unanswer(long id) {
    RoundEntity e = going.going(id);
    takeBack(
        e, lastAnswer(e, "").orElseThrow(() -> new StateConflict(RoundSaying.NOTHING_ANSWERED)));
    return going.kept(e);
  }

  /**
   * An answer of the step that is on: what it added comes before that step, so it has its number.
   */
  static Optional<RoundEntity.EventRow> lastAnswer(RoundEntity e, String code) {
    RoundEntity.StepRow row = GoingRounds.next(e);
    return e.events.stream()
        .filter(x -> x.kind == EventKind.ANSWERED && x.step == row.number)
        .filter(x -> x.code != null && x.code.startsWith(code))
        .reduce((a, b) -> b);
  }

  void takeBack(RoundEntity e, RoundEntity.EventRow answer) {
    Said because = answer.words;
    List<Step> steps = new ArrayList<>(look.steps(e));
    e.steps.stream()
        .filter(s -> s.doneAt == null && because.equals(s.addedBecause))
        .findFirst()
        .ifPresent(
            added -> {
              steps.remove(added.number - 1);
              e.steps.remove(added);
              going.rework(e, Step.numbered(steps));
            });
    events.publishEvent(new RoundAnswered.TakenBack(source(e, answer.step, answer.code)));
    answer.code = null;
    GoingRounds.happened(
        e,
        answer.step,
        EventKind.BACK,
        null,
        Said.of(RoundSaying.NOT).with("answer", answer.words),
        clock.instant());
  }

  private static String source(RoundEntity e, int step, @Nullable String code) {
    return "round/" + e.id + "/" + step + "/" + code;
  }
}
