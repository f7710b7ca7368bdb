package org.nestrinse.app.gather.pail;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.gather.GatherRefusal;
import org.nestrinse.app.gather.GatherSaying;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.gather.Prep;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;
import org.nestrinse.core.why.WhySource;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** New pieces on their way to full use: washes and soaks still to come, and when they are ready. */
@Service
public class LotService {
  private final LotRepository lots;
  private final GatherService gather;
  private final KindService kinds;
  private final HouseholdService households;
  private final Clock clock;
  private final ApplicationEventPublisher events;

  LotService(
      LotRepository lots,
      GatherService gather,
      KindService kinds,
      HouseholdService households,
      Clock clock,
      ApplicationEventPublisher events) {
    this.lots = lots;
    this.gather = gather;
    this.kinds = kinds;
    this.households = households;
    this.clock = clock;
    this.events = events;
  }

  /** New pieces as they are sent. */
  public record NewPieces(@Nullable Long kindId, @Nullable Integer count) {}

  /**
   * A lot of new pieces.
   *
   * @param id number
   * @param kindId the kind
   * @param kind its name
   * @param words in words: "6 bamboo trifolds"
   * @param reason what this fibre needs, and why
   * @param washes washes so far
   * @param soakWashes washes that its soaks stand for
   * @param needed washes needed in all
   * @param left washes still to come
   * @param soakable whether a soak counts
   * @param soakWords how long it has soaked, when it soaks now; null otherwise
   * @param soakFullWords when that soak counts in full, in words; null when it does not soak
   * @param bleeds whether its dye may still bleed, so that it is kept away from pale pieces
   * @param ready whether it is ready
   * @param readyWords when it is ready, in words
   * @param why how that is reckoned
   */
  @RecordBuilder
  public record Lot(
      long id,
      long kindId,
      String kind,
      Said words,
      Said reason,
      int washes,
      int soakWashes,
      int needed,
      int left,
      boolean soakable,
      @Nullable Said soakWords,
      @Nullable Said soakFullWords,
      boolean bleeds,
      boolean ready,
      Said readyWords,
      Why why) {}

  /** Returns the lots that are on their way, oldest first. */
  @Transactional(readOnly = true)
  public List<Lot> onTheirWay() {
    return lots.findByRemovedAtIsNullOrderById().stream()
        .filter(l -> l.readyAt == null)
        .map(this::view)
        .toList();
  }

  /** Buys new pieces: they are owned from now on, and wait for their first wash. */
  @Transactional
  public Lot add(NewPieces pieces) {
    if (pieces.kindId == null) {
      throw new OutOfRange("kindId", Allowed.MISSING, GatherRefusal.A_KIND);
    }
    Kind kind = kinds.one(pieces.kindId);
    LotEntity e = new LotEntity();
    e.kindId = kind.id();
    e.pieces = RequestChecks.whole("count", pieces.count, Limits.COUNT);
    e.boughtAt = clock.instant();
    kinds.buy(kind.id(), e.pieces);
    events.publishEvent(new PiecesBought(kind.id(), e.pieces));
    long id = lots.saveAndFlush(e).id;
    gather.putLot(id, kind.id(), e.pieces);
    return view(lot(id));
  }

  /** Takes new pieces back that were entered by mistake and not washed yet. */
  @Transactional
  public void remove(long id) {
    LotEntity e = lot(id);
    if (e.washes > 0 || gather.takeLotOut(id) < e.pieces) {
      throw new StateConflict(GatherRefusal.WASHED_OR_IN_LOAD);
    }
    kinds.buy(e.kindId, -e.pieces);
    events.publishEvent(new PiecesBought(e.kindId, -e.pieces));
    lot(id).removedAt = clock.instant();
  }

  /** Starts the cold soak of a lot; it goes into no load while it soaks. */
  @Transactional
  public Lot startSoak(long id) {
    LotEntity e = lot(id);
    if (!prep(kinds.one(e.kindId)).soakable()) {
      throw new StateConflict(GatherRefusal.SOAK_NO_HELP);
    }
    if (e.soakStartedAt != null) {
      throw new StateConflict(GatherRefusal.SOAKS_ALREADY);
    }
    e.soakStartedAt = clock.instant();
    return view(lots.saveAndFlush(e));
  }

  /** Ends the soak of a lot and counts it; a lot that needs no more is ready. */
  @Transactional
  public Lot endSoak(long id) {
    LotEntity e = lot(id);
    if (e.soakStartedAt == null) {
      throw new StateConflict(GatherRefusal.NOT_SOAKING);
    }
    Duration soaked = Duration.between(e.soakStartedAt, clock.instant());
    e.soakedMinutes = (int) Math.max(e.soakedMinutes, soaked.toMinutes());
    e.soakStartedAt = null;
    lots.saveAndFlush(e);
    if (left(e) == 0) {
      gather.takeLotOut(id);
      lot(id).readyAt = clock.instant();
    }
    return view(lot(id));
  }

  /**
   * Counts a wash for pieces of a lot. When only some of it was washed, these become a lot of their
   * own.
   */
  @Transactional
  public void credit(long id, int pieces, long roundId) {
    LotEntity e = lot(id);
    if (pieces < e.pieces) {
      LotEntity washed = new LotEntity();
      washed.kindId = e.kindId;
      washed.pieces = pieces;
      washed.washes = e.washes;
      washed.soakedMinutes = e.soakedMinutes;
      washed.boughtAt = e.boughtAt;
      e.pieces -= pieces;
      lots.save(e);
      e = washed;
    }
    e.washes++;
    e.roundId = roundId;
    lots.saveAndFlush(e);
  }

  /**
   * Says that the pieces of a kind in a round are dry: they are ready, or wait for their next wash.
   */
  @Transactional
  public void dried(long roundId, long kindId) {
    for (LotEntity e : lots.findByRoundIdAndKindId(roundId, kindId)) {
      if (left(e) == 0) {
        e.readyAt = clock.instant();
        lots.saveAndFlush(e);
      } else {
        gather.putLot(e.id, e.kindId, e.pieces);
      }
    }
  }

  /** Takes back what {@link #dried} said. */
  @Transactional
  public void notDried(long roundId, long kindId) {
    for (LotEntity e : lots.findByRoundIdAndKindId(roundId, kindId)) {
      e.readyAt = null;
      lots.saveAndFlush(e);
      gather.takeLotOut(e.id);
    }
  }

  private Prep prep(Kind kind) {
    return Prep.of(kind, households.current().newPieces());
  }

  private int left(LotEntity e) {
    return prep(kinds.one(e.kindId)).left(e.washes, e.soaked());
  }

  private LotEntity lot(long id) {
    LotEntity e = lots.findById(id).orElseThrow(() -> new NotFound(What.LOT, id));
    if (e.removedAt != null) {
      throw new StateConflict(GatherRefusal.TAKEN_BACK);
    }
    return e;
  }

  private Lot view(LotEntity e) {
    Kind kind = kinds.one(e.kindId);
    Prep prep = prep(kind);
    Instant now = clock.instant();
    TimeWords words = households.timeWords();
    GatherViews.NextDue next = gather.gathering().nextDue();
    Instant nextWash = next == null || next.at().isBefore(now) ? now : next.at();
    Duration between = Duration.ofHours(households.current().wetHours());
    Instant ready = prep.readyOn(e.washes, e.soaked(), e.soakStartedAt, nextWash, between);
    int soakWashes = prep.soakable() ? Prep.credit(e.soaked()) : 0;
    int left = prep.left(e.washes, e.soaked());
    Said readyWords = e.readyAt != null ? GatherSaying.IS_READY.said() : words.at(ready);
    Why why =
        Why.of(readyWords, prep.reason())
            .line(GatherSaying.WASHES_NEEDED, prep.washes())
            .line(GatherSaying.WASHED, e.washes)
            .line(GatherSaying.SOAKS_COUNT, soakWashes)
            .line(GatherSaying.STILL_TO_COME, left)
            .line(GatherSaying.NEXT_WASH, words.at(nextWash))
            .line(GatherSaying.BETWEEN, Quantity.of(between.toHours(), Unit.HOUR))
            .total(GatherSaying.READY, readyWords)
            .by(Model.NEW_PIECES, WhySource.OWN_FIGURES);
    return LotServiceLotBuilder.builder()
        .id(e.id)
        .kindId(e.kindId)
        .kind(kind.name())
        .words(kind.counted(e.pieces))
        .reason(prep.reason())
        .washes(e.washes)
        .soakWashes(soakWashes)
        .needed(prep.washes())
        .left(left)
        .soakable(prep.soakable())
        .soakWords(e.soakStartedAt == null ? null : words.ago(e.soakStartedAt))
        .soakFullWords(e.soakStartedAt == null ? null : words.at(Prep.soakedFully(e.soakStartedAt)))
        .bleeds(Prep.bleeds(kind, e.washes))
        .ready(e.readyAt != null)
        .readyWords(readyWords)
        .why(why)
        .build();
  }

  /** Forgets in which round new pieces were washed last, because the round is forgotten. */
  @Transactional
  public void forgetRound(long roundId) {
    lots.findByRoundId(roundId).forEach(l -> l.roundId = null);
    lots.flush();
  }
}
