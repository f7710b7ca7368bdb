package org.nestrinse.app.sort;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.gather.pail.GatherService;
import org.nestrinse.app.gather.pail.Waiting;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.kit.kind.StockService;
import org.nestrinse.app.kit.machine.MachineService;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.sort.SortViews.Load;
import org.nestrinse.app.store.RowLocks;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.household.Stock.Whereabouts;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.sort.BulkCalibration;
import org.nestrinse.core.sort.Joining;
import org.nestrinse.core.sort.ShelfBulk;
import org.nestrinse.core.sort.Sorted;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The loads that are being put together. */
@Service
public class SortService {
  private static final int MOST_SET_ASIDE = 20;
  private static final int LONGEST_REASON = 200;

  private final LoadReader reader;
  private final LoadRepository loads;
  private final LoadItemRepository items;
  private final GatherService gather;
  private final KindService kinds;
  private final MachineService machines;
  private final StockService stock;
  private final RowLocks locks;
  private final AsideRules rules;
  private final Clock clock;

  SortService(
      LoadReader reader,
      LoadRepository loads,
      LoadItemRepository items,
      GatherService gather,
      KindService kinds,
      MachineService machines,
      StockService stock,
      RowLocks locks,
      AsideRules rules,
      Clock clock) {
    this.reader = reader;
    this.loads = loads;
    this.items = items;
    this.gather = gather;
    this.kinds = kinds;
    this.machines = machines;
    this.stock = stock;
    this.locks = locks;
    this.rules = rules;
    this.clock = clock;
  }

  /** What is sent to add bulkers: from the basket, or clean ones from the shelf. */
  public record Bulk(@Nullable Long kindId, @Nullable Integer count, @Nullable Boolean fromShelf) {}

  /** What is sent to let waiting pieces join; a reason sets a soft rule aside. */
  public record Joined(@Nullable Long entryId, @Nullable String reason) {}

  /** What is sent after a look into the drum: how full it looked, as a share of one. */
  public record DrumSeen(@Nullable Double full) {}

  /**
   * Makes a load of a proposed one and returns its number.
   *
   * @param drum what was proposed
   * @param byId what waits, by the number of its entry
   * @param pailIds the pails it is made from
   * @param setAside soft rules that were set aside, with the reason given
   */
  long create(Sorted.Drum drum, Map<Long, Waiting> byId, List<Long> pailIds, List<Said> setAside) {
    LoadEntity load = new LoadEntity();
    load.state = LoadEntity.State.OPEN;
    load.madeAt = clock.instant();
    load.pails = List.copyOf(pailIds);
    load.setAside = setAside.stream().limit(MOST_SET_ASIDE).toList();
    long id = loads.save(load).id;
    drum.first().forEach(o -> put(id, byId.get(o.id()), o.pieces().count(), false));
    drum.bulkers().forEach(o -> put(id, byId.get(o.id()), o.pieces().count(), true));
    return id;
  }

  /** Returns a rule that was set aside, with the reason given. */
  static Said setAside(Said rule, String reason) {
    return Said.of(SortSaying.SET_ASIDE).with("rule", rule).with("reason", reason);
  }

  /** Returns an open load. */
  @Transactional(readOnly = true)
  public Load view(long loadId) {
    return reader.view(openLoad(loadId), gather.waiting());
  }

  /**
   * Keeps what a person saw in the drum: it corrects the bulk of the kinds in it, for next time
   * too.
   */
  @Transactional
  public Load look(long loadId, DrumSeen look) {
    openLoad(loadId);
    double full = RequestChecks.number("full", look.full, BulkCalibration.SEEN);
    LoadPieces pieces = reader.pieces(loadId);
    kinds.learnBulk(
        BulkCalibration.learn(full, pieces.first(), pieces.bulkers(), machines.machine().drumL()));
    return view(loadId);
  }

  /**
   * Lets waiting pieces join the first set; throws {@link StateConflict} with the rule that forbids
   * it.
   */
  @Transactional
  public Load join(long loadId, Joined joining) {
    LoadEntity load = toChange(loadId);
    if (joining.entryId == null) {
      throw new OutOfRange("entryId", Allowed.MISSING, SortRefusal.ENTRY_THAT_WAITS);
    }
    Waiting waiting =
        gather.waiting().stream()
            .filter(w -> w.entryId() == joining.entryId)
            .findFirst()
            .orElseThrow(() -> new StateConflict(SortRefusal.NO_LONGER_WAIT));
    LoadPieces pieces = reader.pieces(loadId);
    Joining.Verdict verdict =
        Joining.verdict(waiting.pieces(), pieces.first(), pieces.bulkers(), machines.machine())
            .orElse(null);
    if (verdict != null) {
      String reason = reason(verdict, joining.reason);
      load.setAside =
          Stream.concat(load.setAside.stream(), Stream.of(setAside(verdict.reason(), reason)))
              .limit(MOST_SET_ASIDE)
              .toList();
    }
    put(loadId, waiting, waiting.pieces().count(), false);
    return reader.view(load, gather.waiting());
  }

  /** Why a rule is set aside: since the house always does so, or as somebody says now. */
  private String reason(Joining.Verdict verdict, @Nullable String said) {
    String always = rules.now().setAside(verdict);
    if (always != null) {
      return always;
    }
    if (verdict.hard() || said == null || said.isBlank()) {
      throw new StateConflict(Said.of(SortRefusal.IT_STAYS).with("reason", verdict.reason()));
    }
    return RequestChecks.text("reason", said, LONGEST_REASON);
  }

  /**
   * Adds small household pieces for the main wash, from the basket or clean ones from the shelf;
   * throws {@link StateConflict} with the rule that forbids it.
   */
  @Transactional
  public Load addBulkers(long loadId, Bulk bulk) {
    LoadEntity load = toChange(loadId);
    if (bulk.kindId == null) {
      throw new OutOfRange("kindId", Allowed.MISSING, SortRefusal.A_KIND);
    }
    int count = RequestChecks.whole("count", bulk.count, Limits.COUNT);
    if (Boolean.TRUE.equals(bulk.fromShelf)) {
      takeFromShelf(load, bulk.kindId, count);
      return reader.view(load, gather.waiting());
    }
    List<Waiting> available =
        LoadReader.bulkers(gather.waiting(), load).getOrDefault(bulk.kindId, List.of());
    int there = available.stream().mapToInt(w -> w.pieces().count()).sum();
    if (count > there) {
      throw new OutOfRange(
          "count",
          count,
          there == 0 ? SortRefusal.NONE_IN_BASKET.said() : new Range(1, there).allowed());
    }
    SoiledPieces joining = available.get(0).pieces().withCount(count);
    LoadPieces pieces = reader.pieces(loadId);
    reader
        .refuseBulk(joining, pieces)
        .ifPresent(
            reason -> {
              throw new StateConflict(Said.of(SortRefusal.NOT_AS_BULK).with("reason", reason));
            });
    int left = count;
    for (Waiting w : available) {
      int now = Math.min(left, w.pieces().count());
      if (now > 0) {
        put(loadId, w, now, true);
        left -= now;
      }
    }
    return reader.view(load, gather.waiting());
  }

  private void takeFromShelf(LoadEntity load, long kindId, int count) {
    ShelfBulk.Offer offer =
        reader.fromShelf(load, reader.pieces(load.id), gather.waiting()).stream()
            .filter(o -> o.kind().id() == kindId)
            .findFirst()
            .orElseThrow(() -> new StateConflict(SortRefusal.NONE_FROM_SHELF));
    new Range(1, offer.most(), Unit.PIECE).check("count", count);
    stock.move(kindId, count, Whereabouts.CLEAN, Whereabouts.WAITING);
    SoiledPieces pieces = ShelfBulk.inLoad(offer.kind(), count, clock.instant());
    items.saveAndFlush(item(load.id, pieces, true));
  }

  /** Gives pieces of a load back to where they came from. */
  private void giveBack(LoadItemEntity item, int count) {
    if (item.entryId == null) {
      stock.move(item.kindId, count, Whereabouts.WAITING, Whereabouts.CLEAN);
    } else {
      gather.giveBack(item.entryId, count);
    }
  }

  /**
   * Gives pieces of a load back to their pail or to the shelf: those of the same kind and soil as
   * the item, the last ones first.
   *
   * @param wanted how many, or null for all of them
   */
  @Transactional
  public Load giveBack(long loadId, long itemId, @Nullable Integer wanted) {
    LoadEntity load = toChange(loadId);
    List<LoadItemEntity> all = items.findByLoadIdOrderById(loadId);
    LoadItemEntity like =
        all.stream()
            .filter(i -> i.id == itemId)
            .findFirst()
            .orElseThrow(() -> new NotFound(What.PIECE_IN_LOAD, itemId));
    List<LoadItemEntity> alike = new ArrayList<>(all.stream().filter(i -> i.alike(like)).toList());
    int there = alike.stream().mapToInt(i -> i.pieces).sum();
    int count =
        wanted == null ? there : new Range(1, there, Unit.PIECE).check("count", wanted.intValue());
    int soiled = all.stream().filter(i -> !i.bulker).mapToInt(i -> i.pieces).sum();
    if (!like.bulker && soiled == count) {
      throw new StateConflict(SortRefusal.LAST_OF_LOAD);
    }
    Collections.reverse(alike);
    int left = count;
    for (LoadItemEntity item : alike) {
      int now = Math.min(left, item.pieces);
      if (now > 0) {
        giveBack(item, now);
        item.pieces -= now;
        left -= now;
      }
      if (item.pieces == 0) {
        items.delete(item);
      }
    }
    items.flush();
    return reader.view(load, gather.waiting());
  }

  /** Takes the whole load back to its pails, and what came from the shelf to the shelf. */
  @Transactional
  public void takeBack(long loadId) {
    LoadEntity load = toChange(loadId);
    items.findByLoadIdOrderById(loadId).forEach(i -> giveBack(i, i.pieces));
    load.state = LoadEntity.State.TAKEN_BACK;
  }

  /** Holds an open load until the transaction ends, so that nobody changes what is in it. */
  @Transactional
  public void hold(long loadId) {
    toChange(loadId);
  }

  /**
   * Marks a load as started and moves its pieces into the machine; throws {@link StateConflict}
   * when it is not open.
   */
  @Transactional
  public LoadPieces start(long loadId) {
    LoadEntity load = toChange(loadId);
    load.state = LoadEntity.State.STARTED;
    loads.saveAndFlush(load);
    LoadPieces pieces = reader.pieces(loadId);
    stock.move(pieces.byKind(), Whereabouts.WAITING, Whereabouts.WASHING);
    return pieces;
  }

  /**
   * Opens a load again whose wash was stopped; its pieces wait in it. Throws {@link StateConflict}
   * when it had not started.
   */
  @Transactional
  public void reopen(long loadId) {
    LoadEntity load = loads.findById(loadId).orElseThrow(() -> new NotFound(What.LOAD, loadId));
    locks.moveOn(load);
    if (load.state != LoadEntity.State.STARTED) {
      throw new StateConflict(SortRefusal.NOT_IN_MACHINE);
    }
    load.state = LoadEntity.State.OPEN;
    loads.saveAndFlush(load);
    stock.move(reader.pieces(loadId).byKind(), Whereabouts.WASHING, Whereabouts.WAITING);
  }

  private void put(long loadId, Waiting w, int count, boolean bulker) {
    gather.take(w.entryId(), count);
    LoadItemEntity item = item(loadId, w.pieces().withCount(count), bulker);
    item.entryId = w.entryId();
    item.personId = w.personId();
    item.lotId = w.lotId();
    items.save(item);
  }

  private static LoadItemEntity item(long loadId, SoiledPieces pieces, boolean bulker) {
    LoadItemEntity item = new LoadItemEntity();
    item.loadId = loadId;
    item.kindId = pieces.kind().id();
    item.pieces = pieces.count();
    item.soil = pieces.soil();
    item.solidsOff = pieces.solidsOff();
    item.cameIn = pieces.since();
    item.bulker = bulker;
    item.newDye = pieces.newDye();
    item.firstWash = pieces.firstWash();
    return item;
  }

  private LoadEntity openLoad(long id) {
    return stillOpen(loads.findById(id).orElseThrow(() -> new NotFound(What.LOAD, id)));
  }

  /**
   * Returns a load whose pieces are to change. Its version moves on with them, so that of two who
   * change the same load, or start it meanwhile, one decides again.
   */
  private LoadEntity toChange(long id) {
    LoadEntity load = openLoad(id);
    locks.moveOn(load);
    return load;
  }

  private static LoadEntity stillOpen(LoadEntity load) {
    if (load.state != LoadEntity.State.OPEN) {
      throw new StateConflict(SortRefusal.NOT_OPEN);
    }
    return load;
  }
}
