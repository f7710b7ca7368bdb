package org.nestrinse.app.gather;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.gather.GatherViews.DueState;
import org.nestrinse.app.gather.GatherViews.Entry;
import org.nestrinse.app.gather.GatherViews.Gathering;
import org.nestrinse.app.gather.GatherViews.Layer;
import org.nestrinse.app.gather.GatherViews.NextDue;
import org.nestrinse.app.gather.GatherViews.Pail;
import org.nestrinse.app.kit.HouseholdService;
import org.nestrinse.app.kit.KindService;
import org.nestrinse.app.kit.Person;
import org.nestrinse.app.kit.PersonService;
import org.nestrinse.app.kit.Stock.Whereabouts;
import org.nestrinse.app.kit.StockService;
import org.nestrinse.app.problem.Given;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.NotNow;
import org.nestrinse.app.problem.Stale;
import org.nestrinse.app.time.HouseClock;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.gather.DayPart;
import org.nestrinse.core.gather.HoldingClock;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.Numbers;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.nestrinse.core.why.Why;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pails and what waits in them. */
@Service
public class GatherService {
  private static final int LONGEST_NAME = 80;
  private static final Range CAPACITY_L = new Range(1, 300, "L");
  private static final Range VERSION = new Range(0, Integer.MAX_VALUE, "");
  private static final Duration LONGEST_AGO = Duration.ofDays(14);

  /** A pail is "soon" within this time of its limit. */
  private static final Duration SOON = Duration.ofHours(8);

  private final PailRepository pails;
  private final EntryRepository entries;
  private final HouseholdService household;
  private final PersonService people;
  private final KindService kinds;
  private final StockService stock;
  private final HouseClock clock;

  GatherService(
      PailRepository pails,
      EntryRepository entries,
      HouseholdService household,
      PersonService people,
      KindService kinds,
      StockService stock,
      HouseClock clock) {
    this.pails = pails;
    this.entries = entries;
    this.household = household;
    this.people = people;
    this.kinds = kinds;
    this.stock = stock;
    this.clock = clock;
  }

  /** What is sent when pieces come in. */
  public record Coming(
      @Nullable Long kindId,
      @Nullable Integer count,
      @Nullable Soil soil,
      @Nullable Boolean solidsOff,
      @Nullable Instant cameIn) {}

  /** What is sent to correct pieces that wait. */
  public record Correction(
      @Nullable Integer version,
      @Nullable Integer count,
      @Nullable Soil soil,
      @Nullable Boolean solidsOff) {}

  /** What is sent to set up a pail. */
  public record NewPail(
      @Nullable String name,
      @Nullable PailStyle style,
      @Nullable Double capacityL,
      @Nullable Long personId) {}

  /** Returns all pails with what waits in them. */
  @Transactional(readOnly = true)
  public Gathering gathering() {
    return new Look().gathering();
  }

  /** Returns what waits, oldest first. */
  @Transactional(readOnly = true)
  public List<Waiting> waiting() {
    return new Look().waiting();
  }

  /** Sets up a pail and returns its number. */
  @Transactional
  public long addPail(NewPail pail) {
    PailEntity e = new PailEntity();
    e.name = Given.text("name", pail.name, LONGEST_NAME);
    e.style = Given.choice("style", pail.style, PailStyle.class);
    e.capacityL = Given.number("capacityL", pail.capacityL, CAPACITY_L);
    if (pail.personId != null && people.all().stream().noneMatch(p -> p.id() == pail.personId)) {
      throw new NotFound("person", pail.personId);
    }
    e.personId = pail.personId;
    e.position = (int) pails.count();
    return pails.save(e).id;
  }

  /** Puts pieces into a pail and returns them. */
  @Transactional
  public Entry add(long pailId, Coming coming) {
    long id = put(pailId, coming);
    return new Look().entry(waitingEntry(id));
  }

  /** Puts pieces into a pail and returns the number of the entry. */
  @Transactional
  public long put(long pailId, Coming coming) {
    if (!pails.existsById(pailId)) {
      throw new NotFound("pail", pailId);
    }
    if (coming.kindId == null) {
      throw new OutOfRange("kindId", "missing", "the number of one of the household's kinds");
    }
    EntryEntity e = new EntryEntity();
    e.pailId = pailId;
    e.kindId = kinds.one(coming.kindId).id();
    e.pieces = Given.whole("count", coming.count, Limits.COUNT);
    e.soil = Given.choice("soil", coming.soil, Soil.class);
    e.solidsOff = Given.yesNo("solidsOff", coming.solidsOff);
    e.cameIn = cameIn(coming.cameIn);
    stock.move(e.kindId, e.pieces, Whereabouts.CLEAN, Whereabouts.WAITING);
    return entries.saveAndFlush(e).id;
  }

  /**
   * Corrects pieces that wait; throws {@link Stale} when they were changed since the version sent.
   */
  @Transactional
  public Entry correct(long entryId, Correction correction) {
    EntryEntity e = waitingEntry(entryId);
    int count = Given.whole("count", correction.count, Limits.COUNT);
    Soil soil = Given.choice("soil", correction.soil, Soil.class);
    boolean solidsOff = Given.yesNo("solidsOff", correction.solidsOff);
    if (e.version != Given.whole("version", correction.version, VERSION)) {
      throw new Stale("these pieces", new Look().entry(e));
    }
    int more = count - e.left();
    if (more > 0) {
      stock.move(e.kindId, more, Whereabouts.CLEAN, Whereabouts.WAITING);
    } else if (more < 0) {
      stock.move(e.kindId, -more, Whereabouts.WAITING, Whereabouts.CLEAN);
    }
    // Moving stock clears what was loaded, so the entry is read again.
    EntryEntity fresh = waitingEntry(entryId);
    fresh.pieces = fresh.taken + count;
    fresh.soil = soil;
    fresh.solidsOff = solidsOff;
    return new Look().entry(entries.saveAndFlush(fresh));
  }

  /** Takes a mistaken entry out; {@link #restore} undoes it. */
  @Transactional
  public void remove(long entryId) {
    EntryEntity e = waitingEntry(entryId);
    if (e.taken > 0) {
      throw new NotNow("Some of these are in a load already. Take the load back first.");
    }
    stock.move(e.kindId, e.pieces, Whereabouts.WAITING, Whereabouts.CLEAN);
    waitingEntry(entryId).removedAt = clock.instant();
  }

  /** Puts a removed entry back as it was. */
  @Transactional
  public Entry restore(long entryId) {
    EntryEntity e = entries.findById(entryId).orElseThrow(() -> new NotFound("entry", entryId));
    if (e.removedAt == null) {
      return new Look().entry(e);
    }
    stock.move(e.kindId, e.pieces, Whereabouts.CLEAN, Whereabouts.WAITING);
    EntryEntity fresh = entries.findById(entryId).orElseThrow();
    fresh.removedAt = null;
    return new Look().entry(entries.saveAndFlush(fresh));
  }

  /** Takes waiting pieces of an entry into a load. */
  @Transactional
  public void take(long entryId, int count) {
    EntryEntity e = waitingEntry(entryId);
    if (count < 1 || count > e.left()) {
      throw new OutOfRange("count", count, "1 to " + e.left() + ", since so many wait");
    }
    e.taken += count;
  }

  /** Gives pieces of an entry back to its pail. */
  @Transactional
  public void giveBack(long entryId, int count) {
    EntryEntity e = entries.findById(entryId).orElseThrow(() -> new NotFound("entry", entryId));
    e.taken -= count;
  }

  private Instant cameIn(@Nullable Instant given) {
    Instant now = clock.instant();
    if (given == null) {
      return now;
    }
    if (given.isAfter(now) || given.isBefore(now.minus(LONGEST_AGO))) {
      throw new OutOfRange(
          "cameIn", given, "a moment within the last " + LONGEST_AGO.toDays() + " days");
    }
    return given;
  }

  private EntryEntity waitingEntry(long id) {
    EntryEntity e = entries.findById(id).orElseThrow(() -> new NotFound("entry", id));
    if (e.removedAt != null || e.left() == 0) {
      throw new NotNow("These pieces no longer wait in a pail.");
    }
    return e;
  }

  /** One look at all pails: everything is read once. */
  private final class Look {
    private final Instant now = clock.instant();
    private final ZoneId zone = household.current().zoneId();
    private final TimeWords words = new TimeWords(zone, now);
    private final Map<Long, Kind> kindById = kinds.byId();
    private final Map<Long, Person> personById =
        people.all().stream().collect(Collectors.toMap(Person::id, p -> p));
    private final List<PailEntity> all = pails.findAll(Sort.by("position", "id"));
    private final Map<Long, PailEntity> pailById =
        all.stream().collect(Collectors.toMap(p -> p.id, p -> p));
    private final Map<String, Why> whys = new LinkedHashMap<>();

    List<Waiting> waiting() {
      return entries.waiting().stream().map(this::waiting).toList();
    }

    Gathering gathering() {
      List<EntryEntity> rows = entries.waiting();
      List<Waiting> waiting = rows.stream().map(this::waiting).toList();
      List<Pail> shown = all.stream().map(p -> pail(p, rows, waiting)).toList();
      int pieces = shown.stream().mapToInt(Pail::pieces).sum();
      Why.Builder why =
          Why.of(Numbers.count(pieces, "piece"), "What waits in all places together.");
      shown.forEach(p -> why.line(p.name(), String.valueOf(p.pieces())));
      whys.put(
          "pieces",
          why.total("together", String.valueOf(pieces)).source("Counted from the entries."));
      return new Gathering(pieces, shown, nextDue(waiting).orElse(null), whys);
    }

    private Optional<NextDue> nextDue(List<Waiting> waiting) {
      Optional<Waiting> first =
          waiting.stream().min(Comparator.comparing(w -> HoldingClock.due(w.pieces())));
      Optional<Instant> oldest =
          waiting.stream().map(w -> w.pieces().since()).min(Comparator.naturalOrder());
      return first.map(
          w -> {
            Instant due = HoldingClock.due(w.pieces());
            long hours = HoldingClock.limit(w.pieces()).toHours();
            String limit =
                hours >= 48 ? hours / 24 + " days" : hours == 24 ? "a day" : hours + " hours";
            String reason =
                w.pieces().dampCloth()
                    ? "damp cloths in " + w.pailName() + " sour in " + limit
                    : w.pailName()
                        + " reaches "
                        + limit
                        + " with "
                        + w.pieces().soil().words()
                        + " pieces";
            return new NextDue(
                w.pailId(),
                w.pailName(),
                due,
                words.at(due),
                due.isBefore(now),
                reason,
                words.ago(oldest.orElse(due)));
          });
    }

    private Pail pail(PailEntity p, List<EntryEntity> rows, List<Waiting> waiting) {
      List<EntryEntity> inside = rows.stream().filter(e -> e.pailId.equals(p.id)).toList();
      int pieces = inside.stream().mapToInt(EntryEntity::left).sum();
      double litres = inside.stream().mapToDouble(e -> bulkL(e, e.left())).sum();
      List<Waiting> here = waiting.stream().filter(w -> w.pailId() == p.id).toList();
      Waiting first =
          here.stream().min(Comparator.comparing(w -> HoldingClock.due(w.pieces()))).orElse(null);
      Instant due = first == null ? null : HoldingClock.due(first.pieces());
      Person person = p.personId == null ? null : personById.get(p.personId);
      whys.put("fill." + p.id, fillWhy(p, litres));
      if (first != null) {
        whys.put("due." + p.id, dueWhy(first));
      }
      List<Entry> shown = new ArrayList<>(inside.stream().map(this::entry).toList());
      java.util.Collections.reverse(shown);
      return new Pail(
          p.id,
          p.name,
          p.style,
          p.style.words(),
          p.capacityL,
          person == null ? null : person.name(),
          p.personId,
          pieces,
          litres / p.capacityL,
          layers(p, inside),
          shown,
          due == null ? null : words.at(due),
          state(due));
    }

    private DueState state(@Nullable Instant due) {
      if (due == null) {
        return DueState.FINE;
      }
      if (due.isBefore(now)) {
        return DueState.OVER;
      }
      return due.isBefore(now.plus(SOON)) ? DueState.SOON : DueState.FINE;
    }

    private List<Layer> layers(PailEntity pail, List<EntryEntity> inside) {
      Map<String, List<EntryEntity>> byPart =
          inside.stream()
              .collect(
                  Collectors.groupingBy(
                      e -> part(e.cameIn), LinkedHashMap::new, Collectors.toList()));
      return byPart.entrySet().stream()
          .map(
              group ->
                  new Layer(
                      group.getKey(),
                      group.getValue().stream().mapToInt(EntryEntity::left).sum(),
                      group.getValue().stream().mapToDouble(e -> bulkL(e, e.left())).sum()
                          / pail.capacityL,
                      group.getValue().stream()
                          .mapToDouble(e -> age(waiting(e).pieces()))
                          .max()
                          .orElse(0)))
          .toList();
    }

    private String part(Instant time) {
      ZonedDateTime local = time.atZone(zone);
      boolean today = DayPart.dayOf(local).equals(DayPart.dayOf(now.atZone(zone)));
      String day =
          today
              ? "today"
              : DayPart.dayOf(local).getDayOfWeek().getDisplayName(TextStyle.SHORT, Locale.ENGLISH);
      return day + " " + DayPart.of(local).words();
    }

    private double age(SoiledPieces pieces) {
      double limit = HoldingClock.limit(pieces).toMinutes();
      return Duration.between(pieces.since(), now).toMinutes() / limit;
    }

    private double bulkL(EntryEntity e, int count) {
      return kindById.get(e.kindId).load(1).weighted(Material::looseBulkLKg) * count;
    }

    private Waiting waiting(EntryEntity e) {
      PailEntity p = pailById.get(e.pailId);
      Person person = p.personId == null ? null : personById.get(p.personId);
      return new Waiting(
          e.id,
          e.pailId,
          p.name,
          p.style == PailStyle.BASKET,
          p.personId,
          new SoiledPieces(
              kindById.get(e.kindId),
              e.left(),
              e.soil,
              e.solidsOff,
              e.cameIn,
              person == null ? java.util.Set.of() : person.needs()));
    }

    Entry entry(EntryEntity e) {
      Waiting w = waiting(e);
      return new Entry(
          e.id,
          e.version,
          e.pailId,
          e.kindId,
          w.pieces().kind().name(),
          e.left(),
          e.soil,
          e.soil.words(),
          e.solidsOff,
          e.cameIn,
          words.at(e.cameIn),
          words.at(HoldingClock.due(w.pieces())));
    }

    private Why dueWhy(Waiting w) {
      SoiledPieces p = w.pieces();
      String sentence =
          p.dampCloth()
              ? "Damp cloths sour within a day. Rinse them after use, or wash them soon."
              : switch (p.soil()) {
                case WET, STOOL ->
                    "Urine turns to ammonia and eats the fibre. Most carers wash every second day; three days is the end. Dry and airy slows it, a sealed lid makes it worse.";
                case BLOOD ->
                    "Stored dry, blood keeps for a week; the stain sets more the longer it waits.";
                default -> "The longer it waits, the deeper it sets.";
              };
      return Why.of(words.at(HoldingClock.due(p)), sentence)
          .line("first to go over", p.words() + ", " + p.soil().words())
          .line("came in", words.at(p.since()))
          .line("may wait", HoldingClock.limit(p).toHours() + " h")
          .total("due", words.at(HoldingClock.due(p)))
          .source("House default; docs/models.md, holding.");
    }

    private Why fillWhy(PailEntity p, double litres) {
      return Why.of(
              Numbers.percent(litres / p.capacityL) + " full",
              "Pieces lying loosely, by mass and material. Air around them is good; do not press them down.")
          .line("pieces", Numbers.of(litres, 1) + " L")
          .line(p.name, Numbers.of(p.capacityL, 0) + " L")
          .total("full", Numbers.percent(litres / p.capacityL))
          .section(2);
    }
  }
}
