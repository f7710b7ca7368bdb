package org.nestrinse.app.reset;

import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.nestrinse.app.judge.ExperimentService;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.sort.LoadPieces;
import org.nestrinse.app.wash.round.RoundFiles;
import org.nestrinse.app.wash.round.RoundWashedBuilder;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.reset.ResetDrum;
import org.nestrinse.core.reset.ResetRecipe;
import org.nestrinse.core.reset.ResetStep;
import org.nestrinse.core.reset.RinseOut;
import org.nestrinse.core.textile.Kind;
import org.springframework.stereotype.Component;

/** Ends a reset: its rinses are counted, it becomes a round of the record, its pieces hang. */
@Component
class ResetEnd {
  private final ResetPlanner planner;
  private final KindService kinds;
  private final RoundFiles rounds;
  private final ResetRecord file;
  private final ExperimentService experiments;
  private final Clock clock;

  ResetEnd(
      ResetPlanner planner,
      KindService kinds,
      RoundFiles rounds,
      ResetRecord file,
      ExperimentService experiments,
      Clock clock) {
    this.planner = planner;
    this.kinds = kinds;
    this.rounds = rounds;
    this.file = file;
    this.experiments = experiments;
    this.clock = clock;
  }

  /** Returns pieces by the number of their kind. */
  static Map<Long, Integer> byId(Map<Kind, Integer> pieces) {
    Map<Long, Integer> byId = new LinkedHashMap<>();
    pieces.forEach((kind, count) -> byId.merge(kind.id(), count, Integer::sum));
    return byId;
  }

  /** Returns what is in a reset. */
  Map<Kind, Integer> kindsOf(ResetEntity e) {
    Map<Long, Kind> byId = kinds.byId();
    Map<Kind, Integer> all = new LinkedHashMap<>();
    e.pieces.forEach(p -> all.put(byId.get(p.kindId), p.pieces));
    return all;
  }

  /** Ends it now. */
  void finish(ResetEntity e, ResetService.StoredReset kept) {
    e.state = ResetEntity.State.FINISHED;
    e.finishedAt = clock.instant();
    Map<Kind, Integer> pieces = kindsOf(e);
    ResetDrum drum = planner.drum(pieces);
    if (e.recipe == ResetRecipe.RINSE_OUT) {
      count(e, kept, pieces, drum);
    }
    List<SoiledPieces> soiled = new ArrayList<>();
    pieces.forEach(
        (kind, n) -> soiled.add(new SoiledPieces(kind, n, Soil.DIRT, true, e.startedAt, Set.of())));
    double peak = e.recipe.temper().peakC();
    e.roundId =
        rounds.hang(
            file.of(e, kept, soiled, (int) drum.rpm()),
            id ->
                RoundWashedBuilder.builder()
                    .roundId(id)
                    .pieces(new LoadPieces(0, soiled, List.of()))
                    .spinRpm((int) drum.rpm())
                    .drumRadiusM(drum.radiusM())
                    .peakC(peak)
                    .oxygen(false)
                    .chlorine(e.recipe == ResetRecipe.CHLORINE_SOAK)
                    .at(clock.instant())
                    .byHand(false)
                    .build());
    experiments.watchReset();
  }

  /** Counts the rinses that were made; what was predicted learns from it. */
  private static void count(
      ResetEntity e, ResetService.StoredReset kept, Map<Kind, Integer> pieces, ResetDrum drum) {
    int made =
        (int)
            kept.steps().stream()
                .filter(s -> s.action() == ResetStep.Action.RINSE)
                .filter(s -> e.steps.get(s.number() - 1).water != null)
                .count();
    if (made == 0) {
      return;
    }
    e.countedRinses = made;
    var load =
        pieces.entrySet().stream()
            .map(p -> p.getKey().load(p.getValue()))
            .reduce((a, b) -> a.plus(b))
            .orElseThrow();
    e.factor =
        RinseOut.learnt(
            e.factor, e.predictedRinses, made, RinseOut.oneRinse(load, drum.rpm(), drum.radiusM()));
  }
}
