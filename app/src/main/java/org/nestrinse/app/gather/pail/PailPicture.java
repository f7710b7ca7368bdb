package org.nestrinse.app.gather.pail;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.gather.GatherSaying;
import org.nestrinse.app.gather.pail.GatherViews.DueState;
import org.nestrinse.app.gather.pail.GatherViews.Entry;
import org.nestrinse.app.gather.pail.GatherViews.Gathering;
import org.nestrinse.app.gather.pail.GatherViews.Layer;
import org.nestrinse.app.gather.pail.GatherViews.NextDue;
import org.nestrinse.app.gather.pail.GatherViews.Pail;
import org.nestrinse.app.kit.household.Household;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.gather.DayPart;
import org.nestrinse.core.gather.HoldingClock;
import org.nestrinse.core.gather.NextWash;
import org.nestrinse.core.gather.NormalDay;
import org.nestrinse.core.gather.PailUse;
import org.nestrinse.core.gather.Prep;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.gather.SoiledPiecesBuilder;
import org.nestrinse.core.gather.Storage;
import org.nestrinse.core.household.LikelyKinds;
import org.nestrinse.core.household.StockedKind;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.shelf.Cover;
import org.nestrinse.core.shelf.Need;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.why.Why;

/** One look at all pails: everything was read once. */
final class PailPicture {
  /** A pail is "soon" within this time of its limit. */
  private static final Duration SOON = Duration.ofHours(8);

  private final Facts facts;
  private final ZoneId zone;

  private final TimeWords words;
  private final GatherWhys reasons;
  private final Map<Long, PailEntity> pailById;
  private final Map<String, Why> whys = new LinkedHashMap<>();

  PailPicture(Facts facts) {
    this.facts = facts;
    zone = facts.household.zoneId();
    words = new TimeWords(zone, facts.now);
    reasons = new GatherWhys(words);
    pailById = facts.pails.stream().collect(Collectors.toMap(p -> p.id, p -> p));
  }

  /**
   * What a look is made of.
   *
   * @param now the moment
   * @param household its facts
   * @param kinds kinds by number
   * @param needs what everyone needs
   * @param pails all pails in their order
   * @param lots lots of new pieces by number
   * @param habits the lines of normal days by pail
   * @param owned the kinds with where their pieces are
   * @param covers until when the shelf lasts
   */
  record Facts(
      Instant now,
      Household household,
      Map<Long, Kind> kinds,
      Needs needs,
      List<PailEntity> pails,
      Map<Long, LotEntity> lots,
      Map<Long, List<NormalDay.Habit>> habits,
      List<StockedKind> owned,
      List<Cover> covers) {}

  Waiting waiting(EntryEntity e) {
    PailEntity p = pailById.get(e.pailId);
    Kind kind = facts.kinds.get(e.kindId);
    LotEntity lot = e.lotId == null ? null : facts.lots.get(e.lotId);
    return new Waiting(
        e.id,
        e.version,
        e.pailId,
        p.name,
        p.style().forBulk(),
        p.personId,
        e.lotId,
        SoiledPiecesBuilder.builder()
            .kind(kind)
            .count(e.left())
            .soil(e.soil())
            .solidsOff(e.solids().off())
            .since(e.cameIn)
            .needs(facts.needs.of(p.personId, e.cameIn))
            .storage(new Storage(airy(p), facts.household.wetHours()))
            .newDye(lot != null && Prep.bleeds(kind, lot.washes))
            .firstWash(lot != null && lot.washes == 0)
            .build());
  }

  Gathering gathering(List<EntryEntity> rows) {
    List<Waiting> waiting = rows.stream().map(this::waiting).toList();
    List<Pail> shown = facts.pails.stream().map(p -> pail(p, rows, waiting)).toList();
    int pieces = shown.stream().mapToInt(Pail::pieces).sum();
    int assumed = shown.stream().mapToInt(Pail::assumed).sum();
    Why.Builder why =
        Why.of(Said.of(GatherSaying.PIECES).with("pieces", pieces), GatherSaying.ALL_PLACES);
    shown.forEach(p -> why.line(p.name(), p.pieces()));
    if (assumed > 0) {
      why.line(GatherSaying.ASSUMED, assumed);
    }
    whys.put("pieces", why.total(GatherSaying.TOGETHER, pieces).source(GatherSaying.COUNTED));
    return new Gathering(
        facts.now, pieces, assumed, shown, nextDue(rows, waiting).orElse(null), whys);
  }

  /**
   * Returns the numbers of the entries that must go into the next wash whatever their clocks say:
   * their pail is full, or the shelf runs out of what they are for.
   */
  Set<Long> pressing(List<EntryEntity> rows, Instant until) {
    Set<Long> pressing = new HashSet<>();
    for (PailEntity p : facts.pails) {
      boolean full =
          !p.style().forBulk()
              && NextWash.full(litres(p, rows), p.capacityL, litresPerDay(p), facts.now)
                  .map(at -> !at.isAfter(facts.now))
                  .orElse(false);
      if (full) {
        rows.stream().filter(e -> e.pailId.equals(p.id)).forEach(e -> pressing.add(e.id));
      }
    }
    for (Cover cover : facts.covers) {
      Instant wash = NextWash.beforeShelfIsEmpty(cover.until().toInstant());
      if (!wash.isAfter(until)) {
        Set<Role> roles =
            cover.need() instanceof Need need
                ? need.roles(Set.copyOf(facts.kinds.values()))
                : Set.of();
        rows.stream()
            .filter(e -> roles.contains(facts.kinds.get(e.kindId).role()))
            .forEach(e -> pressing.add(e.id));
      }
    }
    return pressing;
  }

  private Optional<NextDue> nextDue(List<EntryEntity> rows, List<Waiting> waiting) {
    if (waiting.isEmpty()) {
      return Optional.empty();
    }
    Waiting clock = first(waiting);
    List<NextWash> candidates = new ArrayList<>();
    NextWash byClock =
        new NextWash(
            NextWash.Cause.CLOCK, HoldingClock.due(clock.pieces()), Said.from(clock.pailName()));
    candidates.add(byClock);
    Map<NextWash, PailEntity> fullPails = new LinkedHashMap<>();
    for (PailEntity p : facts.pails) {
      double litres = litres(p, rows);
      if (litres > 0 && !p.style().forBulk()) {
        NextWash.full(litres, p.capacityL, litresPerDay(p), facts.now)
            .map(at -> new NextWash(NextWash.Cause.CAPACITY, at, Said.from(p.name)))
            .ifPresent(
                n -> {
                  candidates.add(n);
                  fullPails.put(n, p);
                });
      }
    }
    Optional<Cover> shelf = Cover.firstToRunOut(facts.covers);
    shelf.ifPresent(
        c ->
            candidates.add(
                new NextWash(
                    NextWash.Cause.SHELF,
                    NextWash.beforeShelfIsEmpty(c.until().toInstant()),
                    c.need().said())));
    NextWash next = NextWash.earliest(candidates).orElseThrow();
    PailEntity fullPail = fullPails.get(next);
    Instant oldest =
        waiting.stream()
            .min(Comparator.comparing(Waiting::forBulk).thenComparing(w -> w.pieces().since()))
            .orElseThrow()
            .pieces()
            .since();
    whys.put("next", reasons.nextWhy(next, candidates));
    return Optional.of(
        new NextDue(
            fullPail == null ? clock.pailId() : fullPail.id,
            fullPail == null ? clock.pailName() : fullPail.name,
            next.cause(),
            next.at(),
            next.at().isBefore(facts.now) ? GatherSaying.NOW.said() : words.at(next.at()),
            !next.at().isAfter(facts.now),
            reason(next, clock, shelf.orElse(null)),
            words.ago(oldest)));
  }

  private Said reason(NextWash next, Waiting clock, @Nullable Cover shelf) {
    return switch (next.cause()) {
      case CAPACITY ->
          Said.of(next.at().isAfter(facts.now) ? GatherSaying.FULL_THEN : GatherSaying.IS_FULL)
              .with("pail", next.what());
      case SHELF ->
          shelf == null
              ? Said.of(GatherSaying.LASTS_UNTIL_THEN).with("what", next.what())
              : Said.of(GatherSaying.LASTS_UNTIL)
                  .with("what", next.what())
                  .with("when", words.at(shelf.until().toInstant()));
      case CLOCK -> GatherWhys.clockReason(clock);
    };
  }

  private double litres(PailEntity p, List<EntryEntity> rows) {
    return rows.stream()
        .filter(e -> e.pailId.equals(p.id))
        .mapToDouble(e -> facts.kinds.get(e.kindId).dryL() * e.left())
        .sum();
  }

  private double litresPerDay(PailEntity p) {
    return facts.habits.getOrDefault(p.id, List.of()).stream()
        .mapToDouble(h -> h.count() * facts.kinds.get(h.kindId()).dryL())
        .sum();
  }

  private static Waiting first(List<Waiting> waiting) {
    return waiting.stream()
        .min(Comparator.comparing(w -> HoldingClock.due(w.pieces())))
        .orElseThrow();
  }

  Pail pail(PailEntity p, List<EntryEntity> rows, List<Waiting> waiting) {
    List<EntryEntity> inside = rows.stream().filter(e -> e.pailId.equals(p.id)).toList();
    int pieces = inside.stream().mapToInt(EntryEntity::left).sum();
    int assumed = inside.stream().filter(e -> e.assumed).mapToInt(EntryEntity::left).sum();
    double litres = litres(p, rows);
    List<Waiting> here = waiting.stream().filter(w -> w.pailId() == p.id).toList();
    Waiting first = here.isEmpty() ? null : first(here);
    Instant due = first == null ? null : HoldingClock.due(first.pieces());
    whys.put("fill." + p.id, GatherWhys.fillWhy(p, litres));
    if (first != null) {
      whys.put("due." + p.id, reasons.dueWhy(first));
    }
    List<Entry> shown = new ArrayList<>(inside.stream().map(this::entry).toList());
    Collections.reverse(shown);
    List<PailUse> uses = PailUse.of(p.style());
    return GatherViewsPailBuilder.builder()
        .id(p.id)
        .version(p.version)
        .name(p.name)
        .style(p.style())
        .styleWords(styleWords(p))
        .capacityL(p.capacityL)
        .airy(airy(p))
        .liner(p.liner)
        .person(facts.needs.name(p.personId))
        .personId(p.personId)
        .pieces(pieces)
        .assumed(assumed)
        .fill(litres / p.capacityL)
        .layers(layers(p, inside))
        .entries(shown)
        .dueWords(due == null ? null : words.at(due))
        .dueState(state(due))
        .dueFirst(
            first == null
                ? null
                : Said.of(GatherSaying.PIECES_AND_SOIL)
                    .with("pieces", first.pieces().said())
                    .with("soil", first.pieces().soil()))
        .emptiedWords(p.emptiedAt == null ? null : words.at(p.emptiedAt))
        .likelyKinds(likely(p, inside).stream().map(Kind::id).toList())
        .usualSoils(uses.stream().flatMap(u -> u.soils().stream()).distinct().toList())
        .build();
  }

  /** Returns the kinds that may come into a pail, the likeliest first. */
  List<Kind> likely(PailEntity p, List<EntryEntity> inside) {
    return LikelyKinds.of(
        facts.owned,
        inside.stream()
            .collect(
                Collectors.groupingBy(e -> e.kindId, Collectors.summingInt(EntryEntity::left))),
        p.style());
  }

  /** A household that shuts its pails shuts all of them. */
  private boolean airy(PailEntity p) {
    return p.airy && !facts.household.pailsShut();
  }

  private Said styleWords(PailEntity p) {
    List<Said> all = new ArrayList<>();
    all.add(p.style().said());
    if (p.liner != null) {
      all.add(Said.of(GatherSaying.LINER_IN).with("liner", p.liner));
    }
    if (!airy(p)) {
      all.add(GatherSaying.CLOSED.said());
    }
    return Said.row(all);
  }

  private DueState state(@Nullable Instant due) {
    if (due == null) {
      return DueState.FINE;
    }
    if (due.isBefore(facts.now)) {
      return DueState.OVER;
    }
    return due.isBefore(facts.now.plus(SOON)) ? DueState.SOON : DueState.FINE;
  }

  private List<Layer> layers(PailEntity pail, List<EntryEntity> inside) {
    Map<Said, List<EntryEntity>> byPart =
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
                    group.getValue().stream()
                        .filter(e -> e.assumed)
                        .mapToInt(EntryEntity::left)
                        .sum(),
                    group.getValue().stream()
                            .mapToDouble(e -> facts.kinds.get(e.kindId).dryL() * e.left())
                            .sum()
                        / pail.capacityL,
                    group.getValue().stream()
                        .mapToDouble(e -> age(waiting(e).pieces()))
                        .max()
                        .orElse(0)))
        .toList();
  }

  private Said part(Instant time) {
    ZonedDateTime local = time.atZone(zone);
    boolean today = DayPart.dayOf(local).equals(DayPart.dayOf(facts.now.atZone(zone)));
    return today
        ? Said.of(GatherSaying.TODAY_PART).with("part", DayPart.of(local))
        : Said.of(GatherSaying.DAY_PART)
            .with("day", DayPart.dayOf(local).getDayOfWeek())
            .with("part", DayPart.of(local));
  }

  private double age(SoiledPieces pieces) {
    double limit = HoldingClock.limit(pieces).toMinutes();
    return Duration.between(pieces.since(), facts.now).toMinutes() / limit;
  }

  Entry entry(EntryEntity e) {
    Waiting w = waiting(e);
    return GatherViewsEntryBuilder.builder()
        .id(e.id)
        .version(e.version)
        .pailId(e.pailId)
        .kindId(e.kindId)
        .kind(w.pieces().kind().name())
        .count(e.left())
        .soil(e.soil())
        .soilWords(e.lotId == null ? e.soil().said() : GatherSaying.NEW.said())
        .solids(e.solids())
        .solidsWords(e.solids().said())
        .assumed(e.assumed)
        .part(part(e.cameIn))
        .cameIn(e.cameIn)
        .cameInWords(words.at(e.cameIn))
        .dueWords(words.at(HoldingClock.due(w.pieces())))
        .build();
  }
}
