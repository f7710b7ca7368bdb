package org.nestrinse.app.dry;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.kind.StockService;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.wash.round.RoundService;
import org.nestrinse.core.dry.DryCheck;
import org.nestrinse.core.dry.DrySaying;
import org.nestrinse.core.household.Stock.Whereabouts;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Range;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a hand felt on the line: it teaches the place, and puts what is dry on the shelf. */
@Service
public class DryCheckService {
  private static final double SECONDS_PER_HOUR = 3600;

  private final DryingReader reader;
  private final HangingRepository groups;
  private final DryingFactorRepository factors;
  private final StockService stock;
  private final RoundService rounds;
  private final Clock clock;
  private final ApplicationEventPublisher events;

  DryCheckService(
      DryingReader reader,
      HangingRepository groups,
      DryingFactorRepository factors,
      StockService stock,
      RoundService rounds,
      Clock clock,
      ApplicationEventPublisher events) {
    this.reader = reader;
    this.groups = groups;
    this.factors = factors;
    this.stock = stock;
    this.rounds = rounds;
    this.clock = clock;
    this.events = events;
  }

  /** What a hand felt, and how many pieces are damp still; all of them when not said. */
  public record Felt(DryCheck.@Nullable Answer answer, @Nullable Integer damp) {}

  /**
   * Takes what a hand felt: teaches the place, puts what is dry on the shelf and lets the rest hang
   * on, damp as it feels. Returns what was learnt.
   */
  @Transactional
  public Said check(long id, Felt check) {
    DryCheck.Answer answer = RequestChecks.choice("answer", check.answer, DryCheck.Answer.class);
    HangingEntity e = reader.hanging(id);
    int damp =
        answer == DryCheck.Answer.DRY
            ? 0
            : check.damp == null
                ? e.pieces
                : new Range(1, e.pieces, Unit.PIECE).check("damp", check.damp.intValue());
    Said words = learn(e, answer);
    if (damp < e.pieces && damp > 0) {
      HangingEntity dry = e.part(e.pieces - damp);
      e.pieces = damp;
      dry(groups.saveAndFlush(dry).id);
    } else if (damp == 0) {
      dry(id);
      return words;
    }
    DryingNow now = reader.facts(clock.instant());
    if (answer == DryCheck.Answer.SEAM) {
      events.publishEvent(new DampFound(e.roundId, now.kind(e).name()));
    }
    double moisture = Math.max(now.moistureNow(e), answer.moisture(now.kind(e)));
    e.hang(e.placeId, e.carriedIn, e.crowded, now.now(), moisture);
    groups.saveAndFlush(e);
    return words;
  }

  /** Teaches the place what was felt; a dryer is not taught. */
  private Said learn(HangingEntity e, DryCheck.Answer answer) {
    if (e.tumbleMinutes != null) {
      return DryingSaying.OUT_OF_THE_DRYER.said();
    }
    DryingNow now = reader.facts(clock.instant());
    double before = now.factor(e.placeId, e.kindId);
    double hung = Duration.between(e.hungAt, now.now()).toSeconds() / SECONDS_PER_HOUR;
    DryCheck check = DryCheck.of(answer, before, hung, now.staying(e).drying().hoursToDry());
    if (e.crowded) {
      return DrySaying.TOO_CLOSE.said();
    }
    if (check.learnt()) {
      DryingFactorEntity f =
          factors.findByPlaceIdAndKindId(e.placeId, e.kindId).orElseGet(DryingFactorEntity::new);
      f.placeId = e.placeId;
      f.kindId = e.kindId;
      f.factor = check.factor();
      f.checks++;
      factors.saveAndFlush(f);
    }
    return check.words();
  }

  /** Forgets what dry checks have taught about a place and a kind. */
  @Transactional
  public void forget(long placeId, long kindId) {
    factors.delete(
        factors
            .findByPlaceIdAndKindId(placeId, kindId)
            .orElseThrow(() -> new StateConflict(DryingSaying.NOTHING_LEARNT)));
  }

  /**
   * Marks a group as dry; its pieces are clean again. The round is back on the shelf with its last
   * group.
   */
  @Transactional
  public void dry(long id) {
    HangingEntity e = reader.hanging(id);
    rounds.hold(e.roundId);
    e.dryAt = clock.instant();
    groups.saveAndFlush(e);
    stock.move(e.kindId, e.pieces, Whereabouts.DRYING, Whereabouts.CLEAN);
    events.publishEvent(dried(e, true));
    if (!groups.existsByRoundIdAndDryAtIsNull(e.roundId)) {
      rounds.shelve(e.roundId);
    }
  }

  /** Hangs a group back that was marked as dry by mistake. */
  @Transactional
  public void notDry(long id) {
    HangingEntity e = groups.findById(id).orElseThrow(() -> new NotFound(What.HANGING_GROUP, id));
    if (e.dryAt == null) {
      return;
    }
    rounds.hold(e.roundId);
    GroupDried takenBack = dried(e, false);
    e.dryAt = null;
    groups.saveAndFlush(e);
    events.publishEvent(takenBack);
    stock.move(e.kindId, e.pieces, Whereabouts.CLEAN, Whereabouts.DRYING);
    rounds.unshelve(e.roundId);
  }

  /** What drying did to a group: the strong sun since it hangs there, or its time in the dryer. */
  private GroupDried dried(HangingEntity e, boolean dry) {
    double tumbled = e.tumbleMinutes == null ? 0 : e.tumbleMinutes / 60;
    Instant until = e.dryAt == null ? clock.instant() : e.dryAt;
    int sun = reader.facts(until, Map.of()).strongSunH(e, until);
    return new GroupDried(e.roundId, e.kindId, e.pieces, sun, tumbled, dry);
  }
}
