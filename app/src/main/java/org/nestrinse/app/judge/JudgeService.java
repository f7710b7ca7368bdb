package org.nestrinse.app.judge;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.app.wash.plan.PlanViews;
import org.nestrinse.app.wash.round.RoundService;
import org.nestrinse.core.judge.Change;
import org.nestrinse.core.judge.Diagnosis;
import org.nestrinse.core.judge.Experiment;
import org.nestrinse.core.judge.Trim;
import org.nestrinse.core.record.PastRound;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.wash.school.Standing;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Judges what was seen: the likely causes, what each change would do, and the next best check. */
@Service
public class JudgeService {
  private static final int PAST_SHOWN = 12;

  private final ExperimentService experiments;
  private final DoseAdjustment dose;
  private final RoundService rounds;
  private final HouseholdService households;
  private final Clock clock;

  JudgeService(
      ExperimentService experiments,
      DoseAdjustment dose,
      RoundService rounds,
      HouseholdService households,
      Clock clock) {
    this.experiments = experiments;
    this.dose = dose;
    this.rounds = rounds;
    this.households = households;
    this.clock = clock;
  }

  /** Returns what may be wrong, at a moment; now when none is given. */
  @Transactional(readOnly = true)
  public JudgeViews.Judged judge(@Nullable String kind, @Nullable Instant at) {
    Instant now = clock.instant();
    Instant to = at == null || at.isAfter(now) ? now : at;
    String of = experiments.known(kind);
    Instant from = to.minus(Evidence.LOOKED_BACK);
    Evidence.Case found = experiments.unsettled(to, of);
    Diagnosis d = Diagnosis.of(found.facts(), found.seen());
    TimeWords words = households.timeWords();
    PastRound last = PastRound.lastWashed(found.rounds()).orElse(null);
    List<PastRound> lookedAt = dose.lookedAt();
    Trim.Move move = dose.move(lookedAt).orElse(null);
    List<JudgeViews.CauseLine> causes = new ArrayList<>();
    for (Diagnosis.Ranked r : d.causes()) {
      causes.add(cause(r, causes.isEmpty() ? last : null, move));
    }
    List<JudgeViews.ExperimentLine> made = new ArrayList<>(experiments.all());
    Collections.reverse(made);
    return JudgeViewsJudgedBuilder.builder()
        .state(d.state())
        .says(d.says())
        .from(from)
        .fromWords(words.at(from))
        .seen(found.seen().size())
        .causes(causes)
        .checks(d.checks().stream().map(JudgeService::check).toList())
        .trim(dose.line(lookedAt, move))
        .experiment(
            made.stream()
                .filter(e -> e.state() == Experiment.State.WATCHING)
                .findFirst()
                .orElse(null))
        .past(
            made.stream()
                .filter(e -> e.state() != Experiment.State.WATCHING)
                .limit(PAST_SHOWN)
                .toList())
        .build();
  }

  /** Returns the one judgement of all that was seen, which other places show too. */
  @Transactional(readOnly = true)
  public Diagnosis diagnosis() {
    Evidence.Case found = experiments.unsettled(clock.instant(), null);
    return Diagnosis.of(found.facts(), found.seen());
  }

  private JudgeViews.CauseLine cause(
      Diagnosis.Ranked r, @Nullable PastRound last, Trim.@Nullable Move move) {
    Why.Builder why =
        Why.of(
            Said.of(JudgeSaying.CAUSE_TITLE)
                .with("probability", Quantity.share(r.probability()))
                .with("cause", r.cause().said()),
            JudgeSaying.BAYES);
    r.speaksFor().forEach(a -> why.line(a.words(), new Quantity(a.factor(), Unit.TIMES, 1)));
    r.speaksAgainst().forEach(a -> why.line(a.words(), new Quantity(a.factor(), Unit.TIMES, 2)));
    why.total(JudgeSaying.PROBABILITY, Quantity.share(r.probability()));
    return new JudgeViews.CauseLine(
        r.cause(),
        r.cause().said(),
        r.probability(),
        r.speaksFor().stream().map(JudgeService::argument).toList(),
        r.speaksAgainst().stream().map(JudgeService::argument).toList(),
        r.changes().stream().map(p -> change(p, last, move)).toList(),
        why.by(Model.CAUSES, JudgeSaying.CAUSES_SOURCE));
  }

  private JudgeViews.ChangeLine change(
      Diagnosis.Proposal p, @Nullable PastRound last, Trim.@Nullable Move move) {
    return new JudgeViews.ChangeLine(
        p.change(),
        p.change().said(),
        p.expected().said(),
        last == null ? List.of() : effects(p.change(), last, move),
        experiments.notNow(p.change(), move));
  }

  /** Returns what the estimates make of a change for a round; nothing when plans do not show it. */
  private List<Said> effects(Change change, PastRound last, Trim.@Nullable Move move) {
    Set<Standing> standing = EnumSet.noneOf(Standing.class);
    standing.addAll(households.standing());
    double trim = households.current().trim();
    if (change.standing() != null) {
      standing.add(change.standing());
    } else if (change.trimDirection() != 0) {
      trim = move != null && move.isAskedBy(change) ? move.to() : trim;
    } else {
      return List.of();
    }
    PlanViews.Effect effect = rounds.effect(last.id(), trim, standing);
    if (effect == null) {
      return List.of();
    }
    var a = effect.before();
    var b = effect.after();
    List<Said> all = new ArrayList<>();
    line(all, JudgeSaying.DETERGENT, a.detergentG(), b.detergentG(), 0, Unit.GRAM);
    line(all, JudgeSaying.HYGIENE, a.totalLog(), b.totalLog(), 1, Unit.LOG);
    line(all, JudgeSaying.LEFTOVER, a.residueMgKg(), b.residueMgKg(), 0, Unit.MG_PER_KG);
    line(all, JudgeSaying.WATER_USED, a.litres(), b.litres(), 0, Unit.LITRE);
    line(all, JudgeSaying.COST_OF, a.cost(), b.cost(), 2, Unit.MONEY);
    line(all, JudgeSaying.TIME_OF, a.minutes(), b.minutes(), 0, Unit.MINUTE);
    return all;
  }

  private static void line(
      List<Said> all,
      JudgeSaying what,
      @Nullable Double before,
      @Nullable Double after,
      int digits,
      Unit unit) {
    if (before == null || after == null) {
      return;
    }
    double shown = Math.pow(10, digits);
    if (Math.round(before * shown) != Math.round(after * shown)) {
      all.add(
          Said.of(JudgeSaying.FROM_TO)
              .with("what", what)
              .with("before", new Quantity(before, Unit.NONE, digits))
              .with("after", new Quantity(after, unit, digits)));
    }
  }

  private static JudgeViews.CheckLine check(Diagnosis.NextCheck c) {
    return new JudgeViews.CheckLine(
        c.sign(),
        c.sign().title(),
        c.sign().how(),
        c.minutes(),
        c.outcomes().stream()
            .map(
                o ->
                    new JudgeViews.OutcomeLine(
                        o.value(),
                        o.words(),
                        o.expected(),
                        Said.of(JudgeSaying.OUTCOME)
                            .with("cause", o.cause())
                            .with("probability", Quantity.share(o.probability()))))
            .toList(),
        Why.of(
                Said.of(JudgeSaying.CHECK_TITLE)
                    .with("check", c.sign().title())
                    .with("gain", new Quantity(c.bits(), Unit.BIT, 2)),
                JudgeSaying.BITS)
            .line(JudgeSaying.GAIN, new Quantity(c.bits(), Unit.BIT, 2))
            .line(JudgeSaying.WORK, Quantity.of(c.minutes(), Unit.MINUTE))
            .total(
                JudgeSaying.FOR_WORK,
                Said.of(JudgeSaying.A_MINUTE).with("gain", new Quantity(c.worth(), Unit.BIT, 3)))
            .by(Model.CAUSES));
  }

  private static Said argument(Diagnosis.Argument a) {
    return Said.of(JudgeSaying.ARGUMENT).with("sign", a.words()).with("reason", a.reason());
  }
}
