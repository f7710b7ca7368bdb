package org.nestrinse.app.judge;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.Household;
import org.nestrinse.app.kit.HouseholdService;
import org.nestrinse.app.kit.KindService;
import org.nestrinse.app.problem.Given;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.NotNow;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.record.SomethingSeen;
import org.nestrinse.app.time.HouseClock;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.app.wash.RoundService;
import org.nestrinse.core.gather.Storage;
import org.nestrinse.core.judge.Cause;
import org.nestrinse.core.judge.Change;
import org.nestrinse.core.judge.Diagnosis;
import org.nestrinse.core.judge.DiagnosisSaying;
import org.nestrinse.core.judge.Experiment;
import org.nestrinse.core.judge.JudgeWords;
import org.nestrinse.core.judge.Seen;
import org.nestrinse.core.judge.Sign;
import org.nestrinse.core.judge.Trim;
import org.nestrinse.core.record.PastRound;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.wash.Standing;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Judges what was seen, and carries one change at a time through the rounds that follow. */
@Service
public class JudgeService {
  private static final int LONGEST_KIND = 80;
  private static final Duration TRIM_LOOKED_BACK = Duration.ofDays(60);
  private static final int SHORT_HOURS = 24;
  private static final int PAST_SHOWN = 12;
  private static final int TRIM_ROUNDS_SHOWN = 4;

  private final ExperimentRepository experiments;
  private final Evidence evidence;
  private final RoundService rounds;
  private final HouseholdService households;
  private final HouseClock clock;
  private final KindService kinds;

  JudgeService(
      ExperimentRepository experiments,
      Evidence evidence,
      RoundService rounds,
      HouseholdService households,
      HouseClock clock,
      KindService kinds) {
    this.experiments = experiments;
    this.evidence = evidence;
    this.rounds = rounds;
    this.households = households;
    this.clock = clock;
    this.kinds = kinds;
  }

  /**
   * What is sent to begin a change.
   *
   * @param change what is done otherwise
   * @param cause what it is against
   * @param kind name of the kind that it is about, or null for all
   */
  public record Begin(@Nullable Change change, @Nullable Cause cause, @Nullable String kind) {}

  /** Returns what may be wrong, at a moment; now when none is given. */
  @Transactional(readOnly = true)
  public JudgeViews.Judged judge(@Nullable String kind, @Nullable Instant at) {
    Instant now = clock.instant();
    Instant to = at == null || at.isAfter(now) ? now : at;
    String of = known(kind);
    Instant from = to.minus(Evidence.LOOKED_BACK);
    Evidence.Case found = found(to, of);
    Diagnosis d = Diagnosis.of(found.facts(), found.seen());
    TimeWords words = households.timeWords();
    PastRound last =
        found.rounds().stream().filter(PastRound::washed).reduce((a, b) -> b).orElse(null);
    List<PastRound> lookedAt = lookedAt();
    Trim.Move move = move(lookedAt).orElse(null);
    List<JudgeViews.CauseLine> causes = new ArrayList<>();
    for (Diagnosis.Ranked r : d.causes()) {
      causes.add(cause(r, causes.isEmpty() ? last : null, move));
    }
    List<JudgeViews.ExperimentLine> made = new ArrayList<>(all());
    Collections.reverse(made);
    return new JudgeViews.Judged(
        d.state(),
        d.says(),
        from,
        words.at(from),
        found.seen().size(),
        causes,
        d.checks().stream().map(JudgeService::check).toList(),
        trim(lookedAt, move),
        made.stream().filter(e -> e.state() == Experiment.State.WATCHING).findFirst().orElse(null),
        made.stream()
            .filter(e -> e.state() != Experiment.State.WATCHING)
            .limit(PAST_SHOWN)
            .toList());
  }

  /** What is judged at a moment: all that was seen lately and is not settled by then. */
  private Evidence.Case found(Instant to, @Nullable String kind) {
    Evidence.Case found = evidence.at(to.minus(Evidence.LOOKED_BACK), to, kind);
    List<ExperimentEntity> helped =
        experiments.readable().stream()
            .filter(e -> e.state == Experiment.State.KEPT)
            .filter(e -> e.endedAt != null && !e.endedAt.isAfter(to))
            .toList();
    return new Evidence.Case(
        found.seen().stream().filter(s -> helped.stream().noneMatch(e -> e.settles(s))).toList(),
        found.facts(),
        found.rounds());
  }

  /** Returns the one judgement of all that was seen, which other places show too. */
  @Transactional(readOnly = true)
  public Diagnosis diagnosis() {
    Evidence.Case found = found(clock.instant(), null);
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
        notNow(p.change(), move));
  }

  /** Returns what the estimates make of a change for a round; nothing when plans do not show it. */
  private List<Said> effects(Change change, PastRound last, Trim.@Nullable Move move) {
    Set<Standing> standing = EnumSet.noneOf(Standing.class);
    standing.addAll(households.standing());
    double trim = households.current().trim();
    if (change.standing() != null) {
      standing.add(change.standing());
    } else if (change.trimDirection() != 0) {
      trim = asks(move, change) ? Objects.requireNonNull(move).to() : trim;
    } else {
      return List.of();
    }
    RoundService.Effect effect = rounds.effect(last.id(), trim, standing);
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

  /** Returns why a change cannot be begun now; nothing when it can. */
  private Said notNow(Change change, Trim.@Nullable Move move) {
    Optional<ExperimentEntity> watched =
        experiments.findFirstByStateOrderByStartedAtDesc(Experiment.State.WATCHING);
    if (watched.isPresent()) {
      return Said.of(JudgeSaying.ONE_AT_A_TIME)
          .with("change", watched.get().changeMade.said().capital());
    }
    if (change.standing() != null && households.standing().contains(change.standing())) {
      return JudgeSaying.DOES_THAT_ALREADY.said();
    }
    if (change.trimDirection() != 0 && !asks(move, change)) {
      return DiagnosisSaying.DOSE_WAITS.said();
    }
    return Said.NOTHING;
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

  // One change at a time.

  /** Returns the name of a kind, or null for all; throws when there is no such kind. */
  private @Nullable String known(@Nullable String kind) {
    if (kind == null || kind.isBlank()) {
      return null;
    }
    String name = Given.text("kind", kind, LONGEST_KIND);
    if (kinds.names().idOf(name) == null) {
      throw new OutOfRange("kind", name, JudgeSaying.A_KIND);
    }
    return name;
  }

  /** What the kind that a change is about is called now; null for all. */
  private @Nullable String kind(ExperimentEntity e) {
    return e.kind == null ? null : kinds.names().now(e.kindId, e.kind);
  }

  /** Begins a change, and returns how things stand; throws {@link NotNow} when it cannot be. */
  @Transactional
  public JudgeViews.Judged begin(Begin begin) {
    Change change = Given.choice("change", begin.change, Change.class);
    Cause cause = Given.choice("cause", begin.cause, Cause.class);
    String kind = known(begin.kind);
    if (!change.touches(cause)) {
      throw new NotNow(JudgeWords.doesNothing(change, cause));
    }
    Trim.Move move = move(lookedAt()).orElse(null);
    Said notNow = notNow(change, move);
    if (!notNow.nothing()) {
      throw new NotNow(notNow);
    }
    Instant now = clock.instant();
    Evidence.Case found = found(now, kind);
    Diagnosis d = Diagnosis.of(found.facts(), found.seen());
    if (d.state() == Diagnosis.State.CLINICIAN) {
      throw new NotNow(d.says());
    }
    String complaint = complaint(d, change, cause, found.seen());
    if (complaint.isEmpty()) {
      throw new NotNow(DiagnosisSaying.NOTHING_TO_WATCH);
    }
    Household household = households.current();
    ExperimentEntity e = new ExperimentEntity();
    e.changeMade = change;
    e.cause = cause;
    e.kind = kind;
    e.kindId = kinds.names().idOf(kind);
    e.complaint = complaint;
    e.startedAt = now;
    e.state = Experiment.State.WATCHING;
    e.trimBefore = household.trim();
    e.wetHoursBefore = household.wetHours();
    e.trimAfter = asks(move, change) ? Objects.requireNonNull(move).to() : household.trim();
    e.says = Experiment.of(change, e.findings(), List.of()).says();
    experiments.saveAndFlush(e);
    apply(e);
    return judge(kind, null);
  }

  /**
   * What is bad and can change by it is watched: what speaks for the cause, else all of that. Other
   * complaints may go or stay without telling anything of this change.
   */
  private static String complaint(Diagnosis d, Change change, Cause cause, List<Seen> seen) {
    Set<Sign> telling =
        d.causes().stream()
            .filter(r -> r.cause() == cause)
            .flatMap(r -> r.speaksFor().stream())
            .map(Diagnosis.Argument::sign)
            .collect(Collectors.toSet());
    Set<String> bad = new TreeSet<>();
    Set<String> all = new TreeSet<>();
    for (Seen s : seen) {
      if (s.wrong() && change.couldChange(s.sign())) {
        all.add(s.finding());
        if (telling.contains(s.sign())) {
          bad.add(s.finding());
        }
      }
    }
    return String.join(" ", bad.isEmpty() ? all : bad);
  }

  private void apply(ExperimentEntity e) {
    if (e.changeMade.trimDirection() != 0) {
      households.moveTrim(e.trimAfter, HouseholdService.Moved.TRIED);
    }
    if (e.changeMade.standing() != null) {
      households.standing(e.changeMade.standing(), true);
    }
    if (e.changeMade == Change.SHORTER_HOLDING) {
      households.waitAtMost(
          Math.min(e.wetHoursBefore, Storage.WET_HOURS.check("wetHours", SHORT_HOURS)));
    }
  }

  private void takeBack(ExperimentEntity e) {
    if (e.changeMade.trimDirection() != 0) {
      households.moveTrim(e.trimBefore, HouseholdService.Moved.TAKEN_BACK);
    }
    if (e.changeMade.standing() != null) {
      households.standing(e.changeMade.standing(), false);
    }
    if (e.changeMade == Change.SHORTER_HOLDING) {
      households.waitAtMost(e.wetHoursBefore);
    }
  }

  /** Watches a reset that was done, by what led to it; nothing when something else is watched. */
  @Transactional
  public void watchReset() {
    Instant now = clock.instant();
    Evidence.Case found = found(now, null);
    Diagnosis d = Diagnosis.of(found.facts(), found.seen());
    boolean free = notNow(Change.RESET, null).nothing() && d.state() != Diagnosis.State.CLINICIAN;
    d.causes().stream()
        .map(Diagnosis.Ranked::cause)
        .filter(Change.RESET::touches)
        .filter(c -> free && !complaint(d, Change.RESET, c, found.seen()).isEmpty())
        .findFirst()
        .ifPresent(cause -> begin(new Begin(Change.RESET, cause, null)));
  }

  /** Looks at the change that is watched anew, after something was seen. */
  @EventListener
  @Transactional
  void seen(SomethingSeen something) {
    experiments
        .findFirstByStateOrderByStartedAtDesc(Experiment.State.WATCHING)
        .ifPresent(e -> look(e, something.at()));
  }

  private void look(ExperimentEntity e, Instant now) {
    List<List<Seen>> since =
        evidence.roundsSince(e.startedAt, now, kind(e)).stream().map(PastRound::seen).toList();
    Experiment result = Experiment.of(e.changeMade, e.findings(), since);
    e.says = result.says();
    if (result.state() != Experiment.State.WATCHING) {
      end(e, result.state());
    }
    experiments.saveAndFlush(e);
  }

  private void end(ExperimentEntity e, Experiment.State state) {
    e.state = state;
    e.endedAt = clock.instant();
    if (state == Experiment.State.UNDONE) {
      takeBack(e);
    }
  }

  /** What a person decides about a change. */
  public record Decision(@Nullable Boolean keep) {}

  /**
   * Keeps a change, or takes it back, because the person says so: while it is watched, or when it
   * stayed unclear.
   */
  @Transactional
  public JudgeViews.Judged decide(long id, Decision decision) {
    boolean keep = Given.yesNo("keep", decision.keep);
    ExperimentEntity e = experiments.findById(id).orElseThrow(() -> new NotFound(What.CHANGE, id));
    if (!open(e)) {
      throw new NotNow(JudgeSaying.DECIDED_ALREADY);
    }
    List<ExperimentEntity> all = experiments.readable();
    if (!all.get(all.size() - 1).id.equals(e.id)) {
      throw new NotNow(JudgeSaying.ANOTHER_BEGUN);
    }
    e.says = (keep ? JudgeSaying.KEPT_BY_YOU : JudgeSaying.TAKEN_BACK_BY_YOU).said();
    end(e, keep ? Experiment.State.KEPT : Experiment.State.UNDONE);
    experiments.saveAndFlush(e);
    return judge(kind(e), null);
  }

  private static boolean open(ExperimentEntity e) {
    return e.state == Experiment.State.WATCHING || e.state == Experiment.State.UNCLEAR;
  }

  // The trim.

  private List<PastRound> lookedAt() {
    Instant now = clock.instant();
    return evidence.roundsSince(now.minus(TRIM_LOOKED_BACK), now, null).stream()
        .filter(r -> Trim.vote(r.seen()) != Trim.Vote.NOTHING)
        .toList();
  }

  private Optional<Trim.Move> move(List<PastRound> lookedAt) {
    HouseholdService.TrimMoved moved = households.trimMoved();
    List<Trim.Told> told =
        lookedAt.stream()
            .map(
                r ->
                    Trim.Told.of(r.seen(), moved.at() == null || r.startedAt().isAfter(moved.at())))
            .toList();
    return Trim.next(households.current().trim(), told, moved.way()).map(this::felt);
  }

  /** A tenth that vanishes in the quarters of a scoop would change nothing. */
  private Trim.Move felt(Trim.Move move) {
    Instant now = clock.instant();
    return evidence.roundsSince(now.minus(Evidence.LOOKED_BACK), now, null).stream()
        .filter(PastRound::washed)
        .reduce((a, b) -> b)
        .map(last -> Trim.felt(move, trim -> grams(last.id(), trim)))
        .orElse(move);
  }

  private double grams(long round, double trim) {
    RoundService.Effect effect = rounds.effect(round, trim, households.standing());
    Double grams = effect == null ? null : effect.after().detergentG();
    return grams == null ? trim : grams;
  }

  /** Whether a move is the one that a change of the dose makes. */
  private static boolean asks(Trim.@Nullable Move move, Change change) {
    return move != null
        && change.trimDirection() != 0
        && Math.signum(move.to() - move.from()) == change.trimDirection();
  }

  private JudgeViews.TrimLine trim(List<PastRound> lookedAt, Trim.@Nullable Move move) {
    double trim = households.current().trim();
    Instant moved = households.trimMoved().at();
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

  /** Sets the learned correction of the dose back to the label. */
  @Transactional
  public JudgeViews.Judged resetTrim() {
    experiments
        .findFirstByStateOrderByStartedAtDesc(Experiment.State.WATCHING)
        .filter(e -> e.changeMade.trimDirection() != 0)
        .ifPresent(
            e -> {
              e.state = Experiment.State.UNDONE;
              e.endedAt = clock.instant();
              e.says = JudgeSaying.BACK_TO_LABEL.said();
              experiments.saveAndFlush(e);
            });
    households.moveTrim(Trim.NONE, HouseholdService.Moved.SET_BACK);
    return judge(null, null);
  }

  /**
   * Returns the changes that were made, oldest first. The dose is in it whenever it moved, so its
   * last line there is the dose now used.
   */
  @Transactional(readOnly = true)
  public List<JudgeViews.ExperimentLine> all() {
    TimeWords words = households.timeWords();
    List<ExperimentEntity> made = experiments.readable();
    List<JudgeViews.ExperimentLine> lines = new ArrayList<>();
    for (ExperimentEntity e : made) {
      lines.add(view(e, words, e == made.get(made.size() - 1)));
    }
    households.doseMoves().stream()
        .filter(m -> m.reason() != HouseholdService.Moved.TRIED)
        .forEach(m -> lines.add(view(m, words)));
    lines.sort(Comparator.comparing(JudgeViews.ExperimentLine::startedAt));
    return lines;
  }

  private static JudgeViews.ExperimentLine view(HouseholdService.DoseMove m, TimeWords words) {
    return new JudgeViews.ExperimentLine(
        "dose-" + m.number(),
        null,
        m.to() > m.from() ? Change.DOSE_UP : Change.DOSE_DOWN,
        dose(m.to(), m.from()),
        null,
        List.of(),
        m.at(),
        words.at(m.at()),
        words.at(m.at()),
        Experiment.State.KEPT,
        m.reason() == HouseholdService.Moved.SET_BACK
            ? DiagnosisSaying.SET_BACK.said()
            : DiagnosisSaying.TAKEN_BACK.said(),
        false);
  }

  private static Said argument(Diagnosis.Argument a) {
    return Said.of(JudgeSaying.ARGUMENT).with("sign", a.words()).with("reason", a.reason());
  }

  private static Said dose(double to, double from) {
    return Said.of(JudgeSaying.DOSE)
        .with("now", new Quantity(to, Unit.TIMES, 1))
        .with("before", new Quantity(from, Unit.TIMES, 1));
  }

  private static JudgeViews.ExperimentLine view(
      ExperimentEntity e, TimeWords words, boolean latest) {
    return new JudgeViews.ExperimentLine(
        "change-" + e.id,
        e.id,
        e.changeMade,
        e.changeMade.trimDirection() == 0 ? e.changeMade.said() : dose(e.trimAfter, e.trimBefore),
        e.cause.said(),
        e.findings().stream().sorted().map(JudgeService::sign).toList(),
        e.startedAt,
        words.at(e.startedAt),
        e.endedAt == null ? null : words.at(e.endedAt),
        e.state,
        e.says,
        latest && open(e));
  }

  private static Said sign(String finding) {
    int dot = finding.indexOf('.');
    return Sign.valueOf(finding.substring(0, dot)).value(finding.substring(dot + 1)).words();
  }
}
