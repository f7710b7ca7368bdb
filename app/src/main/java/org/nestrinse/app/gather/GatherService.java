package org.nestrinse.app.gather;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.gather.GatherViews.Entry;
import org.nestrinse.app.gather.GatherViews.Gathering;
import org.nestrinse.app.gather.GatherViews.Pail;
import org.nestrinse.app.kit.HouseholdService;
import org.nestrinse.app.kit.KindCount;
import org.nestrinse.app.kit.KindService;
import org.nestrinse.app.kit.Person;
import org.nestrinse.app.kit.PersonService;
import org.nestrinse.app.kit.ProductService;
import org.nestrinse.app.kit.Stock.Whereabouts;
import org.nestrinse.app.kit.StockService;
import org.nestrinse.app.problem.Given;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.NotNow;
import org.nestrinse.app.problem.Stale;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.shelf.ShelfService;
import org.nestrinse.app.time.HouseClock;
import org.nestrinse.core.dose.Dilution;
import org.nestrinse.core.gather.PailCleaning;
import org.nestrinse.core.gather.PailStyle;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoilAdvice;
import org.nestrinse.core.gather.Solids;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;
import org.nestrinse.core.why.WhySource;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pails and what waits in them. */
@Service
public class GatherService {
  private static final int LONGEST_NAME = 80;
  private static final Range CAPACITY_L = new Range(1, 300, Unit.LITRE);
  private static final Range VERSION = new Range(0, Integer.MAX_VALUE);
  private static final double NEW_PIECES_L = 30;
  private static final Duration LONGEST_AGO = Duration.ofDays(14);

  private final PailRepository pails;
  private final EntryRepository entries;
  private final HouseholdService household;
  private final PersonService people;
  private final KindService kinds;
  private final ProductService products;
  private final StockService stock;
  private final NormalDayService normal;
  private final LotRepository lots;
  private final ShelfService shelf;
  private final HouseClock clock;

  GatherService(
      PailRepository pails,
      EntryRepository entries,
      HouseholdService household,
      PersonService people,
      KindService kinds,
      ProductService products,
      StockService stock,
      NormalDayService normal,
      LotRepository lots,
      ShelfService shelf,
      HouseClock clock) {
    this.pails = pails;
    this.entries = entries;
    this.household = household;
    this.people = people;
    this.kinds = kinds;
    this.products = products;
    this.stock = stock;
    this.normal = normal;
    this.lots = lots;
    this.shelf = shelf;
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

  /** What is sent to set up a pail. */
  public record NewPail(
      @Nullable String name,
      @Nullable PailStyle style,
      @Nullable Double capacityL,
      @Nullable Long personId,
      @Nullable Boolean airy) {}

  /** What is sent to change a pail. */
  public record PailChange(
      @Nullable Integer version,
      @Nullable String name,
      @Nullable Double capacityL,
      @Nullable Long personId,
      @Nullable Boolean airy) {}

  /** What is sent to mark a pail as emptied. */
  public record Emptying(@Nullable Integer version) {}

  /** Returns all pails with what waits in them. */
  @Transactional(readOnly = true)
  public Gathering gathering() {
    return look().gathering(entries.waiting());
  }

  /** Returns what waits and could be washed, oldest first; what soaks is left out. */
  @Transactional(readOnly = true)
  public List<Waiting> waiting() {
    GatherLook look = look();
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
    return look().pressing(entries.waiting(), until);
  }

  /** Sets up a pail and returns its number. */
  @Transactional
  public long addPail(NewPail pail) {
    PailEntity e = new PailEntity();
    e.name = Given.text("name", pail.name, LONGEST_NAME);
    refuseTwins(e, e.name);
    e.style = Given.choice("style", pail.style, PailStyle.class);
    e.capacityL = Given.number("capacityL", pail.capacityL, CAPACITY_L);
    if (pail.personId != null && people.all().stream().noneMatch(p -> p.id() == pail.personId)) {
      throw new NotFound(What.PERSON, pail.personId);
    }
    e.personId = pail.personId;
    e.airy = pail.airy == null ? e.style.usuallyAiry() : pail.airy;
    e.liner = e.style.twoLiners() ? "A" : null;
    e.position = (int) pails.count();
    return pails.save(e).id;
  }

  /** Changes a pail; throws {@link Stale} when it was changed since the version sent. */
  @Transactional
  public void changePail(long pailId, PailChange change) {
    PailEntity e = pail(pailId);
    String name = Given.text("name", change.name, LONGEST_NAME);
    double capacityL = Given.number("capacityL", change.capacityL, CAPACITY_L);
    boolean airy = Given.yesNo("airy", change.airy);
    checkVersion(e, change.version);
    refuseTwins(e, name);
    if (change.personId != null
        && people.all().stream().noneMatch(p -> p.id() == change.personId)) {
      throw new NotFound(What.PERSON, change.personId);
    }
    e.name = name;
    e.capacityL = capacityL;
    e.airy = airy;
    e.personId = change.personId;
    pails.saveAndFlush(e);
  }

  private void refuseTwins(PailEntity e, String name) {
    boolean twin =
        pails.findByRemovedAtIsNull(Sort.by("id")).stream()
            .anyMatch(o -> o != e && o.name.equalsIgnoreCase(name));
    if (twin) {
      throw new NotNow(Said.of(GatherRefusal.NAME_TAKEN).with("name", name));
    }
  }

  /**
   * Removes an empty pail; throws {@link NotNow} while something waits in it or a normal day brings
   * something into it.
   */
  @Transactional
  public void removePail(long pailId) {
    PailEntity e = pail(pailId);
    if (entries.waiting().stream().anyMatch(x -> x.pailId == pailId)) {
      throw new NotNow(Said.of(GatherRefusal.STILL_WAITING).with("pail", e.name));
    }
    if (normal.byPail().containsKey(pailId)) {
      throw new NotNow(Said.of(GatherRefusal.NORMAL_DAY_BRINGS).with("pail", e.name));
    }
    e.removedAt = clock.instant();
    pails.saveAndFlush(e);
  }

  /** Brings a removed pail back. */
  @Transactional
  public void bringPailBack(long pailId) {
    PailEntity e = pail(pailId);
    refuseTwins(e, e.name);
    e.removedAt = null;
    pails.saveAndFlush(e);
  }

  /** A pail that was removed. */
  public record RemovedPail(long id, String name) {}

  /** Returns the pails that were removed. */
  @Transactional(readOnly = true)
  public List<RemovedPail> removedPails() {
    return pails.findAll(Sort.by("id")).stream()
        .filter(p -> p.removedAt != null)
        .map(p -> new RemovedPail(p.id, p.name))
        .toList();
  }

  /**
   * Marks a pail as emptied and cleaned, and puts the other liner in. What stays in it waits on.
   * Throws {@link Stale} when another carer changed the pail meanwhile, {@link NotNow} when it was
   * emptied already and nothing came in since.
   */
  @Transactional
  public void empty(long pailId, Emptying emptying) {
    PailEntity e = pail(pailId);
    Instant emptied = e.emptiedAt;
    boolean nothingSince =
        emptied != null
            && entries.findByPailIdAndRemovedAtIsNull(pailId).stream()
                .noneMatch(x -> x.cameIn.isAfter(emptied));
    if (nothingSince) {
      throw new NotNow(
          Said.of(GatherRefusal.EMPTIED_ALREADY)
              .with("pail", e.name)
              .with("when", household.timeWords().at(emptied)));
    }
    checkVersion(e, emptying.version);
    e.emptiedBefore = emptied;
    e.emptiedAt = clock.instant();
    e.swapLiner();
    pails.saveAndFlush(e);
  }

  /** Takes the last emptying of a pail back. */
  @Transactional
  public void notEmpty(long pailId) {
    PailEntity e = pail(pailId);
    if (e.emptiedAt != null) {
      e.emptiedAt = e.emptiedBefore;
      e.emptiedBefore = null;
      e.swapLiner();
      pails.saveAndFlush(e);
    }
  }

  /** Returns what emptying a pail takes, step by step. */
  @Transactional(readOnly = true)
  public GatherViews.Cleaning cleaning(long pailId) {
    PailEntity e = pail(pailId);
    PailCleaning.Cleaner cleaner = household.current().cleaner();
    String other = e.otherLiner();
    PailCleaning cleaning = PailCleaning.of(e.style(), cleaner, other);
    return new GatherViews.Cleaning(
        cleaning.steps(), cleaner == null ? null : mixWhy(cleaner, cleaning.mix()));
  }

  private static @Nullable Why mixWhy(PailCleaning.Cleaner cleaner, @Nullable Dilution mix) {
    return mix == null
        ? null
        : Why.of(new Quantity(mix.productMl(), Unit.MILLILITRE, 1), GatherSaying.DILUTION)
            .line(cleaner.name(), new Quantity(cleaner.percent() / 100, Unit.SHARE, 2))
            .line(GatherSaying.WANTED, Quantity.of(cleaner.targetMgL(), Unit.MG_PER_L))
            .line(GatherSaying.WATER, new Quantity(mix.waterL(), Unit.LITRE, 1))
            .total(
                Said.of(GatherSaying.FORMULA)
                    .with("wanted", Quantity.of(cleaner.targetMgL(), Unit.NONE))
                    .with("water", new Quantity(mix.waterL(), Unit.NONE, 1))
                    .with("percent", new Quantity(cleaner.percent(), Unit.NONE, 2)),
                new Quantity(mix.productMl(), Unit.MILLILITRE, 1))
            .by(Model.DILUTION, WhySource.COUNTED);
  }

  private PailEntity pail(long pailId) {
    return pails.findById(pailId).orElseThrow(() -> new NotFound(What.PAIL, pailId));
  }

  private void checkVersion(PailEntity e, @Nullable Integer version) {
    if (e.version != Given.whole("version", version, VERSION)) {
      Pail now =
          look().gathering(entries.waiting()).pails().stream()
              .filter(p -> p.id() == e.id)
              .findFirst()
              .orElseThrow();
      throw new Stale(e.name, now);
    }
  }

  /** Returns what helps with pieces of a kind that come into a pail soiled in some way. */
  @Transactional(readOnly = true)
  public List<Said> advice(long pailId, long kindId, Soil soil, Solids solids) {
    PailEntity e = pail(pailId);
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
        needs().of(e.personId, clock.instant()),
        new SoilAdvice.Into(e.style(), e.airy && !household.current().pailsShut(), inside));
  }

  /** Returns what everyone's pieces need, looked up once for many pieces. */
  @Transactional(readOnly = true)
  public Needs needs() {
    return new Needs(
        people.all().stream().collect(Collectors.toMap(Person::id, p -> p)),
        normal.spells(),
        household.current().zoneId(),
        products.products().stream().anyMatch(Product::plainDetergent));
  }

  /** Puts pieces into a pail and returns them. */
  @Transactional
  public Entry add(long pailId, Coming coming) {
    long id = put(pailId, coming);
    return look().entry(waitingEntry(id));
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
    e.kindId = kinds.one(coming.kindId).id();
    e.pieces = Given.whole("count", coming.count, Limits.COUNT);
    e.soil = Given.choice("soil", coming.soil, Soil.class);
    e.solids = Given.choice("solids", coming.solids, Solids.class);
    e.cameIn = cameIn(coming.cameIn);
    int standing = standFor(e);
    if (e.pieces > standing) {
      stock.move(e.kindId, e.pieces - standing, Whereabouts.CLEAN, Whereabouts.WAITING);
    }
    return entries.saveAndFlush(e).id;
  }

  /** Lets logged pieces stand for assumed ones, which wait already, and returns how many. */
  private int standFor(EntryEntity logged) {
    for (EntryEntity assumed : normal.standFor(logged.pailId, logged.kindId, logged.cameIn)) {
      int standing = Math.min(assumed.left(), logged.pieces);
      assumed.pieces -= standing;
      if (assumed.pieces == 0) {
        assumed.removedAt = clock.instant();
      }
      entries.saveAndFlush(assumed);
      logged.replacesId = assumed.id;
      logged.replaces = standing;
      return standing;
    }
    return 0;
  }

  /** Gives the assumed pieces back that an entry stood for, and returns how many. */
  private int standBack(EntryEntity logged) {
    if (logged.replacesId == null) {
      return 0;
    }
    EntryEntity assumed = entries.findById(logged.replacesId).orElseThrow();
    int standing = Math.min(logged.replaces, logged.pieces);
    assumed.pieces += standing;
    assumed.removedAt = null;
    entries.saveAndFlush(assumed);
    logged.replacesId = null;
    logged.replaces = 0;
    entries.saveAndFlush(logged);
    return standing;
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
                addPail(new NewPail("New pieces", PailStyle.NEW_PIECES, NEW_PIECES_L, null, null)));
  }

  /**
   * Corrects pieces that wait; throws {@link Stale} when they were changed since the version sent.
   */
  @Transactional
  public Entry correct(long entryId, Correction correction) {
    EntryEntity e = waitingEntry(entryId);
    int count = Given.whole("count", correction.count, Limits.COUNT);
    Soil soil = Given.choice("soil", correction.soil, Soil.class);
    Solids solids = Given.choice("solids", correction.solids, Solids.class);
    if (e.version != Given.whole("version", correction.version, VERSION)) {
      throw new Stale(What.THESE_PIECES, look().entry(e));
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
    return look().entry(entries.saveAndFlush(e));
  }

  /** Takes a mistaken entry out; {@link #restore} undoes it. */
  @Transactional
  public void remove(long entryId) {
    EntryEntity e = waitingEntry(entryId);
    if (e.taken > 0) {
      throw new NotNow(GatherRefusal.IN_A_LOAD);
    }
    int stay = standBack(e);
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
      return look().entry(e);
    }
    int standing = e.habitId == null && e.lotId == null ? standFor(e) : 0;
    if (e.pieces > standing) {
      stock.move(e.kindId, e.pieces - standing, Whereabouts.CLEAN, Whereabouts.WAITING);
    }
    e.removedAt = null;
    return look().entry(entries.saveAndFlush(e));
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
      throw new NotNow(GatherRefusal.NO_LONGER_WAIT);
    }
    return e;
  }

  /** Reads everything that a look at the pails needs. */
  private GatherLook look() {
    return new GatherLook(
        new GatherLook.Facts(
            clock.instant(),
            household.current(),
            kinds.byId(),
            needs(),
            pails.findByRemovedAtIsNull(Sort.by("position", "id")),
            lots.findAll().stream().collect(Collectors.toMap(l -> l.id, l -> l)),
            normal.byPail(),
            shelf.covers()));
  }
}
