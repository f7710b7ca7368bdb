package org.nestrinse.app.reset;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.judge.JudgeService;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.kit.kind.KindView;
import org.nestrinse.app.kit.machine.MachineService;
import org.nestrinse.app.record.ObservationService;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.judge.Cause;
import org.nestrinse.core.judge.Diagnosis;
import org.nestrinse.core.judge.Seen;
import org.nestrinse.core.judge.Sign;
import org.nestrinse.core.reset.ResetHistory;
import org.nestrinse.core.reset.ResetNeed;
import org.nestrinse.core.reset.ResetRecipe;
import org.nestrinse.core.said.Said;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Whether a reset is needed, of which kinds, and what one would be. */
@Service
public class ResetNeeds {
  /** What asks for something stands first. */
  private static final List<ResetNeed.State> ORDER =
      List.of(
          ResetNeed.State.WANTED,
          ResetNeed.State.ROUTINE_FIRST,
          ResetNeed.State.CHECK_FIRST,
          ResetNeed.State.NOT_NEEDED);

  /** So many resets of the past are shown with the needs. */
  private static final int SHOWN_PAST = 12;

  private final ResetRepository resets;
  private final ResetPlanner planner;
  private final KindService kinds;
  private final MachineService machines;
  private final HouseholdService households;
  private final ObservationService observations;
  private final JudgeService judge;
  private final Clock clock;

  ResetNeeds(
      ResetRepository resets,
      ResetPlanner planner,
      KindService kinds,
      MachineService machines,
      HouseholdService households,
      ObservationService observations,
      JudgeService judge,
      Clock clock) {
    this.resets = resets;
    this.planner = planner;
    this.kinds = kinds;
    this.machines = machines;
    this.households = households;
    this.observations = observations;
    this.judge = judge;
    this.clock = clock;
  }

  /** Returns whether a reset is needed, and what there is to do one. */
  @Transactional(readOnly = true)
  public ResetViews.ResetOverview look() {
    Instant now = clock.instant();
    TimeWords words = households.timeWords();
    Diagnosis judged = judge.diagnosis();
    List<ResetEntity> past = resets.readable(ResetEntity.State.FINISHED);
    double hardness = households.current().hardnessMmolL();
    List<ResetViews.ResetKindLine> lines = new ArrayList<>();
    for (KindView view : kinds.all()) {
      if (view.stock().owned() > 0) {
        lines.add(line(view, past, now, hardness, judged.likely(), words));
      }
    }
    lines.sort(Comparator.comparing(l -> ORDER.indexOf(l.state())));
    List<ResetViews.ResetRecipeLine> recipes = new ArrayList<>();
    for (ResetRecipe r : ResetRecipe.values()) {
      recipes.add(
          new ResetViews.ResetRecipeLine(
              r, r.said(), r.takesOut().said(), r.temper().said(), planner.notNow(r)));
    }
    List<ResetViews.ResetVesselLine> vessels =
        machines.all().stream()
            .filter(m -> m.machine().type().byHand())
            .map(m -> new ResetViews.ResetVesselLine(m.machine().name(), m.machine().drumL()))
            .toList();
    return new ResetViews.ResetOverview(
        lines,
        judged.state() == Diagnosis.State.NOTHING_WRONG ? Said.NOTHING : judged.saysElsewhere(),
        recipes,
        vessels,
        hardness,
        past.stream().limit(SHOWN_PAST).map(e -> past(e, words)).toList(),
        Math.max(0, past.size() - SHOWN_PAST));
  }

  private ResetViews.ResetKindLine line(
      KindView view,
      List<ResetEntity> past,
      Instant now,
      double hardness,
      @Nullable Cause likely,
      TimeWords words) {
    ResetHistory history =
        new ResetHistory(
            past.stream()
                .filter(e -> e.pieces.stream().anyMatch(p -> Objects.equals(p.kindId, view.id())))
                .map(e -> e.startedAt)
                .toList(),
            now);
    List<Seen> seen = observations.seen(now.minus(ResetHistory.LOOKED_BACK), now, view.name());
    ResetNeed need = ResetNeed.of(view.asKind(), seen, hardness, history, likely);
    Instant last = history.last();
    return new ResetViews.ResetKindLine(
        view.id(),
        view.name(),
        view.stock().clean(),
        need.state(),
        need.recipe(),
        need.says(),
        need.yearly(),
        last == null ? null : words.at(last));
  }

  private ResetViews.ResetPastLine past(ResetEntity e, TimeWords words) {
    return new ResetViews.ResetPastLine(
        e.id,
        e.startedAt,
        words.at(e.startedAt),
        e.recipe.said(),
        e.contents(kinds.byId()),
        e.steps.stream()
            .map(s -> s.water)
            .filter(Objects::nonNull)
            .map(w -> Sign.JAR.value(w).words())
            .toList(),
        e.predictedRinses,
        e.countedRinses);
  }

  /** Returns what would come of a request. */
  @Transactional(readOnly = true)
  public ResetViews.ResetPlanned plan(ResetPlanner.Request request) {
    return planner.look(request, factor());
  }

  /** Returns what the last count of rinses has taught. */
  double factor() {
    return resets.readable(ResetEntity.State.FINISHED).stream()
        .findFirst()
        .map(e -> e.factor)
        .orElse(1.0);
  }
}
