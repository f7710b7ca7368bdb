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
import java.util.Set;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.HouseholdService;
import org.nestrinse.app.kit.KindService;
import org.nestrinse.app.kit.KindView;
import org.nestrinse.app.kit.Person;
import org.nestrinse.app.kit.PersonService;
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
    return new ShelfPicture(all, people.all(), households.timeWords())
        .of(clock.instant(), clean, wanted(), covers(clean));
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

  static Set<Kind> owned(List<KindView> all) {
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
}
