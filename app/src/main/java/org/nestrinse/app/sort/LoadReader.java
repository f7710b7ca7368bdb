package org.nestrinse.app.sort;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.gather.pail.GatherService;
import org.nestrinse.app.gather.pail.Needs;
import org.nestrinse.app.gather.pail.Waiting;
import org.nestrinse.app.kit.kind.KindCount;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.kit.kind.StockService;
import org.nestrinse.app.kit.machine.MachineService;
import org.nestrinse.app.kit.person.PersonService;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.sort.SortViews.Item;
import org.nestrinse.app.sort.SortViews.Load;
import org.nestrinse.app.sort.SortViews.MachineFront;
import org.nestrinse.app.sort.SortViews.Offer;
import org.nestrinse.app.sort.SortViews.Staying;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.gather.SoiledPiecesBuilder;
import org.nestrinse.core.gather.Storage;
import org.nestrinse.core.household.Stock;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.sort.Bulking;
import org.nestrinse.core.sort.DrumFill;
import org.nestrinse.core.sort.FillAdvice;
import org.nestrinse.core.sort.HouseRules;
import org.nestrinse.core.sort.Joining;
import org.nestrinse.core.sort.ShelfBulk;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.why.Why;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is in the loads: their pieces, as they are counted and as they are shown. */
@Service
public class LoadReader {
  private static final int NAMED_KINDS = 2;

  private final LoadRepository loads;
  private final LoadItemRepository items;
  private final GatherService gather;
  private final KindService kinds;
  private final MachineService machines;
  private final PersonService people;
  private final StockService stock;
  private final AsideRules rules;
  private final Clock clock;

  LoadReader(
      LoadRepository loads,
      LoadItemRepository items,
      GatherService gather,
      KindService kinds,
      MachineService machines,
      PersonService people,
      StockService stock,
      AsideRules rules,
      Clock clock) {
    this.loads = loads;
    this.items = items;
    this.gather = gather;
    this.kinds = kinds;
    this.machines = machines;
    this.people = people;
    this.stock = stock;
    this.rules = rules;
    this.clock = clock;
  }

  /** Returns where the house goes its own way with the soft rules of sorting. */
  @Transactional(readOnly = true)
  public HouseRules houseRules() {
    return rules.now();
  }

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
          SoiledPiecesBuilder.builder()
              .kind(kindById.get(item.kindId))
              .count(item.pieces)
              .soil(item.soil())
              .solidsOff(item.solidsOff)
              .since(item.cameIn)
              .needs(needs.of(item.personId, item.cameIn))
              .storage(Storage.USUAL)
              .newDye(item.newDye)
              .firstWash(item.firstWash)
              .build();
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

  /** Returns what waits and may serve as bulk in a load, by the number of its kind. */
  static Map<Long, List<Waiting>> bulkers(List<Waiting> waiting, LoadEntity load) {
    return waiting.stream()
        .filter(w -> w.forBulk() && !load.pails.contains(w.pailId()))
        .collect(
            Collectors.groupingBy(
                w -> w.pieces().kind().id(), LinkedHashMap::new, Collectors.toList()));
  }

  /** Returns why pieces may not serve as bulk in a load, room and mass included. */
  Optional<Said> refuseBulk(SoiledPieces bulker, LoadPieces pieces) {
    Optional<Said> no = Bulking.refuse(bulker, pieces.all(), rules.now());
    if (no.isPresent()) {
      return no;
    }
    List<SoiledPieces> with = new ArrayList<>(pieces.bulkers());
    with.add(bulker);
    return Joining.room(pieces.first(), with, machines.machine()).map(Joining.Verdict::reason);
  }

  /** Returns a load as it is shown, with what could still join it. */
  Load view(LoadEntity load, List<Waiting> waiting) {
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
    List<Offer> offers = new ArrayList<>();
    basket.values().forEach(w -> offers.add(offer(w, pieces, fill, machine)));
    fromShelf(load, pieces, waiting).forEach(o -> offers.add(offer(o)));
    Map<String, Why> whys = new LinkedHashMap<>();
    whys.put("fill", FillAdvice.why(fill, machine));
    whys.put("mass", massWhy(pieces.all(), machine));
    Map<Long, Kind> kindById = kinds.byId();
    offers.stream()
        .map(o -> kindById.get(o.kindId()))
        .forEach(kind -> whys.put("offer." + kind.id(), FillAdvice.whyWanted(fill, kind, machine)));
    return SortViewsLoadBuilder.builder()
        .id(load.id)
        .title(title(load.id))
        .going(shown(inside, false))
        .bulkers(shown(inside, true))
        .staying(staying)
        .offers(offers)
        .fill(fill)
        .machine(front(machine))
        .advice(FillAdvice.of(fill, machine.window()))
        .setAside(load.setAside)
        .whys(whys)
        .build();
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
                    i -> i.kindId + "/" + i.soil() + "/" + i.fromShelf(),
                    LinkedHashMap::new,
                    Collectors.toList()));
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
        group.get(0).fromShelf() ? SortSaying.FROM_SHELF.said() : group.get(0).soil().said(),
        group.get(0).fromShelf(),
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
    Said words = kind.counted(Math.max(1, wanted));
    return new Offer(kind.id(), kind.name(), false, available, wanted, words, refusal);
  }

  private static Offer offer(ShelfBulk.Offer o) {
    Said words = o.kind().counted(Math.max(1, o.wanted()));
    return new Offer(o.kind().id(), o.kind().name(), true, o.most(), o.wanted(), words, null);
  }

  /** Returns what the shelf can give to a load that is too thin. */
  List<ShelfBulk.Offer> fromShelf(LoadEntity load, LoadPieces pieces, List<Waiting> waiting) {
    List<SoiledPieces> basket =
        bulkers(waiting, load).values().stream()
            .flatMap(List::stream)
            .map(Waiting::pieces)
            .toList();
    Map<Long, Stock> counted = stock.all();
    Map<Kind, Integer> clean = new LinkedHashMap<>();
    kinds.byId().forEach((id, kind) -> clean.put(kind, counted.get(id).clean()));
    return ShelfBulk.of(
        pieces.first(),
        pieces.bulkers(),
        basket,
        clean,
        machines.machine(),
        clock.instant(),
        rules.now());
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
