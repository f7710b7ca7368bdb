package org.nestrinse.app.sort;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.gather.GatherService;
import org.nestrinse.app.gather.Waiting;
import org.nestrinse.app.kit.KindService;
import org.nestrinse.app.kit.MachineService;
import org.nestrinse.app.kit.PersonService;
import org.nestrinse.app.kit.Stock.Whereabouts;
import org.nestrinse.app.kit.StockService;
import org.nestrinse.app.problem.Given;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.NotNow;
import org.nestrinse.app.sort.SortViews.Item;
import org.nestrinse.app.sort.SortViews.Load;
import org.nestrinse.app.sort.SortViews.Offer;
import org.nestrinse.app.sort.SortViews.Sorting;
import org.nestrinse.app.sort.SortViews.Source;
import org.nestrinse.app.sort.SortViews.Staying;
import org.nestrinse.app.time.HouseClock;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.sort.FillAdvice;
import org.nestrinse.core.sort.LoadProposal;
import org.nestrinse.core.sort.TravelRules;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.Numbers;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.nestrinse.core.why.Why;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The load that is being put together. There is one at a time. */
@Service
public class SortService {
  private final LoadRepository loads;
  private final LoadItemRepository items;
  private final GatherService gather;
  private final KindService kinds;
  private final MachineService machines;
  private final PersonService people;
  private final StockService stock;
  private final HouseClock clock;

  SortService(
      LoadRepository loads,
      LoadItemRepository items,
      GatherService gather,
      KindService kinds,
      MachineService machines,
      PersonService people,
      StockService stock,
      HouseClock clock) {
    this.loads = loads;
    this.items = items;
    this.gather = gather;
    this.kinds = kinds;
    this.machines = machines;
    this.people = people;
    this.stock = stock;
    this.clock = clock;
  }

  /** What is sent to make a load: the pails to empty. */
  public record NewLoad(@Nullable List<@Nullable Long> pailIds) {}

  /** What is sent to add bulkers. */
  public record Bulk(@Nullable Long kindId, @Nullable Integer count) {}

  /** What is sent to let waiting pieces join. */
  public record Joining(@Nullable Long entryId) {}

  /** Returns the open load, if any, and the pails it could be made from. */
  @Transactional(readOnly = true)
  public Sorting sorting() {
    List<Waiting> waiting = gather.waiting();
    Map<Long, List<Waiting>> byPail =
        waiting.stream()
            .collect(
                Collectors.groupingBy(Waiting::pailId, LinkedHashMap::new, Collectors.toList()));
    List<SoiledPieces> lead =
        byPail.values().stream()
            .filter(here -> !here.get(0).forBulk())
            .map(here -> here.stream().map(Waiting::pieces).toList())
            .max(Comparator.comparingDouble(pieces -> LoadProposal.load(pieces).massKg()))
            .map(pieces -> LoadProposal.of(pieces, machines.machine()).going())
            .orElse(List.of());
    List<Source> sources = byPail.values().stream().map(here -> source(here, lead)).toList();
    return new Sorting(open().map(load -> view(load, waiting)).orElse(null), sources);
  }

  private static Source source(List<Waiting> here, List<SoiledPieces> lead) {
    Waiting first = here.get(0);
    boolean travels =
        here.stream()
            .map(Waiting::pieces)
            .anyMatch(p -> lead.stream().allMatch(o -> TravelRules.between(p, o).isEmpty()));
    return new Source(
        first.pailId(),
        first.pailName(),
        here.stream().mapToInt(w -> w.pieces().count()).sum(),
        first.forBulk(),
        travels && !first.forBulk());
  }

  /**
   * Makes a load of what waits in these pails; throws {@link NotNow} when one is open or nothing
   * may go.
   */
  @Transactional
  public Load make(NewLoad wanted) {
    List<Long> pailIds = Given.list("pailIds", wanted.pailIds).stream().distinct().toList();
    if (open().isPresent()) {
      throw new NotNow("A load is being put together already. Take it back first, or wash it.");
    }
    List<Waiting> offered =
        gather.waiting().stream().filter(w -> pailIds.contains(w.pailId())).toList();
    LoadProposal proposal =
        LoadProposal.of(offered.stream().map(Waiting::pieces).toList(), machines.machine());
    if (proposal.going().isEmpty()) {
      String why =
          proposal.staying().isEmpty()
              ? "Nothing waits there."
              : "Nothing of it may go: " + proposal.staying().get(0).reason() + ".";
      throw new NotNow(why);
    }
    LoadEntity load = new LoadEntity();
    load.state = LoadEntity.State.OPEN;
    load.madeAt = clock.instant();
    load.setPails(pailIds);
    long id = loads.save(load).id;
    // The same values may stand for two entries; identity tells them apart.
    offered.stream()
        .filter(w -> proposal.going().stream().anyMatch(p -> p == w.pieces()))
        .forEach(w -> put(id, w, w.pieces().count(), false));
    return view(load, gather.waiting());
  }

  /**
   * Lets waiting pieces join the first set; throws {@link NotNow} with the rule that forbids it.
   */
  @Transactional
  public Load join(long loadId, Joining joining) {
    LoadEntity load = openLoad(loadId);
    if (joining.entryId == null) {
      throw new OutOfRange("entryId", "missing", "the number of pieces that wait");
    }
    Waiting waiting =
        gather.waiting().stream()
            .filter(w -> w.entryId() == joining.entryId)
            .findFirst()
            .orElseThrow(() -> new NotNow("These pieces no longer wait in a pail."));
    LoadPieces pieces = pieces(loadId);
    LoadProposal.refuse(
            waiting.pieces(), pieces.all(), LoadProposal.load(pieces.bulkers()), machines.machine())
        .ifPresent(
            r -> {
              throw new NotNow("It stays: " + r.reason() + ".");
            });
    put(loadId, waiting, waiting.pieces().count(), false);
    return view(load, gather.waiting());
  }

  /**
   * Adds small household pieces for the main wash; throws {@link NotNow} with the rule that forbids
   * it.
   */
  @Transactional
  public Load addBulkers(long loadId, Bulk bulk) {
    LoadEntity load = openLoad(loadId);
    if (bulk.kindId == null) {
      throw new OutOfRange("kindId", "missing", "the number of one of the household's kinds");
    }
    int count = Given.whole("count", bulk.count, Limits.COUNT);
    List<Waiting> available = bulkers(gather.waiting(), load).getOrDefault(bulk.kindId, List.of());
    int there = available.stream().mapToInt(w -> w.pieces().count()).sum();
    if (count > there) {
      throw new OutOfRange(
          "count", count, there == 0 ? "none, since none wait in the basket" : "1 to " + there);
    }
    SoiledPieces joining = withCount(available.get(0).pieces(), count);
    LoadPieces pieces = pieces(loadId);
    LoadProposal.refuseBulker(joining, pieces.all(), room(pieces), machines.machine())
        .ifPresent(
            r -> {
              throw new NotNow("Not as bulk: " + r.reason() + ".");
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
    LoadEntity load = openLoad(loadId);
    List<LoadItemEntity> all = items.findByLoadIdOrderById(loadId);
    LoadItemEntity like =
        all.stream()
            .filter(i -> i.id == itemId)
            .findFirst()
            .orElseThrow(() -> new NotFound("piece in this load", itemId));
    List<LoadItemEntity> alike = new ArrayList<>(all.stream().filter(i -> i.alike(like)).toList());
    int there = alike.stream().mapToInt(i -> i.pieces).sum();
    int count =
        wanted == null ? there : new Range(1, there, "pieces").check("count", wanted.intValue());
    int soiled = all.stream().filter(i -> !i.bulker).mapToInt(i -> i.pieces).sum();
    if (!like.bulker && soiled == count) {
      throw new NotNow("These are the last of the load. Take the whole load back instead.");
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
    LoadEntity load = openLoad(loadId);
    items.findByLoadIdOrderById(loadId).forEach(i -> gather.giveBack(i.entryId, i.pieces));
    load.state = LoadEntity.State.TAKEN_BACK;
  }

  /** Returns the pieces of a load. */
  @Transactional(readOnly = true)
  public LoadPieces pieces(long loadId) {
    Map<Long, Kind> kindById = kinds.byId();
    if (!loads.existsById(loadId)) {
      throw new NotFound("load", loadId);
    }
    List<SoiledPieces> first = new ArrayList<>();
    List<SoiledPieces> bulkers = new ArrayList<>();
    for (LoadItemEntity item : items.findByLoadIdOrderById(loadId)) {
      Set<SkinNeed> needs = people.needs(item.personId);
      SoiledPieces pieces =
          new SoiledPieces(
              kindById.get(item.kindId),
              item.pieces,
              item.soil,
              item.solidsOff,
              item.cameIn,
              needs);
      (item.bulker ? bulkers : first).add(pieces);
    }
    return new LoadPieces(loadId, first, bulkers);
  }

  /** Returns the title of a load: where its first set comes from and how many pieces there are. */
  @Transactional(readOnly = true)
  public String title(long loadId) {
    List<LoadItemEntity> all = items.findByLoadIdOrderById(loadId);
    Map<Long, Kind> kindById = kinds.byId();
    Map<String, Integer> byKind = new LinkedHashMap<>();
    all.stream()
        .filter(i -> !i.bulker)
        .forEach(i -> byKind.merge(kindById.get(i.kindId).name(), i.pieces, Integer::sum));
    List<String> names =
        byKind.entrySet().stream()
            .sorted(
                Map.Entry.<String, Integer>comparingByValue()
                    .reversed()
                    .thenComparing(Map.Entry.comparingByKey()))
            .map(e -> Numbers.count(e.getValue(), e.getKey()))
            .toList();
    int more = names.size() - 2;
    return names.stream().limit(2).collect(Collectors.joining(", "))
        + (more > 0 ? " and " + Numbers.count(more, "other kind") : "");
  }

  /**
   * Marks a load as started and moves its pieces into the machine; throws {@link NotNow} when it is
   * not open.
   */
  @Transactional
  public LoadPieces start(long loadId) {
    LoadEntity load = openLoad(loadId);
    load.state = LoadEntity.State.STARTED;
    loads.saveAndFlush(load);
    LoadPieces pieces = pieces(loadId);
    pieces
        .all()
        .forEach(
            p -> stock.move(p.kind().id(), p.count(), Whereabouts.WAITING, Whereabouts.WASHING));
    return pieces;
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
    items.save(item);
  }

  private Optional<LoadEntity> open() {
    return loads.findFirstByStateOrderByIdDesc(LoadEntity.State.OPEN);
  }

  private LoadEntity openLoad(long id) {
    LoadEntity load = loads.findById(id).orElseThrow(() -> new NotFound("load", id));
    if (load.state != LoadEntity.State.OPEN) {
      throw new NotNow("This load is no longer being put together.");
    }
    return load;
  }

  private static Map<Long, List<Waiting>> bulkers(List<Waiting> waiting, LoadEntity load) {
    return waiting.stream()
        .filter(w -> w.forBulk() && !load.pails().contains(w.pailId()))
        .collect(
            Collectors.groupingBy(
                w -> w.pieces().kind().id(), LinkedHashMap::new, Collectors.toList()));
  }

  private static SoiledPieces withCount(SoiledPieces p, int count) {
    return new SoiledPieces(p.kind(), count, p.soil(), p.solidsOff(), p.since(), p.needs());
  }

  private static LoadProposal.Room room(LoadPieces pieces) {
    return new LoadProposal.Room(
        LoadProposal.load(pieces.first()), LoadProposal.load(pieces.bulkers()));
  }

  private Load view(LoadEntity load, List<Waiting> waiting) {
    LoadPieces pieces = pieces(load.id);
    Machine machine = machines.machine();
    LoadProposal.Room room = room(pieces);
    Fill fill = Fill.of(room.first(), room.bulkers(), machine.drumL());
    List<LoadItemEntity> inside = items.findByLoadIdOrderById(load.id);
    List<Staying> staying =
        waiting.stream()
            .filter(w -> load.pails().contains(w.pailId()))
            .map(w -> staying(w, pieces, room.bulkers(), machine))
            .toList();
    List<Offer> offers =
        bulkers(waiting, load).values().stream()
            .map(w -> offer(w, pieces, room, fill, machine))
            .toList();
    Map<String, Why> whys = new LinkedHashMap<>();
    whys.put("fill", FillAdvice.why(fill, machine.drumL()));
    whys.put("mass", massWhy(pieces, machine));
    bulkers(waiting, load).values().stream()
        .map(w -> w.get(0).pieces().kind())
        .forEach(
            kind ->
                whys.put("offer." + kind.id(), FillAdvice.whyWanted(fill, kind, machine.drumL())));
    return new Load(
        load.id,
        title(load.id),
        shown(inside, false),
        shown(inside, true),
        staying,
        offers,
        fill,
        Fill.WINDOW_FROM,
        Fill.WINDOW_TO,
        machine.drumL(),
        FillAdvice.of(fill),
        whys);
  }

  /** Returns the pieces by kind and soil, the most first. */
  private List<Item> shown(List<LoadItemEntity> inside, boolean bulkers) {
    Map<Long, Kind> kindById = kinds.byId();
    Map<String, List<LoadItemEntity>> groups =
        inside.stream()
            .filter(i -> i.bulker == bulkers)
            .collect(
                Collectors.groupingBy(
                    i -> i.kindId + " " + i.soil, LinkedHashMap::new, Collectors.toList()));
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
        group.get(0).soil.words(),
        Numbers.count(count, kind.name()),
        kind.limits().words());
  }

  private static Staying staying(
      Waiting w, LoadPieces pieces, TextileLoad bulkers, Machine machine) {
    String reason =
        LoadProposal.refuse(w.pieces(), pieces.all(), bulkers, machine)
            .map(LoadProposal.Refusal::reason)
            .orElse(null);
    return new Staying(w.entryId(), w.pieces().words(), w.pailName(), reason);
  }

  private static Offer offer(
      List<Waiting> waiting,
      LoadPieces pieces,
      LoadProposal.Room room,
      Fill fill,
      Machine machine) {
    Kind kind = waiting.get(0).pieces().kind();
    int available = waiting.stream().mapToInt(w -> w.pieces().count()).sum();
    int wanted = Math.min(available, FillAdvice.wantedBulkers(fill, kind, machine.drumL()));
    String refusal =
        LoadProposal.refuseBulker(
                withCount(waiting.get(0).pieces(), 1), pieces.all(), room, machine)
            .map(LoadProposal.Refusal::reason)
            .orElse(null);
    return new Offer(kind.id(), kind.name(), available, wanted, refusal);
  }

  private static Why massWhy(LoadPieces pieces, Machine machine) {
    Why.Builder why =
        Why.of(
            Numbers.of(LoadProposal.load(pieces.all()).massKg(), 1) + " kg",
            "Dry mass of every piece, from the masses in Kit.");
    Map<Kind, Integer> byKind = new LinkedHashMap<>();
    pieces.all().forEach(p -> byKind.merge(p.kind(), p.count(), Integer::sum));
    byKind.forEach(
        (kind, count) ->
            why.line(
                Numbers.count(count, kind.name()), Numbers.of(kind.massKg() * count, 2) + " kg"));
    return why.total("together", Numbers.of(LoadProposal.load(pieces.all()).massKg(), 2) + " kg")
        .line("the machine takes", Numbers.of(machine.capacityKg(), 1) + " kg")
        .source("Masses of the household's kinds, Kit.");
  }
}
