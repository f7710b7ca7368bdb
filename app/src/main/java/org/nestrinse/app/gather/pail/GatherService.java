package org.nestrinse.app.gather.pail;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.gather.GatherRefusal;
import org.nestrinse.app.gather.SoilSent;
import org.nestrinse.app.gather.pail.GatherViews.Entry;
import org.nestrinse.app.gather.pail.GatherViews.Gathering;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.kind.KindCount;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.kit.kind.StockService;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.Stale;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.problem.What;
import org.nestrinse.core.gather.PailStyle;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoilAdvice;
import org.nestrinse.core.gather.Solids;
import org.nestrinse.core.household.Stock.Whereabouts;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pails and what waits in them. */
@Service
public class GatherService {
  private static final Range VERSION = new Range(0, Integer.MAX_VALUE);
  private static final double NEW_PIECES_L = 30;
  private static final Duration LONGEST_AGO = Duration.ofDays(14);

  private final GatherReader reader;
  private final PailService pailService;
  private final PailRepository pails;
  private final EntryRepository entries;
  private final HouseholdService household;
  private final KindService kinds;
  private final StockService stock;
  private final AssumedPieces assumed;
  private final LotRepository lots;
  private final Clock clock;

  GatherService(
      GatherReader reader,
      PailService pailService,
      PailRepository pails,
      EntryRepository entries,
      HouseholdService household,
      KindService kinds,
      StockService stock,
      AssumedPieces assumed,
      LotRepository lots,
      Clock clock) {
    this.reader = reader;
    this.pailService = pailService;
    this.pails = pails;
    this.entries = entries;
    this.household = household;
    this.kinds = kinds;
    this.stock = stock;
    this.assumed = assumed;
    this.lots = lots;
    this.clock = clock;
  }

  /** What is sent when pieces come in. */
  public record Coming(
      @Nullable Long kindId,
      @Nullable Integer count,
      @Nullable Soil soil,
      @Nullable Solids solids,
      @Nullable Instant cameIn) {}

  /** What is sent to correct pieces that wait. */
  public record Correction(
      @Nullable Integer version,
      @Nullable Integer count,
      @Nullable Soil soil,
      @Nullable Solids solids) {}

  /** Returns all pails with what waits in them. */
  @Transactional(readOnly = true)
  public Gathering gathering() {
    return reader.gathering();
  }

  /** Returns what waits and could be washed, oldest first; what soaks is left out. */
  @Transactional(readOnly = true)
  public List<Waiting> waiting() {
    PailPicture look = reader.look();
    Map<Long, LotEntity> soaking =
        lots.findAll().stream()
            .filter(l -> l.soakStartedAt != null)
            .collect(Collectors.toMap(l -> l.id, l -> l));
    return entries.waiting().stream()
        .filter(e -> e.lotId == null || !soaking.containsKey(e.lotId))
        .map(look::waiting)
        .toList();
  }

  /**
   * Returns the numbers of the entries that must go into the next wash whatever their clocks say:
   * their pail is full, or the shelf runs out before a later wash would be back.
   */
  @Transactional(readOnly = true)
  public Set<Long> pressing(Instant until) {
    return reader.look().pressing(entries.waiting(), until);
  }

  /** Returns what helps with pieces of a kind that come into a pail soiled in some way. */
  @Transactional(readOnly = true)
  public List<Said> advice(long pailId, long kindId, Soil soil, Solids solids) {
    PailEntity e = pails.findById(pailId).orElseThrow(() -> new NotFound(What.PAIL, pailId));
    Map<Long, Kind> byId = kinds.byId();
    Set<Bin> inside =
        entries.waiting().stream()
            .filter(x -> x.pailId == pailId)
            .map(x -> byId.get(x.kindId).bin())
            .collect(Collectors.toSet());
    return SoilAdvice.of(
        kinds.one(kindId),
        soil,
        solids,
        reader.needs().of(e.personId, clock.instant()),
        new SoilAdvice.Into(e.style(), e.airy && !household.current().pailsShut(), inside));
  }

  /** Returns what everyone's pieces need, looked up once for many pieces. */
  @Transactional(readOnly = true)
  public Needs needs() {
    return reader.needs();
  }

  /** Puts pieces into a pail and returns them. */
  @Transactional
  public Entry add(long pailId, Coming coming) {
    long id = put(pailId, coming);
    return reader.look().entry(waitingEntry(id));
  }

  /** Puts pieces into a pail and returns the number of the entry. */
  @Transactional
  public long put(long pailId, Coming coming) {
    if (!pails.existsByIdAndRemovedAtIsNull(pailId)) {
      throw new NotFound(What.PAIL, pailId);
    }
    if (coming.kindId == null) {
      throw new OutOfRange("kindId", Allowed.MISSING, GatherRefusal.A_KIND);
    }
    EntryEntity e = new EntryEntity();
    e.pailId = pailId;
    Kind kind = kinds.one(coming.kindId);
    e.kindId = kind.id();
    e.pieces = RequestChecks.whole("count", coming.count, Limits.COUNT);
    e.soil = SoilSent.of(kind, coming.soil);
    e.solids = RequestChecks.choice("solids", coming.solids, Solids.class);
    e.cameIn = cameIn(coming.cameIn);
    int standing = assumed.standFor(e);
    if (e.pieces > standing) {
      stock.move(e.kindId, e.pieces - standing, Whereabouts.CLEAN, Whereabouts.WAITING);
    }
    return entries.saveAndFlush(e).id;
  }

  /** Puts new pieces of a lot into the place where new pieces wait. */
  @Transactional
  public void putLot(long lotId, long kindId, int count) {
    EntryEntity e = new EntryEntity();
    e.pailId = newPiecesPail();
    e.kindId = kindId;
    e.pieces = count;
    e.soil = Soil.DIRT;
    e.solids = Solids.NONE;
    e.cameIn = clock.instant();
    e.lotId = lotId;
    stock.move(kindId, count, Whereabouts.CLEAN, Whereabouts.WAITING);
    entries.saveAndFlush(e);
  }

  /** Takes what waits of a lot out of its place; it is clean then. Returns how many it was. */
  @Transactional
  public int takeLotOut(long lotId) {
    int out = 0;
    for (EntryEntity e : entries.findByLotIdAndRemovedAtIsNull(lotId)) {
      int left = e.left();
      if (left > 0) {
        out += left;
        e.pieces = e.taken;
        if (e.pieces == 0) {
          e.pieces = left;
          e.removedAt = clock.instant();
        }
        entries.saveAndFlush(e);
        stock.move(e.kindId, left, Whereabouts.WAITING, Whereabouts.CLEAN);
      }
    }
    return out;
  }

  private long newPiecesPail() {
    return pails.findByRemovedAtIsNull(Sort.by("id")).stream()
        .filter(p -> p.style == PailStyle.NEW_PIECES)
        .findFirst()
        .map(p -> p.id)
        .orElseGet(
            () ->
                pailService.addPail(
                    new PailService.Setup(
                        "New pieces", PailStyle.NEW_PIECES, NEW_PIECES_L, null, null)));
  }

  /**
   * Corrects pieces that wait; throws {@link Stale} when they were changed since the version sent.
   */
  @Transactional
  public Entry correct(long entryId, Correction correction) {
    EntryEntity e = waitingEntry(entryId);
    int count = RequestChecks.whole("count", correction.count, Limits.COUNT);
    Soil soil = SoilSent.of(kinds.one(e.kindId), correction.soil);
    Solids solids = RequestChecks.choice("solids", correction.solids, Solids.class);
    if (e.version != RequestChecks.whole("version", correction.version, VERSION)) {
      throw new Stale(What.THESE_PIECES, reader.look().entry(e));
    }
    int more = count - e.left();
    if (more > 0) {
      stock.move(e.kindId, more, Whereabouts.CLEAN, Whereabouts.WAITING);
    } else if (more < 0) {
      stock.move(e.kindId, -more, Whereabouts.WAITING, Whereabouts.CLEAN);
    }
    e.pieces = e.taken + count;
    e.soil = soil;
    e.solids = solids;
    // Whoever corrects it has looked: it is no longer assumed.
    e.assumed = false;
    return reader.look().entry(entries.saveAndFlush(e));
  }

  /** Takes a mistaken entry out; {@link #restore} undoes it. */
  @Transactional
  public void remove(long entryId) {
    EntryEntity e = waitingEntry(entryId);
    if (e.taken > 0) {
      throw new StateConflict(GatherRefusal.IN_A_LOAD);
    }
    int stay = assumed.standBack(e);
    if (e.pieces > stay) {
      stock.move(e.kindId, e.pieces - stay, Whereabouts.WAITING, Whereabouts.CLEAN);
    }
    e.removedAt = clock.instant();
    entries.saveAndFlush(e);
  }

  /** Puts a removed entry back as it was. */
  @Transactional
  public Entry restore(long entryId) {
    EntryEntity e = entries.findById(entryId).orElseThrow(() -> new NotFound(What.ENTRY, entryId));
    if (e.removedAt == null) {
      return reader.look().entry(e);
    }
    int standing = e.habitId == null && e.lotId == null ? assumed.standFor(e) : 0;
    if (e.pieces > standing) {
      stock.move(e.kindId, e.pieces - standing, Whereabouts.CLEAN, Whereabouts.WAITING);
    }
    e.removedAt = null;
    return reader.look().entry(entries.saveAndFlush(e));
  }

  /** Returns how many pieces of each kind wait in pails, by its number. */
  @Transactional(readOnly = true)
  public Map<Long, Integer> waitingByKind() {
    return KindCount.byKind(entries.waitingByKind());
  }

  /** Takes waiting pieces of an entry into a load. */
  @Transactional
  public void take(long entryId, int count) {
    EntryEntity e = waitingEntry(entryId);
    if (count < 1 || count > e.left()) {
      throw new OutOfRange(
          "count", count, Said.of(GatherRefusal.SO_MANY_WAIT).with("most", e.left()));
    }
    e.taken += count;
  }

  /** Gives pieces of an entry back to its pail. */
  @Transactional
  public void giveBack(long entryId, int count) {
    EntryEntity e = entries.findById(entryId).orElseThrow(() -> new NotFound(What.ENTRY, entryId));
    e.taken -= count;
  }

  private Instant cameIn(@Nullable Instant given) {
    Instant now = clock.instant();
    if (given == null) {
      return now;
    }
    if (given.isAfter(now) || given.isBefore(now.minus(LONGEST_AGO))) {
      throw new OutOfRange(
          "cameIn",
          given,
          Said.of(GatherRefusal.WITHIN_DAYS).with("days", (int) LONGEST_AGO.toDays()));
    }
    return given;
  }

  private EntryEntity waitingEntry(long id) {
    EntryEntity e = entries.findById(id).orElseThrow(() -> new NotFound(What.ENTRY, id));
    if (e.removedAt != null || e.left() == 0) {
      throw new StateConflict(GatherRefusal.NO_LONGER_WAIT);
    }
    return e;
  }
}
