package org.nestrinse.app.sort;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.gather.GatherService;
import org.nestrinse.app.gather.Needs;
import org.nestrinse.app.gather.Waiting;
import org.nestrinse.app.kit.KindCount;
import org.nestrinse.app.kit.KindService;
import org.nestrinse.app.kit.MachineService;
import org.nestrinse.app.kit.PersonService;
import org.nestrinse.app.kit.Stock.Whereabouts;
import org.nestrinse.app.kit.StockService;
import org.nestrinse.app.problem.Given;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.NotNow;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.sort.SortViews.Item;
import org.nestrinse.app.sort.SortViews.Load;
import org.nestrinse.app.sort.SortViews.MachineFront;
import org.nestrinse.app.sort.SortViews.Offer;
import org.nestrinse.app.sort.SortViews.Staying;
import org.nestrinse.app.store.RowLocks;
import org.nestrinse.app.time.HouseClock;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.gather.Storage;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.sort.BulkCalibration;
import org.nestrinse.core.sort.Bulking;
import org.nestrinse.core.sort.DrumFill;
import org.nestrinse.core.sort.FillAdvice;
import org.nestrinse.core.sort.Joining;
import org.nestrinse.core.sort.Sorted;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.nestrinse.core.why.Why;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The loads that are being put together. */
@Service
public class SortService {
  private static final int NAMED_KINDS = 2;
  private static final int MOST_SET_ASIDE = 20;
  private static final int LONGEST_REASON = 200;
  private static final int LONGEST_SET_ASIDE = 1000;

  private final LoadRepository loads;
  private final LoadItemRepository items;
  private final GatherService gather;
  private final KindService kinds;
  private final MachineService machines;
  private final StockService stock;
  private final PersonService people;
  private final RowLocks locks;
  private final HouseClock clock;

  SortService(
      LoadRepository loads,
      LoadItemRepository items,
      GatherService gather,
      KindService kinds,
      MachineService machines,
      StockService stock,
      PersonService people,
      RowLocks locks,
      HouseClock clock) {
    this.loads = loads;
    this.items = items;
    this.gather = gather;
    this.kinds = kinds;
    this.machines = machines;
    this.stock = stock;
    this.people = people;
    this.locks = locks;
    this.clock = clock;
  }

  /** What is sent to add bulkers. */
  public record Bulk(@Nullable Long kindId, @Nullable Integer count) {}

  /** What is sent to let waiting pieces join; a reason sets a soft rule aside. */
  public record Joined(@Nullable Long entryId, @Nullable String reason) {}

  /** What is sent after a look into the drum: how full it looked, as a share of one. */
  public record Look(@Nullable Double full) {}

  /** Returns the loads that are being put together, oldest first. */
  @Transactional(readOnly = true)
  public List<Load> open() {
    List<Waiting> waiting = gather.waiting();
    return loads.findByStateOrderById(LoadEntity.State.OPEN).stream()
        .map(load -> view(load, waiting))
        .toList();
  }

  /** Returns how many loads are being put together. */
  @Transactional(readOnly = true)
  public int openCount() {
    return loads.findByStateOrderById(LoadEntity.State.OPEN).size();
  }

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

  /** Returns how many pieces of each kind are in loads that have not started, by its number. */
  @Transactional(readOnly = true)
  public Map<Long, Integer> openByKind() {
    return KindCount.byKind(items.byKind(LoadEntity.State.OPEN));
  }

  /** Returns how many pieces of each kind are in these loads, by its number. */
  @Transactional(readOnly = true)
  public Map<Long, Integer> byKind(Collection<Long> loadIds) {
    return KindCount.byKind(items.byKind(loadIds));
  }

  /** Returns an open load. */
  @Transactional(readOnly = true)
  public Load view(long loadId) {
    return view(openLoad(loadId), gather.waiting());
  }

  /** Returns the soft rules that were set aside for a load, with the reason given. */
  @Transactional(readOnly = true)
  public List<Said> setAside(long loadId) {
    return loads
        .findById(loadId)
        .map(l -> l.setAside)
        .orElseThrow(() -> new NotFound(What.LOAD, loadId));
  }

  /** Returns the lots of new pieces in a load, each with how many of it. */
  @Transactional(readOnly = true)
  public Map<Long, Integer> lots(long loadId) {
    Map<Long, Integer> lots = new LinkedHashMap<>();
    items.findByLoadIdOrderById(loadId).stream()
        .filter(i -> i.lotId != null)
        .forEach(i -> lots.merge(i.lotId, i.pieces, Integer::sum));
    return lots;
  }

  /**
   * Keeps what a person saw in the drum: it corrects the bulk of the kinds in it, for next time
   * too.
   */
  @Transactional
  public Load look(long loadId, Look look) {
    openLoad(loadId);
    double full = Given.number("full", look.full, BulkCalibration.SEEN);
    LoadPieces pieces = pieces(loadId);
    kinds.learnBulk(
        BulkCalibration.learn(full, pieces.first(), pieces.bulkers(), machines.machine().drumL()));
    return view(loadId);
  }

  /**
   * Lets waiting pieces join the first set; throws {@link NotNow} with the rule that forbids it.
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
            .orElseThrow(() -> new NotNow(SortRefusal.NO_LONGER_WAIT));
    LoadPieces pieces = pieces(loadId);
    Joining.Verdict verdict =
        Joining.verdict(waiting.pieces(), pieces.first(), pieces.bulkers(), machines.machine())
            .orElse(null);
    if (verdict != null) {
      if (verdict.hard() || joining.reason == null || joining.reason.isBlank()) {
        throw new NotNow(Said.of(SortRefusal.IT_STAYS).with("reason", verdict.reason()));
      }
      String reason = Given.text("reason", joining.reason, LONGEST_REASON);
      load.setAside =
          Stream.concat(load.setAside.stream(), Stream.of(setAside(verdict.reason(), reason)))
              .limit(MOST_SET_ASIDE)
              .toList();
    }
    put(loadId, waiting, waiting.pieces().count(), false);
    return view(load, gather.waiting());
  }

  /**
   * Adds small household pieces for the main wash; throws {@link NotNow} with the rule that forbids
   * it.
   */
  @Transactional
  public Load addBulkers(long loadId, Bulk bulk) {
    LoadEntity load = toChange(loadId);
    if (bulk.kindId == null) {
      throw new OutOfRange("kindId", Allowed.MISSING, SortRefusal.A_KIND);
    }
    int count = Given.whole("count", bulk.count, Limits.COUNT);
    List<Waiting> available = bulkers(gather.waiting(), load).getOrDefault(bulk.kindId, List.of());
    int there = available.stream().mapToInt(w -> w.pieces().count()).sum();
    if (count > there) {
      throw new OutOfRange(
          "count",
          count,
          there == 0 ? SortRefusal.NONE_IN_BASKET.said() : new Range(1, there).allowed());
    }
    SoiledPieces joining = available.get(0).pieces().withCount(count);
    LoadPieces pieces = pieces(loadId);
    refuseBulk(joining, pieces)
        .ifPresent(
            reason -> {
              throw new NotNow(Said.of(SortRefusal.NOT_AS_BULK).with("reason", reason));
            });
    int left = count;
    for (Waiting w : available) {
      int now = Math.min(left, w.pieces().count());
      if (now > 0) {
        put(loadId, w, now, true);
        left -= now;
      }
    }
    return view(load, gather.waiting());
  }

  /**
   * Gives pieces of a load back to their pail: those of the same kind and soil as the item, the
   * last ones first.
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
      throw new NotNow(SortRefusal.LAST_OF_LOAD);
    }
    Collections.reverse(alike);
    int left = count;
    for (LoadItemEntity item : alike) {
      int now = Math.min(left, item.pieces);
      if (now > 0) {
        gather.giveBack(item.entryId, now);
        item.pieces -= now;
        left -= now;
      }
      if (item.pieces == 0) {
        items.delete(item);
      }
    }
    items.flush();
    return view(load, gather.waiting());
  }

  /** Takes the whole load back to its pails. */
  @Transactional
  public void takeBack(long loadId) {
    LoadEntity load = toChange(loadId);
    items.findByLoadIdOrderById(loadId).forEach(i -> gather.giveBack(i.entryId, i.pieces));
    load.state = LoadEntity.State.TAKEN_BACK;
  }

  /** Returns the pieces of a load. */
  @Transactional(readOnly = true)
  public LoadPieces pieces(long loadId) {
    Map<Long, Kind> kindById = kinds.byId();
    if (!loads.existsById(loadId)) {
      throw new NotFound(What.LOAD, loadId);
    }
    List<SoiledPieces> first = new ArrayList<>();
    List<SoiledPieces> bulkers = new ArrayList<>();
    Needs needs = gather.needs();
    for (LoadItemEntity item : items.findByLoadIdOrderById(loadId)) {
      SoiledPieces pieces =
          new SoiledPieces(
              kindById.get(item.kindId),
              item.pieces,
              item.soil(),
              item.solidsOff,
              item.cameIn,
              needs.of(item.personId, item.cameIn),
              Storage.USUAL,
              item.newDye,
              item.firstWash);
      (item.bulker ? bulkers : first).add(pieces);
    }
    return new LoadPieces(loadId, first, bulkers);
  }

  /**
   * What a load holds of one kind and person.
   *
   * @param personId whose, or null
   * @param person their name
   * @param pieces what
   * @param bulker whether it joins for the main wash only
   */
  public record Held(
      @Nullable Long personId, @Nullable String person, SoiledPieces pieces, boolean bulker) {}

  /** Returns what a load holds, with whose it is. */
  @Transactional(readOnly = true)
  public List<Held> held(long loadId) {
    Map<Long, Kind> kindById = kinds.byId();
    Map<Long, String> names = people.names().byId();
    return items.findByLoadIdOrderById(loadId).stream()
        .map(
            i ->
                new Held(
                    i.personId,
                    i.personId == null ? null : names.get(i.personId),
                    new SoiledPieces(
                        kindById.get(i.kindId),
                        i.pieces,
                        i.soil(),
                        i.solidsOff,
                        i.cameIn,
                        Set.of()),
                    i.bulker))
        .toList();
  }

  /** Returns the title of a load: where its first set comes from and how many pieces there are. */
  @Transactional(readOnly = true)
  public Said title(long loadId) {
    List<LoadItemEntity> all = items.findByLoadIdOrderById(loadId);
    Map<Long, Kind> kindById = kinds.byId();
    Map<Kind, Integer> byKind = new LinkedHashMap<>();
    all.stream()
        .filter(i -> !i.bulker)
        .forEach(i -> byKind.merge(kindById.get(i.kindId), i.pieces, Integer::sum));
    List<Said> names =
        byKind.entrySet().stream()
            .sorted(
                Map.Entry.<Kind, Integer>comparingByValue()
                    .reversed()
                    .thenComparing(e -> e.getKey().name()))
            .map(e -> e.getKey().counted(e.getValue()))
            .toList();
    int more = names.size() - NAMED_KINDS;
    Said named = Said.row(names.stream().limit(NAMED_KINDS).toList());
    return more > 0
        ? Said.of(SortSaying.AND_OTHER_KINDS).with("names", named).with("more", more)
        : named;
  }

  /** Holds an open load until the transaction ends, so that nobody changes what is in it. */
  @Transactional
  public void hold(long loadId) {
    toChange(loadId);
  }

  /**
   * Marks a load as started and moves its pieces into the machine; throws {@link NotNow} when it is
   * not open.
   */
  @Transactional
  public LoadPieces start(long loadId) {
    LoadEntity load = toChange(loadId);
    load.state = LoadEntity.State.STARTED;
    loads.saveAndFlush(load);
    LoadPieces pieces = pieces(loadId);
    stock.move(pieces.byKind(), Whereabouts.WAITING, Whereabouts.WASHING);
    return pieces;
  }

  /**
   * Opens a load again whose wash was stopped; its pieces wait in it. Throws {@link NotNow} when it
   * had not started.
   */
  @Transactional
  public void reopen(long loadId) {
    LoadEntity load = loads.findById(loadId).orElseThrow(() -> new NotFound(What.LOAD, loadId));
    locks.moveOn(load);
    if (load.state != LoadEntity.State.STARTED) {
      throw new NotNow(SortRefusal.NOT_IN_MACHINE);
    }
    load.state = LoadEntity.State.OPEN;
    loads.saveAndFlush(load);
    stock.move(pieces(loadId).byKind(), Whereabouts.WASHING, Whereabouts.WAITING);
  }

  private void put(long loadId, Waiting w, int count, boolean bulker) {
    gather.take(w.entryId(), count);
    LoadItemEntity item = new LoadItemEntity();
    item.loadId = loadId;
    item.entryId = w.entryId();
    item.kindId = w.pieces().kind().id();
    item.personId = w.personId();
    item.pieces = count;
    item.soil = w.pieces().soil();
    item.solidsOff = w.pieces().solidsOff();
    item.cameIn = w.pieces().since();
    item.bulker = bulker;
    item.lotId = w.lotId();
    item.newDye = w.pieces().newDye();
    item.firstWash = w.pieces().firstWash();
    items.save(item);
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
      throw new NotNow(SortRefusal.NOT_OPEN);
    }
    return load;
  }

  private static Map<Long, List<Waiting>> bulkers(List<Waiting> waiting, LoadEntity load) {
    return waiting.stream()
        .filter(w -> w.forBulk() && !load.pails.contains(w.pailId()))
        .collect(
            Collectors.groupingBy(
                w -> w.pieces().kind().id(), LinkedHashMap::new, Collectors.toList()));
  }

  /** Returns why pieces may not serve as bulk in a load, room and mass included. */
  private Optional<Said> refuseBulk(SoiledPieces bulker, LoadPieces pieces) {
    Optional<Said> no = Bulking.refuse(bulker, pieces.all());
    if (no.isPresent()) {
      return no;
    }
    List<SoiledPieces> with = new ArrayList<>(pieces.bulkers());
    with.add(bulker);
    return Joining.room(pieces.first(), with, machines.machine()).map(Joining.Verdict::reason);
  }

  private Load view(LoadEntity load, List<Waiting> waiting) {
    LoadPieces pieces = pieces(load.id);
    Machine machine = machines.machine();
    Fill fill = DrumFill.of(pieces.first(), pieces.bulkers(), machine.drumL());
    List<LoadItemEntity> inside = items.findByLoadIdOrderById(load.id);
    List<Staying> staying =
        waiting.stream()
            .filter(w -> load.pails.contains(w.pailId()))
            .map(w -> staying(w, pieces, machine))
            .toList();
    Map<Long, List<Waiting>> basket = bulkers(waiting, load);
    List<Offer> offers =
        basket.values().stream().map(w -> offer(w, pieces, fill, machine)).toList();
    Map<String, Why> whys = new LinkedHashMap<>();
    whys.put("fill", FillAdvice.why(fill, machine));
    whys.put("mass", massWhy(pieces.all(), machine));
    basket.values().stream()
        .map(w -> w.get(0).pieces().kind())
        .forEach(kind -> whys.put("offer." + kind.id(), FillAdvice.whyWanted(fill, kind, machine)));
    return new Load(
        load.id,
        title(load.id),
        shown(inside, false),
        shown(inside, true),
        staying,
        offers,
        fill,
        front(machine),
        FillAdvice.of(fill, machine.window()),
        load.setAside,
        whys);
  }

  /** Returns the machine as it is drawn. */
  static MachineFront front(Machine machine) {
    return new MachineFront(
        machine.name(),
        machine.type(),
        machine.type().said(),
        machine.drumL(),
        machine.capacityKg(),
        machine.window());
  }

  /** Returns the pieces by kind and soil, the most first. */
  private List<Item> shown(List<LoadItemEntity> inside, boolean bulkers) {
    Map<Long, Kind> kindById = kinds.byId();
    Map<String, List<LoadItemEntity>> groups =
        inside.stream()
            .filter(i -> i.bulker == bulkers)
            .collect(
                Collectors.groupingBy(
                    i -> i.kindId + "/" + i.soil(), LinkedHashMap::new, Collectors.toList()));
    return groups.values().stream()
        .map(group -> item(group, kindById.get(group.get(0).kindId)))
        .sorted(Comparator.comparing(Item::count).reversed().thenComparing(Item::kind))
        .toList();
  }

  private static Item item(List<LoadItemEntity> group, Kind kind) {
    int count = group.stream().mapToInt(i -> i.pieces).sum();
    return new Item(
        group.get(0).id,
        kind.name(),
        count,
        group.get(0).soil().said(),
        kind.counted(count),
        kind.limits().said());
  }

  private static Staying staying(Waiting w, LoadPieces pieces, Machine machine) {
    Said reason =
        Joining.refuse(w.pieces(), pieces.first(), pieces.bulkers(), machine).orElse(null);
    return new Staying(w.entryId(), w.pieces().said(), w.pailName(), reason);
  }

  private Offer offer(List<Waiting> waiting, LoadPieces pieces, Fill fill, Machine machine) {
    Kind kind = waiting.get(0).pieces().kind();
    int available = waiting.stream().mapToInt(w -> w.pieces().count()).sum();
    int wanted = Math.min(available, FillAdvice.wantedBulkers(fill, kind, machine));
    Said refusal = refuseBulk(waiting.get(0).pieces().withCount(1), pieces).orElse(null);
    return new Offer(kind.id(), kind.name(), available, wanted, refusal);
  }

  /** Returns the reason of the mass of a load. */
  static Why massWhy(List<SoiledPieces> pieces, Machine machine) {
    double sum = DrumFill.massKg(pieces);
    Why.Builder why = Why.of(kg(sum, 1), SortSaying.DRY_MASS);
    Map<Kind, Integer> byKind = new LinkedHashMap<>();
    pieces.forEach(p -> byKind.merge(p.kind(), p.count(), Integer::sum));
    byKind.forEach(
        (kind, count) ->
            why.line(
                Said.of(SortSaying.PIECES).with("pieces", count).with("kind", kind.name()),
                kg(kind.massKg() * count, 2)));
    return why.total(SortSaying.TOGETHER, kg(sum, 2))
        .line(SortSaying.MACHINE_TAKES, kg(machine.capacityKg(), 1))
        .source(SortSaying.SOURCE);
  }

  private static Quantity kg(double kg, int digits) {
    return new Quantity(kg, Unit.KILOGRAM, digits);
  }
}
