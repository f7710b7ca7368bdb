package org.nestrinse.app.judge;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.household.Household;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.household.TrimService;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.record.SomethingSeen;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.judge.Cause;
import org.nestrinse.core.judge.Change;
import org.nestrinse.core.judge.Diagnosis;
import org.nestrinse.core.judge.DiagnosisSaying;
import org.nestrinse.core.judge.Experiment;
import org.nestrinse.core.judge.JudgeWords;
import org.nestrinse.core.judge.Seen;
import org.nestrinse.core.judge.Trim;
import org.nestrinse.core.record.PastRound;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One change at a time: begun, carried through the rounds that follow, kept or taken back. */
@Service
public class ExperimentService {
  private static final Range DAYS = new Range(1, 4000, Unit.DAY);
  private static final int LONGEST_KIND = 80;

  private final ExperimentRepository experiments;
  private final Evidence evidence;
  private final DoseAdjustment dose;
  private final HouseholdService households;
  private final TrimService trims;
  private final Clock clock;
  private final KindService kinds;

  ExperimentService(
      ExperimentRepository experiments,
      Evidence evidence,
      DoseAdjustment dose,
      HouseholdService households,
      TrimService trims,
      Clock clock,
      KindService kinds) {
    this.experiments = experiments;
    this.evidence = evidence;
    this.dose = dose;
    this.households = households;
    this.trims = trims;
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

  /** Returns what is judged at a moment: all that was seen lately and is not settled by then. */
  Evidence.Case unsettled(Instant to, @Nullable String kind) {
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

  /** Returns why a change cannot be begun now; nothing when it can. */
  Said notNow(Change change, Trim.@Nullable Move move) {
    Optional<ExperimentEntity> watched =
        experiments.findFirstByStateOrderByStartedAtDesc(Experiment.State.WATCHING);
    if (watched.isPresent()) {
      return Said.of(JudgeSaying.ONE_AT_A_TIME)
          .with("change", watched.get().changeMade.said().capital());
    }
    if (change.standing() != null && households.standing().contains(change.standing())) {
      return JudgeSaying.DOES_THAT_ALREADY.said();
    }
    if (change.trimDirection() != 0 && (move == null || !move.isAskedBy(change))) {
      return DiagnosisSaying.DOSE_WAITS.said();
    }
    return Said.NOTHING;
  }

  /** Returns the name of a kind, or null for all; throws when there is no such kind. */
  @Nullable String known(@Nullable String kind) {
    if (kind == null || kind.isBlank()) {
      return null;
    }
    String name = RequestChecks.text("kind", kind, LONGEST_KIND);
    if (kinds.names().idOf(name) == null) {
      throw new OutOfRange("kind", name, JudgeSaying.A_KIND);
    }
    return name;
  }

  /** What the kind that a change is about is called now; null for all. */
  private @Nullable String kind(ExperimentEntity e) {
    return e.kind == null ? null : kinds.names().now(e.kindId, e.kind);
  }

  /** Begins a change; throws {@link StateConflict} when it cannot be. */
  @Transactional
  public void begin(Begin begin) {
    Change change = RequestChecks.choice("change", begin.change, Change.class);
    Cause cause = RequestChecks.choice("cause", begin.cause, Cause.class);
    String kind = known(begin.kind);
    if (!change.touches(cause)) {
      throw new StateConflict(JudgeWords.doesNothing(change, cause));
    }
    Trim.Move move = dose.move(dose.lookedAt()).orElse(null);
    Said notNow = notNow(change, move);
    if (!notNow.nothing()) {
      throw new StateConflict(notNow);
    }
    Instant now = clock.instant();
    Evidence.Case found = unsettled(now, kind);
    Diagnosis d = Diagnosis.of(found.facts(), found.seen());
    if (d.state() == Diagnosis.State.CLINICIAN) {
      throw new StateConflict(d.says());
    }
    Set<String> complaint = Experiment.complaint(d, change, cause, found.seen());
    if (complaint.isEmpty()) {
      throw new StateConflict(DiagnosisSaying.NOTHING_TO_WATCH);
    }
    Household household = households.current();
    ExperimentEntity e = new ExperimentEntity();
    e.changeMade = change;
    e.cause = cause;
    e.kind = kind;
    e.kindId = kinds.names().idOf(kind);
    e.complaint = String.join(" ", complaint);
    e.startedAt = now;
    e.state = Experiment.State.WATCHING;
    e.trimBefore = household.trim();
    e.wetHoursBefore = household.wetHours();
    e.trimAfter = move != null && move.isAskedBy(change) ? move.to() : household.trim();
    e.says = Experiment.of(change, e.findings(), List.of()).says();
    experiments.saveAndFlush(e);
    apply(e);
  }

  private void apply(ExperimentEntity e) {
    if (e.changeMade.trimDirection() != 0) {
      trims.moveTrim(e.trimAfter, TrimService.Moved.TRIED);
    }
    if (e.changeMade.standing() != null) {
      households.standing(e.changeMade.standing(), true);
    }
    if (e.changeMade == Change.SHORTER_HOLDING) {
      households.waitAtMost(Math.min(e.wetHoursBefore, Change.SHORT_HOLDING_H));
    }
  }

  private void takeBack(ExperimentEntity e) {
    if (e.changeMade.trimDirection() != 0) {
      trims.moveTrim(e.trimBefore, TrimService.Moved.TAKEN_BACK);
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
    Evidence.Case found = unsettled(now, null);
    Diagnosis d = Diagnosis.of(found.facts(), found.seen());
    boolean free = notNow(Change.RESET, null).nothing() && d.state() != Diagnosis.State.CLINICIAN;
    d.causes().stream()
        .map(Diagnosis.Ranked::cause)
        .filter(Change.RESET::touches)
        .filter(c -> free && !Experiment.complaint(d, Change.RESET, c, found.seen()).isEmpty())
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
   *
   * @return what the kind that it is about is called now; null for all
   */
  @Transactional
  public @Nullable String decide(long id, Decision decision) {
    boolean keep = RequestChecks.yesNo("keep", decision.keep);
    ExperimentEntity e = experiments.findById(id).orElseThrow(() -> new NotFound(What.CHANGE, id));
    if (!e.open()) {
      throw new StateConflict(JudgeSaying.DECIDED_ALREADY);
    }
    List<ExperimentEntity> all = experiments.readable();
    if (!all.get(all.size() - 1).id.equals(e.id)) {
      throw new StateConflict(JudgeSaying.ANOTHER_BEGUN);
    }
    e.says = (keep ? JudgeSaying.KEPT_BY_YOU : JudgeSaying.TAKEN_BACK_BY_YOU).said();
    end(e, keep ? Experiment.State.KEPT : Experiment.State.UNDONE);
    experiments.saveAndFlush(e);
    return kind(e);
  }

  /** Sets the learned correction of the dose back to the label. */
  @Transactional
  public void resetTrim() {
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
    trims.moveTrim(Trim.NONE, TrimService.Moved.SET_BACK);
  }

  /** Returns the changes of the last days, oldest first. */
  @Transactional(readOnly = true)
  public List<JudgeViews.ExperimentLine> ofLast(int days) {
    Instant from = clock.instant().minus(Duration.ofDays(DAYS.check("days", days)));
    return all().stream().filter(l -> l.startedAt().isAfter(from)).toList();
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
      lines.add(ChangeLines.view(e, words, e == made.get(made.size() - 1)));
    }
    trims.doseMoves().stream()
        .filter(m -> m.reason() != TrimService.Moved.TRIED)
        .forEach(m -> lines.add(ChangeLines.view(m, words)));
    lines.sort(Comparator.comparing(JudgeViews.ExperimentLine::startedAt));
    return lines;
  }
}
