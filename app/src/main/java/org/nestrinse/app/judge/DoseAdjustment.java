package org.nestrinse.app.judge;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.household.TrimService;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.app.wash.plan.PlanViews;
import org.nestrinse.app.wash.round.RoundService;
import org.nestrinse.core.judge.JudgeWords;
import org.nestrinse.core.judge.Trim;
import org.nestrinse.core.record.PastRound;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;
import org.springframework.stereotype.Component;

/** The learned correction of every dose, by what was seen of the last rounds. */
@Component
class DoseAdjustment {
  private static final int TRIM_ROUNDS_SHOWN = 4;

  private final Evidence evidence;
  private final RoundService rounds;
  private final HouseholdService households;
  private final TrimService trims;
  private final Clock clock;

  DoseAdjustment(
      Evidence evidence,
      RoundService rounds,
      HouseholdService households,
      TrimService trims,
      Clock clock) {
    this.evidence = evidence;
    this.rounds = rounds;
    this.households = households;
    this.trims = trims;
    this.clock = clock;
  }

  /** Returns the rounds of which something was seen that speaks for more or less. */
  List<PastRound> lookedAt() {
    Instant now = clock.instant();
    return evidence.roundsSince(now.minus(Trim.PERIOD), now, null).stream()
        .filter(r -> Trim.vote(r.seen()) != Trim.Vote.NOTHING)
        .toList();
  }

  /** Returns the next move of the dose, if what was seen asks for one. */
  Optional<Trim.Move> move(List<PastRound> lookedAt) {
    TrimService.TrimMoved moved = trims.trimMoved();
    List<Trim.Feedback> told =
        lookedAt.stream()
            .map(
                r ->
                    Trim.Feedback.of(
                        r.seen(), moved.at() == null || r.startedAt().isAfter(moved.at())))
            .toList();
    return Trim.next(households.current().trim(), told, moved.way()).map(this::felt);
  }

  /** A tenth that vanishes in the quarters of a scoop would change nothing. */
  private Trim.Move felt(Trim.Move move) {
    Instant now = clock.instant();
    return PastRound.lastWashed(evidence.roundsSince(now.minus(Evidence.LOOKED_BACK), now, null))
        .map(last -> Trim.felt(move, trim -> grams(last.id(), trim)))
        .orElse(move);
  }

  private double grams(long round, double trim) {
    PlanViews.Effect effect = rounds.effect(round, trim, households.standing());
    Double grams = effect == null ? null : effect.after().detergentG();
    return grams == null ? trim : grams;
  }

  /** Returns how the dose stands, with its reason. */
  JudgeViews.TrimLine line(List<PastRound> lookedAt, Trim.@Nullable Move move) {
    double trim = households.current().trim();
    Instant moved = trims.trimMoved().at();
    Double next = move == null ? null : Double.valueOf(move.to());
    TimeWords words = households.timeWords();
    Why.Builder why =
        Why.of(
            Said.of(JudgeSaying.TRIM_TITLE).with("trim", new Quantity(trim, Unit.TIMES, 1)),
            JudgeSaying.TRIM);
    lookedAt.stream()
        .skip(Math.max(0, lookedAt.size() - TRIM_ROUNDS_SHOWN))
        .forEach(r -> why.line(words.at(r.startedAt()), Trim.vote(r.seen()).said()));
    if (moved != null) {
      why.line(JudgeSaying.MOVED, words.at(moved));
    }
    why.total(JudgeSaying.NOW, new Quantity(trim, Unit.TIMES, 1));
    JudgeSaying stands = trim == Trim.NONE ? JudgeSaying.AS_LABEL : JudgeSaying.LEARNED;
    Said says = next == null ? stands.said() : JudgeWords.doseWouldFit(next);
    return new JudgeViews.TrimLine(trim, next, says, why.by(Model.ADJUSTMENT));
  }
}
