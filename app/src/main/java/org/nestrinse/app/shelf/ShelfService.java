package org.nestrinse.app.shelf;

import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.HouseholdService;
import org.nestrinse.app.kit.KindService;
import org.nestrinse.app.kit.KindView;
import org.nestrinse.app.kit.Person;
import org.nestrinse.app.kit.PersonService;
import org.nestrinse.app.shelf.ShelfViews.Compartment;
import org.nestrinse.app.shelf.ShelfViews.CoverLine;
import org.nestrinse.app.shelf.ShelfViews.KindLine;
import org.nestrinse.app.shelf.ShelfViews.Shelf;
import org.nestrinse.app.time.HouseClock;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.shelf.Bundles;
import org.nestrinse.core.shelf.Cover;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.units.Numbers;
import org.nestrinse.core.why.Why;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is clean, the bundles it makes, and until when it lasts. */
@Service
public class ShelfService {
  /** Day bundles are used between these hours. */
  private static final int DAY_FROM = 7;

  private static final int DAY_TO = 20;

  /** Night bundles and bed pads are put on between these hours. */
  private static final int NIGHT_FROM = 19;

  private static final int NIGHT_TO = 22;

  private final KindService kinds;
  private final PersonService people;
  private final HouseholdService households;
  private final HouseClock clock;

  ShelfService(
      KindService kinds, PersonService people, HouseholdService households, HouseClock clock) {
    this.kinds = kinds;
    this.people = people;
    this.households = households;
    this.clock = clock;
  }

  /** Returns the shelf. */
  @Transactional(readOnly = true)
  public Shelf shelf() {
    List<KindView> all = kinds.all();
    Map<Role, Integer> clean = new EnumMap<>(Role.class);
    all.forEach(k -> clean.merge(k.role(), k.stock().clean(), Integer::sum));
    Bundles bundles = Bundles.of(clean);
    TimeWords words = households.timeWords();
    List<Cover> covers = covers(bundles, clean);
    Optional<Cover> first = Cover.firstToRunOut(covers);
    Map<String, Why> whys = new LinkedHashMap<>();
    whys.put("day", bundles.whyDay(clean));
    whys.put("night", bundles.whyNight(clean));
    List<Compartment> compartments = compartments(all);
    compartments.forEach(c -> whys.put("part." + c.role(), partWhy(c)));
    covers.forEach(c -> whys.put("cover." + c.need(), coverWhy(c, words)));
    return new Shelf(
        clock.instant(),
        compartments,
        bundles.days(),
        bundles.nights(),
        bundles,
        words(bundles.dayLimit()),
        words(bundles.nightLimit()),
        covers.stream().map(c -> new CoverLine(c, words.at(c.until().toInstant()))).toList(),
        first.map(c -> words.at(c.until().toInstant())).orElse(null),
        first.map(Cover::need).orElse(null),
        whys);
  }

  private static @Nullable String words(@Nullable Role role) {
    return role == null ? null : role.words();
  }

  /**
   * Returns until when each thing in daily use lasts, counting what washes and hangs too: it comes
   * back by itself.
   */
  @Transactional(readOnly = true)
  public List<Cover> covers() {
    Map<Role, Integer> clean = new EnumMap<>(Role.class);
    kinds
        .all()
        .forEach(k -> clean.merge(k.role(), k.stock().owned() - k.stock().waiting(), Integer::sum));
    return covers(Bundles.of(clean), clean);
  }

  /**
   * Something in daily use, with all that the household owns of it.
   *
   * @param need what it is called
   * @param owned how many bundles or pieces
   * @param perDay uses of a normal day
   * @param roles what one of it is made of
   */
  public record OwnedNeed(String need, int owned, int perDay, Set<Role> roles) {}

  /** Returns what is in daily use, with all that is owned, wherever it is now. */
  @Transactional(readOnly = true)
  public List<OwnedNeed> needs() {
    Map<Role, Integer> owned = new EnumMap<>(Role.class);
    kinds.all().forEach(k -> owned.merge(k.role(), k.stock().owned(), Integer::sum));
    Bundles bundles = Bundles.of(owned);
    int pads = owned.getOrDefault(Role.BED_PAD, 0);
    List<Person> everyone = people.all();
    List<OwnedNeed> all =
        List.of(
            new OwnedNeed(
                "day bundles",
                bundles.days(),
                everyone.stream().mapToInt(Person::dayBundles).sum(),
                Set.of(Role.SHELL, Role.INSERT, Role.BOOSTER)),
            new OwnedNeed(
                "night bundles",
                bundles.nights(),
                everyone.stream().mapToInt(Person::nightBundles).sum(),
                Set.of(Role.NIGHT_FITTED, Role.BOOSTER, Role.COVER)),
            new OwnedNeed(
                "bed pads",
                pads,
                everyone.stream().mapToInt(Person::bedPads).sum(),
                Set.of(Role.BED_PAD)));
    return all.stream().filter(n -> n.perDay() > 0).toList();
  }

  /**
   * Returns when the shelf runs out of the pieces of each role at the pace of a normal day,
   * counting only what is clean now.
   */
  @Transactional(readOnly = true)
  public Map<Role, Instant> neededBy() {
    ZonedDateTime now = clock.instant().atZone(households.current().zoneId());
    Map<Role, Integer> clean = new EnumMap<>(Role.class);
    kinds.all().forEach(k -> clean.merge(k.role(), k.stock().clean(), Integer::sum));
    Map<Role, Integer> perDay = new EnumMap<>(Role.class);
    needs().forEach(n -> n.roles().forEach(role -> perDay.merge(role, n.perDay(), Integer::sum)));
    Map<Role, Instant> needed = new EnumMap<>(Role.class);
    perDay.forEach(
        (role, uses) -> {
          Cover.Need need =
              new Cover.Need(role.words(), clean.getOrDefault(role, 0), uses, DAY_FROM, NIGHT_TO);
          needed.put(role, Cover.of(need, now).until().toInstant());
        });
    return needed;
  }

  private List<Cover> covers(Bundles bundles, Map<Role, Integer> clean) {
    ZonedDateTime now = clock.instant().atZone(households.current().zoneId());
    List<Person> everyone = people.all();
    List<Cover.Need> needs = new ArrayList<>();
    need(needs, everyone, "day bundles", bundles.days(), Person::dayBundles, DAY_FROM, DAY_TO);
    need(
        needs,
        everyone,
        "night bundles",
        bundles.nights(),
        Person::nightBundles,
        NIGHT_FROM,
        NIGHT_TO);
    int pads = clean.getOrDefault(Role.BED_PAD, 0);
    need(needs, everyone, "bed pads", pads, Person::bedPads, NIGHT_FROM, NIGHT_TO);
    return needs.stream().map(n -> Cover.of(n, now)).toList();
  }

  private static void need(
      List<Cover.Need> needs,
      List<Person> everyone,
      String name,
      int stock,
      ToIntFunction<Person> uses,
      int from,
      int to) {
    int perDay = everyone.stream().mapToInt(uses).sum();
    if (perDay > 0) {
      needs.add(new Cover.Need(name, stock, perDay, from, to));
    }
  }

  private static List<Compartment> compartments(List<KindView> all) {
    Map<Role, List<KindView>> byRole =
        all.stream()
            .collect(
                Collectors.groupingBy(
                    KindView::role, () -> new EnumMap<>(Role.class), Collectors.toList()));
    return byRole.entrySet().stream()
        .map(
            e ->
                new Compartment(
                    e.getKey(),
                    e.getKey().words(),
                    e.getValue().stream().mapToInt(k -> k.stock().clean()).sum(),
                    e.getValue().stream().mapToInt(k -> k.stock().owned()).sum(),
                    e.getValue().stream().map(ShelfService::line).toList()))
        .toList();
  }

  private static KindLine line(KindView k) {
    return new KindLine(
        k.id(),
        k.name(),
        Numbers.count(k.stock().clean(), k.name()),
        k.stock().clean(),
        k.stock().waiting(),
        k.stock().washing(),
        k.stock().drying(),
        k.stock().owned());
  }

  private static Why partWhy(Compartment c) {
    Why.Builder why =
        Why.of(
            c.clean() + " clean",
            "What is nowhere else is clean: not in a pail, not in the machine, not hanging.");
    for (KindLine k : c.kinds()) {
      why.line(k.kind() + ", owned", String.valueOf(k.owned()))
          .line("waiting", String.valueOf(k.waiting()))
          .line("washing", String.valueOf(k.washing()))
          .line("hanging", String.valueOf(k.drying()))
          .total("clean", String.valueOf(k.clean()));
    }
    return why.source("Counted from pails, rounds and lines.");
  }

  private static Why coverWhy(Cover c, TimeWords words) {
    String until = words.at(c.until().toInstant());
    return Why.of(
            c.need() + " until " + until,
            "What is clean now, used up at the pace of a normal day. What still hangs or waits is not counted.")
        .line("clean now", String.valueOf(c.stock()))
        .line("a normal day uses", String.valueOf(c.perDay()))
        .total("the next one is missing", until)
        .source("Normal day of each person, Kit.");
  }
}
