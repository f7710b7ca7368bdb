package org.nestrinse.app.reset;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.wash.round.RoundFile;
import org.nestrinse.app.wash.round.RoundFileBuilder;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.household.ResetFigures;
import org.nestrinse.core.record.PastRound;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Kind;
import org.springframework.stereotype.Component;

/** Writes a finished reset into the record, as a round. */
@Component
class ResetRecord {
  private final ResetPlanner planner;
  private final KindService kinds;
  private final HouseholdService households;
  private final Clock clock;

  ResetRecord(ResetPlanner planner, KindService kinds, HouseholdService households, Clock clock) {
    this.planner = planner;
    this.kinds = kinds;
    this.households = households;
    this.clock = clock;
  }

  /** Returns the reset as a round of the record. */
  RoundFile of(ResetEntity e, ResetService.StoredReset kept, List<SoiledPieces> pieces, int rpm) {
    var household = households.current();
    int rinses = e.countedRinses == null ? e.predictedRinses : e.countedRinses;
    double minutes = Duration.between(e.startedAt, clock.instant()).toMinutes();
    double cost = planner.cost(kept.litres(), kept.kwh(), kept.steps(), e.startedAt, minutes);
    PastRound round =
        new PastRound(
            0,
            e.startedAt,
            PastRound.RESET,
            e.recipe.name(),
            pieces.stream()
                .map(
                    p ->
                        new PastRound.Content(
                            p.kind().name(), null, p.count(), p.load().massKg(), 0, false))
                .toList(),
            ResetFigures.of(
                new ResetFigures.Done(
                    e.recipe,
                    counts(pieces),
                    kept.steps(),
                    rinses,
                    rpm,
                    kept.litres(),
                    kept.kwh(),
                    minutes),
                household.trim(),
                household.hardnessMmolL(),
                cost,
                amounts(kept)),
            List.of());
    return RoundFileBuilder.builder()
        .uid(e.uid)
        .round(round)
        .finishedAt(null)
        .shelvedAt(null)
        .summary(Said.of(ResetRefusal.CONTENTS).with("pieces", e.contents(kinds.byId())))
        .note("")
        .carer(e.carer)
        .steps(List.of())
        .events(List.of())
        .doses(List.of())
        .plan(null)
        .going(null)
        .build();
  }

  private static Map<Kind, Integer> counts(List<SoiledPieces> pieces) {
    return pieces.stream()
        .collect(Collectors.toMap(SoiledPieces::kind, SoiledPieces::count, Integer::sum));
  }

  private static Said amounts(ResetService.StoredReset kept) {
    return Said.row(
        kept.steps().stream()
            .flatMap(s -> s.amounts().stream())
            .distinct()
            .map(
                a ->
                    Said.of(ResetRefusal.SPOONS_OF)
                        .with("spoons", a.spoons())
                        .with("product", a.product()))
            .toList());
  }
}
