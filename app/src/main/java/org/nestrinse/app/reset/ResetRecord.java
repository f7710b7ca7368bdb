package org.nestrinse.app.reset;

import java.time.Duration;
import java.util.List;
import org.nestrinse.app.kit.HouseholdService;
import org.nestrinse.app.kit.KindService;
import org.nestrinse.app.time.HouseClock;
import org.nestrinse.app.wash.RoundFile;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.record.PastRound;
import org.nestrinse.core.record.RoundFigures;
import org.nestrinse.core.reset.ResetStep;
import org.nestrinse.core.said.Said;
import org.springframework.stereotype.Component;

/** Writes a finished reset into the record, as a round. */
@Component
class ResetRecord {
  private final ResetPlanner planner;
  private final KindService kinds;
  private final HouseholdService households;
  private final HouseClock clock;

  ResetRecord(
      ResetPlanner planner, KindService kinds, HouseholdService households, HouseClock clock) {
    this.planner = planner;
    this.kinds = kinds;
    this.households = households;
    this.clock = clock;
  }

  /** Returns the reset as a round of the record. */
  RoundFile of(ResetEntity e, ResetService.Kept kept, List<SoiledPieces> pieces, int rpm) {
    double peak = e.recipe.temper().peakC();
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
            new RoundFigures(
                pieces.stream().mapToInt(SoiledPieces::count).sum(),
                pieces.stream().mapToDouble(p -> p.load().massKg()).sum(),
                new RoundFigures.Dose(0, null, household.trim(), false, amounts(kept)),
                new RoundFigures.Bath(
                    (int) peak,
                    peak,
                    e.recipe.minutes(),
                    rinses,
                    rpm,
                    0,
                    household.hardnessMmolL()),
                new RoundFigures.Estimate(0, 0, 0, 0, HygieneGoal.LIGHT, true, null, false),
                new RoundFigures.Spent(
                    kept.litres(),
                    kept.kwh(),
                    cost,
                    minutes,
                    kept.steps().stream()
                        .filter(ResetStep::attended)
                        .mapToInt(ResetStep::minutes)
                        .sum())),
            List.of());
    return new RoundFile(
        e.uid,
        round,
        null,
        null,
        Said.of(ResetRefusal.CONTENTS).with("pieces", e.contents(kinds.byId())),
        "",
        e.carer,
        List.of(),
        List.of(),
        List.of(),
        null,
        null);
  }

  private static Said amounts(ResetService.Kept kept) {
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
