package org.nestrinse.app.shelf;

import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
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
import org.nestrinse.app.shelf.ShelfViews.BundleLine;
import org.nestrinse.app.shelf.ShelfViews.Compartment;
import org.nestrinse.app.shelf.ShelfViews.CoverLine;
import org.nestrinse.app.shelf.ShelfViews.KindLine;
import org.nestrinse.app.shelf.ShelfViews.Setting;
import org.nestrinse.app.shelf.ShelfViews.Shelf;
import org.nestrinse.app.time.HouseClock;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.shelf.Bundling;
import org.nestrinse.core.shelf.Cover;
import org.nestrinse.core.shelf.Need;
import org.nestrinse.core.shelf.Recipe;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;
import org.nestrinse.core.why.WhySource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is clean, the bundles it makes, and until when it lasts. */
@Service
public class ShelfService {
  private static final Range WANTED = new Range(0, 60, Unit.BUNDLE);

  private final KindService kinds;
  private final PersonService people;
  private final BundleWishRepository wishes;
  private final HouseholdService households;
  private final HouseClock clock;

  ShelfService(
      KindService kinds,
      PersonService people,
      BundleWishRepository wishes,
      HouseholdService households,
      HouseClock clock) {
    this.kinds = kinds;
    this.people = people;
    this.wishes = wishes;
    this.households = households;
    this.clock = clock;
  }

  /** How many bundles of a recipe should be ready; null for what a normal day asks for. */
  public record Wish(@Nullable Integer wanted) {}

  /** Returns the shelf. */
  @Transactional(readOnly = true)
  public Shelf shelf() {
    List<KindView> all = kinds.all();
    Map<Kind, Integer> clean = clean(all);
    Map<Recipe, Integer> wanted = wanted();
    Bundling bundling = Bundling.of(clean, wanted);
    TimeWords words = households.timeWords();
    List<Cover> covers = covers(clean);
    Optional<Cover> first = Cover.firstToRunOut(covers);
    Map<String, Why> whys = new LinkedHashMap<>();
    List<Compartment> compartments = compartments(all);
    compartments.forEach(c -> whys.put("part." + c.role(), partWhy(c)));
    covers.forEach(c -> whys.put("cover." + c.need().name(), coverWhy(c, words)));
    List<BundleLine> lines = new ArrayList<>();
    for (Recipe recipe : shown(all, wanted)) {
      BundleLine line = bundleLine(recipe, bundling, wanted.getOrDefault(recipe, 0));
      lines.add(line);
      whys.put("bundle." + recipe.id(), bundleWhy(recipe, line, clean));
    }
    return new Shelf(
        clock.instant(),
        compartments,
        Need.DAYS.uses(bundling, clean),
        Need.NIGHTS.uses(bundling, clean),
        lines,
        bundling.missing() == null ? null : bundling.missing().words(),
        settings(),
        covers.stream().map(c -> new CoverLine(c, words.at(c.until().toInstant()))).toList(),
        first.map(c -> words.at(c.until().toInstant())).orElse(null),
        first.map(c -> c.need().name()).orElse(null),
        first.map(c -> c.need().said()).orElse(null),
        whys);
  }

  /** Says how many bundles of a recipe should be ready. */
  @Transactional
  public void wish(String id, Wish wish) {
    Recipe recipe =
        Recipe.ALL.stream()
            .filter(r -> r.id().equals(id))
            .findFirst()
            .orElseThrow(
                () ->
                    OutOfRange.noneOf("recipe", id, Recipe.ALL.stream().map(Recipe::id).toList()));
    if (wish.wanted == null) {
      wishes.deleteById(recipe.id());
      return;
    }
    BundleWishEntity e = wishes.findById(recipe.id()).orElseGet(BundleWishEntity::new);
    e.recipe = recipe.id();
    e.wanted = WANTED.check("wanted", wish.wanted.intValue());
    wishes.saveAndFlush(e);
  }

  private Map<Recipe, Integer> wanted() {
    List<Person> everyone = people.all();
    Map<Recipe, Integer> wanted = new HashMap<>();
    Set<Kind> owned = owned(kinds.all());
    for (Need need : Need.values()) {
      int ready = Recipe.DAYS_READY * perDay(need, everyone);
      need.madeOf(owned).stream().filter(r -> r != Recipe.NIGHT).forEach(r -> wanted.put(r, ready));
    }
    Map<String, Integer> said =
        wishes.findAll().stream().collect(Collectors.toMap(w -> w.recipe, w -> w.wanted));
    for (Recipe recipe : Recipe.ALL) {
      if (said.containsKey(recipe.id())) {
        wanted.put(recipe, said.get(recipe.id()));
      }
    }
    return wanted;
  }

  private static int sum(List<Person> everyone, ToIntFunction<Person> uses) {
    return everyone.stream().mapToInt(uses).sum();
  }

  private static Map<Kind, Integer> clean(List<KindView> all) {
    Map<Kind, Integer> clean = new LinkedHashMap<>();
    all.forEach(k -> clean.put(k.asKind(), k.stock().clean()));
    return clean;
  }

  private static Set<Kind> owned(List<KindView> all) {
    return all.stream()
        .filter(k -> k.stock().owned() > 0)
        .map(KindView::asKind)
        .collect(Collectors.toSet());
  }

  /** Returns how many of a need a normal day uses. */
  private static int perDay(Need need, List<Person> everyone) {
    return switch (need) {
      case DAYS -> sum(everyone, Person::dayBundles);
      case NIGHTS -> sum(everyone, Person::nightBundles);
      case PADS -> sum(everyone, Person::bedPads);
      case SANITARY -> sum(everyone, Person::sanitaryPads);
      case NURSING -> sum(everyone, Person::nursingPads);
    };
  }

  /** Bundles that the household can make, or has wished for. */
  private static List<Recipe> shown(List<KindView> all, Map<Recipe, Integer> wanted) {
    Set<Kind> owned = owned(all);
    return Recipe.ALL.stream()
        .filter(
            r ->
                wanted.getOrDefault(r, 0) > 0
                    || (r.fills() && r.canBeMade(owned))
                    || (r != Recipe.CABIN
                        && !r.fills()
                        && owned.stream().anyMatch(k -> k.role() == Role.SHELL)))
        .toList();
  }

  private List<Setting> settings() {
    return people.all().stream()
        .filter(p -> p.dayBundles() + p.nightBundles() > 0)
        .map(p -> new Setting(p.id(), p.name(), settingWords(p)))
        .toList();
  }

  private static Said settingWords(Person p) {
    List<Said> all = new ArrayList<>();
    if (!p.rise().isEmpty()) {
      all.add(Said.of(ShelfSaying.RISE).with("rise", p.rise()));
    }
    if (!p.snaps().isEmpty()) {
      all.add(Said.of(ShelfSaying.SNAPS).with("snaps", p.snaps()));
    }
    return Said.row(all);
  }

  private static BundleLine bundleLine(Recipe recipe, Bundling bundling, int wanted) {
    List<Said> layers = new ArrayList<>();
    List<Said> substitutes = new ArrayList<>();
    for (Bundling.Made made : bundling.made()) {
      if (made.recipe().equals(recipe)) {
        for (Bundling.Use u : made.uses()) {
          Said what = u.kind().counted(u.pieces());
          layers.add(what);
          if (u.substitute()) {
            substitutes.add(
                Said.of(ShelfSaying.STANDS_FOR).with("pieces", what).with("part", u.part()));
          }
        }
      }
    }
    return new BundleLine(
        recipe.id(),
        recipe.name().said(),
        bundling.count(recipe),
        bundling.without(recipe),
        wanted,
        layers,
        substitutes);
  }

  private static Why bundleWhy(Recipe recipe, BundleLine line, Map<Kind, Integer> clean) {
    Why.Builder why =
        Why.of(
            Said.of(ShelfSaying.BUNDLE_TITLE)
                .with("count", line.count())
                .with("recipe", recipe.name()),
            ShelfSaying.BUNDLE);
    for (Recipe.Part part : recipe.parts()) {
      int there =
          clean.entrySet().stream()
              .filter(e -> part.rank(e.getKey()) >= 0)
              .mapToInt(Map.Entry::getValue)
              .sum();
      why.line(
          Said.of(ShelfSaying.PART).with("part", part.name()).with("each", part.count()), there);
    }
    why.line(ShelfSaying.WANTED, line.wanted());
    line.layers().forEach(layer -> why.line(ShelfSaying.GOES_IN, layer));
    line.substitutes().forEach(s -> why.line(ShelfSaying.STANDS_IN, s));
    if (line.without() > 0) {
      why.line(ShelfSaying.WITHOUT, line.without());
    }
    return why.total(Said.of(ShelfSaying.BUNDLES).with("recipe", recipe.name()), line.count())
        .by(Model.BUNDLES, WhySource.COUNTED);
  }

  /**
   * Returns until when each thing in daily use lasts, counting what washes and hangs too: it comes
   * back by itself.
   */
  @Transactional(readOnly = true)
  public List<Cover> covers() {
    Map<Kind, Integer> there = new LinkedHashMap<>();
    kinds.all().forEach(k -> there.put(k.asKind(), k.stock().owned() - k.stock().waiting()));
    return covers(there);
  }

  /** Returns until when the first thing in daily use lasts, in words; null when nothing is used. */
  @Transactional(readOnly = true)
  public @Nullable Said coversUntil() {
    TimeWords words = households.timeWords();
    return Cover.firstToRunOut(covers(clean(kinds.all())))
        .map(c -> words.at(c.until().toInstant()))
        .orElse(null);
  }

  /**
   * Pieces of a kind that come back to the shelf.
   *
   * @param kindId the kind
   * @param pieces how many
   * @param at when they are dry
   */
  public record Coming(long kindId, int pieces, Instant at) {}

  /**
   * A need with what it has and what comes back to it.
   *
   * @param need what is used, with what is clean
   * @param arrivals what comes back, as whole bundles
   */
  public record Supply(Cover.Need need, List<Cover.Arrival> arrivals) {}

  /** Returns every need with what comes back to it, bundled as it comes. */
  @Transactional(readOnly = true)
  public List<Supply> supplies(List<Coming> coming) {
    ZoneId zone = households.current().zoneId();
    Map<Long, Kind> byId = kinds.byId();
    Map<Kind, Integer> there = clean(kinds.all());
    Map<Saying, Integer> before = counted(there);
    Map<Saying, List<Cover.Arrival>> arrivals = new HashMap<>();
    for (Coming c : coming.stream().sorted(Comparator.comparing(Coming::at)).toList()) {
      there.merge(byId.get(c.kindId), c.pieces, Integer::sum);
      Map<Saying, Integer> after = counted(there);
      for (Map.Entry<Saying, Integer> e : after.entrySet()) {
        int more = e.getValue() - before.get(e.getKey());
        if (more > 0) {
          arrivals
              .computeIfAbsent(e.getKey(), k -> new ArrayList<>())
              .add(new Cover.Arrival(c.at.atZone(zone), more));
        }
      }
      before = after;
    }
    return cleanNeeds(clean(kinds.all())).stream()
        .map(n -> new Supply(n, arrivals.getOrDefault(n.name(), List.of())))
        .toList();
  }

  private Map<Saying, Integer> counted(Map<Kind, Integer> there) {
    Bundling bundling = Bundling.quickly(there, wanted());
    Map<Saying, Integer> counted = new HashMap<>();
    for (Need need : Need.values()) {
      counted.put(need, need.uses(bundling, there));
    }
    return counted;
  }

  /** Returns the roles of which a need is made, in this household. */
  @Transactional(readOnly = true)
  public Set<Role> roles(Saying need) {
    Set<Kind> owned = owned(kinds.all());
    return need instanceof Need known ? known.roles(owned) : Set.of();
  }

  /**
   * Something in daily use, with all that the household owns of it.
   *
   * @param need what it is called
   * @param owned how many bundles or pieces
   * @param perDay uses of a normal day
   * @param roles the parts one of them is made of
   */
  public record OwnedNeed(Need need, int owned, int perDay, Set<Role> roles) {}

  /** Returns what is in daily use, with all that is owned, wherever it is now. */
  @Transactional(readOnly = true)
  public List<OwnedNeed> needs() {
    Map<Kind, Integer> owned = new LinkedHashMap<>();
    kinds.all().forEach(k -> owned.put(k.asKind(), k.stock().owned()));
    Map<Saying, Integer> counted = counted(owned);
    List<Person> everyone = people.all();
    Set<Kind> kindsOwned = owned(kinds.all());
    return Arrays.stream(Need.values())
        .map(
            n ->
                new OwnedNeed(
                    n, counted.getOrDefault(n, 0), perDay(n, everyone), n.roles(kindsOwned)))
        .filter(n -> n.perDay() > 0)
        .toList();
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
              new Cover.Need(
                  role,
                  clean.getOrDefault(role, 0),
                  uses,
                  Need.DAYS.fromHour(),
                  Need.NIGHTS.toHour());
          needed.put(role, Cover.of(need, now).until().toInstant());
        });
    return needed;
  }

  private List<Cover> covers(Map<Kind, Integer> there) {
    ZonedDateTime now = clock.instant().atZone(households.current().zoneId());
    return cleanNeeds(there).stream().map(n -> Cover.of(n, now)).toList();
  }

  private List<Cover.Need> cleanNeeds(Map<Kind, Integer> there) {
    Map<Saying, Integer> counted = counted(there);
    List<Person> everyone = people.all();
    return Arrays.stream(Need.values())
        .filter(n -> perDay(n, everyone) > 0)
        .map(
            n ->
                new Cover.Need(
                    n, counted.getOrDefault(n, 0), perDay(n, everyone), n.fromHour(), n.toHour()))
        .toList();
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
                    e.getKey().said(),
                    e.getValue().stream().mapToInt(k -> k.stock().clean()).sum(),
                    e.getValue().stream().mapToInt(k -> k.stock().owned()).sum(),
                    e.getValue().stream().map(ShelfService::line).toList()))
        .toList();
  }

  private static KindLine line(KindView k) {
    return new KindLine(
        k.id(),
        k.name(),
        k.asKind().counted(k.stock().clean()),
        k.stock().clean(),
        k.stock().waiting(),
        k.stock().washing(),
        k.stock().drying(),
        k.stock().owned());
  }

  private static Why partWhy(Compartment c) {
    Why.Builder why =
        Why.of(Said.of(ShelfSaying.CLEAN_TITLE).with("count", c.clean()), ShelfSaying.CLEAN_MEANS);
    for (KindLine k : c.kinds()) {
      why.line(Said.of(ShelfSaying.OWNED).with("kind", k.kind()), k.owned())
          .line(ShelfSaying.WAITING, k.waiting())
          .line(ShelfSaying.WASHING, k.washing())
          .line(ShelfSaying.DRYING, k.drying())
          .total(ShelfSaying.CLEAN, k.clean());
    }
    return why.source(ShelfSaying.PART_SOURCE);
  }

  private static Why coverWhy(Cover c, TimeWords words) {
    Said until = words.at(c.until().toInstant());
    return Why.of(
            Said.of(ShelfSaying.UNTIL).with("need", c.need()).with("when", until),
            ShelfSaying.COVER)
        .line(ShelfSaying.CLEAN_NOW, c.stock())
        .line(ShelfSaying.NORMAL_DAY, c.perDay())
        .total(ShelfSaying.MISSING_FROM, until)
        .by(Model.ENOUGH_UNTIL);
  }
}
