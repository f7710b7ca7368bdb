package org.nestrinse.app.wear;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Clock;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.dry.GroupDried;
import org.nestrinse.app.gather.pail.PiecesBought;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.kit.kind.KindView;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.Stale;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.app.wash.round.RoundWashed;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.shelf.TextileLife;
import org.nestrinse.core.shelf.WearHistory;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.Range;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;
import org.nestrinse.core.why.WhySource;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Batches of pieces that were bought together and what they have been through. Single pieces are
 * not tracked one by one: what happens to some of a kind is spread evenly over all of it.
 */
@Service
public class WearService {
  private static final int LONGEST_NOTE = 400;
  private static final Range VERSION = new Range(0, Integer.MAX_VALUE);

  private final BatchRepository batches;
  private final KindService kinds;
  private final HouseholdService households;
  private final Clock clock;

  WearService(
      BatchRepository batches, KindService kinds, HouseholdService households, Clock clock) {
    this.batches = batches;
    this.kinds = kinds;
    this.households = households;
    this.clock = clock;
  }

  /**
   * A batch with what it has been through.
   *
   * @param id number
   * @param version counts its changes
   * @param kindId what it is
   * @param kind its name
   * @param pieces how many there are
   * @param boughtWords since when
   * @param price of one piece
   * @param washes each has had
   * @param hotWashes of them at 60 or more
   * @param bleaches of them with bleach of any sort
   * @param sunHours of strong sun
   * @param tumbleHours in the dryer
   * @param life what is used of its life
   * @param share of its life that is used
   * @param look whether to look at seams and elastic
   * @param costPerUse what a use costs
   * @param note what somebody saw
   * @param lookedWords when somebody looked last, or null
   * @param why how that is reckoned
   */
  @RecordBuilder
  public record PieceBatch(
      long id,
      long version,
      long kindId,
      String kind,
      int pieces,
      Said boughtWords,
      double price,
      double washes,
      double hotWashes,
      double bleaches,
      double sunHours,
      double tumbleHours,
      TextileLife life,
      double share,
      boolean look,
      double costPerUse,
      String note,
      @Nullable Said lookedWords,
      Why why) {}

  /** What is sent to keep a price or what somebody saw. */
  public record Inspection(
      @Nullable Integer version, @Nullable Double price, @Nullable String note) {}

  /** How many pieces are retired, and whether as many new ones replace them. */
  public record Retire(@Nullable Integer pieces, @Nullable Boolean replace) {}

  /** Returns all batches in use, those nearest to their end first. */
  @Transactional(readOnly = true)
  public List<PieceBatch> all() {
    Map<Long, KindView> views = views();
    TimeWords words = households.timeWords();
    return batches.findByRetiredAtIsNullOrderById().stream()
        .filter(b -> views.containsKey(b.kindId) && b.pieces > 0)
        .map(b -> view(b, views.get(b.kindId).asKind(), words))
        .sorted(Comparator.comparing(b -> -b.share()))
        .toList();
  }

  private Map<Long, KindView> views() {
    Map<Long, KindView> views = new LinkedHashMap<>();
    kinds.all().forEach(k -> views.put(k.id(), k));
    return views;
  }

  /** Keeps a price or what somebody saw; throws {@link Stale} when it was changed meanwhile. */
  @Transactional
  public PieceBatch look(long id, Inspection look) {
    BatchEntity e = batch(id);
    if (e.version != RequestChecks.whole("version", look.version, VERSION)) {
      throw new Stale(kinds.one(e.kindId).name(), one(e));
    }
    e.price = RequestChecks.numberOr("price", look.price, TextileLife.PRICE, e.price);
    if (look.note != null) {
      e.note = look.note.isBlank() ? "" : RequestChecks.text("note", look.note, LONGEST_NOTE);
      e.lookedAt = clock.instant();
    }
    return one(batches.saveAndFlush(e));
  }

  /**
   * Takes worn-out pieces out of stock; throws {@link StateConflict} when too few are clean ones.
   */
  @Transactional
  public List<PieceBatch> retire(long id, Retire retire) {
    BatchEntity e = batch(id);
    int pieces = RequestChecks.whole("pieces", retire.pieces, new Range(1, e.pieces, Unit.PIECE));
    KindView kind = views().get(e.kindId);
    if (kind.stock().clean() < pieces) {
      throw new StateConflict(Said.of(WearSaying.ONLY_CLEAN).with("clean", kind.stock().clean()));
    }
    e.pieces -= pieces;
    if (e.pieces == 0) {
      e.retiredAt = clock.instant();
    }
    batches.saveAndFlush(e);
    if (Boolean.TRUE.equals(retire.replace)) {
      fresh(e.kindId, pieces, e.price);
    } else {
      kinds.buy(e.kindId, -pieces);
    }
    return all();
  }

  @EventListener
  @Transactional
  void bought(PiecesBought bought) {
    if (bought.pieces() > 0) {
      // What was there before them becomes a batch of its own first.
      of(bought.kindId(), owned(bought.kindId()) - bought.pieces());
      fresh(bought.kindId(), bought.pieces(), 0);
      return;
    }
    List<BatchEntity> there = batches.findByKindIdAndRetiredAtIsNullOrderById(bought.kindId());
    if (!there.isEmpty()) {
      BatchEntity last = there.get(there.size() - 1);
      last.pieces = Math.max(0, last.pieces + bought.pieces());
    }
  }

  @EventListener
  @Transactional
  void washed(RoundWashed washed) {
    TextileLife.Wash wash =
        new TextileLife.Wash(washed.peakC(), washed.oxygen(), washed.chlorine());
    Map<Long, KindView> views = views();
    for (SoiledPieces p : washed.pieces().all()) {
      KindView view = views.get(p.kind().id());
      int owned = view == null ? 0 : view.stock().owned();
      WearHistory.Some some = new WearHistory.Some(p.kind(), p.count(), owned);
      of(p.kind().id(), owned).forEach(b -> b.keep(b.history().washed(some, wash)));
    }
  }

  @EventListener
  @Transactional
  void dried(GroupDried dried) {
    Kind kind = kinds.one(dried.kindId());
    int owned = owned(kind.id());
    WearHistory.Some some = new WearHistory.Some(kind, dried.pieces(), owned);
    for (BatchEntity b : of(kind.id(), owned)) {
      b.keep(
          dried.dry()
              ? b.history().dried(some, dried.sunHours(), dried.tumbleHours())
              : b.history().notDried(some, dried.sunHours(), dried.tumbleHours()));
    }
  }

  private int owned(long kindId) {
    KindView view = views().get(kindId);
    return view == null ? 0 : view.stock().owned();
  }

  /** The batches of a kind; all that is owned is one batch until somebody adds another. */
  private List<BatchEntity> of(long kindId, int owned) {
    List<BatchEntity> there = batches.findByKindIdAndRetiredAtIsNullOrderById(kindId);
    return there.isEmpty() && owned > 0 ? List.of(fresh(kindId, owned, 0)) : there;
  }

  private BatchEntity fresh(long kindId, int pieces, double price) {
    BatchEntity e = new BatchEntity();
    e.kindId = kindId;
    e.pieces = pieces;
    e.boughtAt = clock.instant();
    e.price = price;
    return batches.saveAndFlush(e);
  }

  private BatchEntity batch(long id) {
    return batches.findById(id).orElseThrow(() -> new NotFound(What.BATCH, id));
  }

  private PieceBatch one(BatchEntity e) {
    return view(e, kinds.one(e.kindId), households.timeWords());
  }

  private static PieceBatch view(BatchEntity e, Kind kind, TimeWords words) {
    TextileLife life = new TextileLife(TextileLife.expected(kind), e.used);
    double perUse = life.costPerUse(e.price, e.washes);
    Why why =
        Why.of(
                Said.of(WearSaying.TITLE)
                    .with("kind", kind.name())
                    .with("share", Quantity.share(life.share())),
                WearSaying.COUNTED)
            .line(WearSaying.WASHES, number(e.washes))
            .line(WearSaying.HOT, number(e.hotWashes))
            .line(WearSaying.BLEACHED, number(e.bleaches))
            .line(WearSaying.STRONG_SUN, new Quantity(e.sunHours, Unit.HOUR, 1))
            .line(WearSaying.IN_DRYER, new Quantity(e.tumbleHours, Unit.HOUR, 1))
            .line(WearSaying.USED, Said.of(WearSaying.ORDINARY).with("washes", number(life.used())))
            .line(WearSaying.WEAKEST, Quantity.of(life.expected(), Unit.NONE))
            .total(WearSaying.SHARE, Quantity.share(life.share()))
            .line(WearSaying.ONE_COSTS, new Quantity(e.price, Unit.MONEY, 2))
            .line(WearSaying.USE_COSTS, new Quantity(perUse, Unit.MONEY, 3))
            .by(Model.WEAR, WhySource.OWN_FIGURES);
    return WearServicePieceBatchBuilder.builder()
        .id(e.id)
        .version(e.version)
        .kindId(e.kindId)
        .kind(kind.name())
        .pieces(e.pieces)
        .boughtWords(words.at(e.boughtAt))
        .price(e.price)
        .washes(e.washes)
        .hotWashes(e.hotWashes)
        .bleaches(e.bleaches)
        .sunHours(e.sunHours)
        .tumbleHours(e.tumbleHours)
        .life(life)
        .share(life.share())
        .look(life.look())
        .costPerUse(perUse)
        .note(e.note)
        .lookedWords(e.lookedAt == null ? null : words.at(e.lookedAt))
        .why(why)
        .build();
  }

  private static Quantity number(double value) {
    return new Quantity(value, Unit.NONE, 1);
  }
}
