package org.nestrinse.core.household;

import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.nestrinse.core.shelf.Bundling;
import org.nestrinse.core.shelf.Cover;
import org.nestrinse.core.shelf.Need;
import org.nestrinse.core.shelf.Recipe;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Role;

/**
 * What a shelf supplies: the bundles that should be ready, how many uses it has for each need, and
 * until when they last.
 *
 * @see "docs/models.md, enough until"
 */
public final class Supplies {
  private final ShelfStock stock;
  private final Set<Kind> owned;
  private final Map<Recipe, Integer> wanted;

  private Supplies(ShelfStock stock) {
    this.stock = stock;
    this.owned = stock.kindsOwned();
    this.wanted = wanted(stock, owned);
  }

  /** Returns what a shelf supplies. */
  public static Supplies of(ShelfStock stock) {
    return new Supplies(stock);
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
   * @param need what is used
   * @param clean what is clean of it, with its pace
   * @param arrivals what comes back, as whole bundles
   */
  public record Supply(Need need, Cover.Need clean, List<Cover.Arrival> arrivals) {}

  /**
   * Something in daily use, with all that the household owns of it.
   *
   * @param need what it is
   * @param owned how many bundles or pieces
   * @param perDay uses of a normal day
   * @param roles the parts one of them is made of
   */
  public record OwnedNeed(Need need, int owned, int perDay, Set<Role> roles) {}

  /**
   * Returns how many bundles of each recipe should be ready: what somebody wished, else a few
   * normal days of what the household can make.
   */
  public Map<Recipe, Integer> wanted() {
    return Map.copyOf(wanted);
  }

  private static Map<Recipe, Integer> wanted(ShelfStock stock, Set<Kind> owned) {
    Map<Recipe, Integer> wanted = new HashMap<>();
    for (Need need : Need.values()) {
      int ready = Recipe.DAYS_READY * perDay(need, stock.use());
      need.madeOf(owned).stream().filter(r -> r != Recipe.NIGHT).forEach(r -> wanted.put(r, ready));
    }
    for (Recipe recipe : Recipe.ALL) {
      Integer wished = stock.wished().get(recipe.id());
      if (wished != null) {
        wanted.put(recipe, wished);
      }
    }
    return wanted;
  }

  /** Returns how many of a need a normal day uses. */
  private static int perDay(Need need, DailyUse use) {
    return switch (need) {
      case DAYS -> use.dayBundles();
      case NIGHTS -> use.nightBundles();
      case PADS -> use.bedPads();
      case SANITARY -> use.sanitaryPads();
      case NURSING -> use.nursingPads();
    };
  }

  /** Returns until when each thing in daily use lasts, counting only what is clean now. */
  public List<Cover> cleanCovers() {
    return covers(stock.clean());
  }

  /**
   * Returns until when each thing in daily use lasts, counting what washes and hangs too: it comes
   * back by itself.
   */
  public List<Cover> covers() {
    return covers(stock.comingOrThere());
  }

  private List<Cover> covers(Map<Kind, Integer> there) {
    return inUse(there).map(n -> Cover.of(n.clean, stock.now())).toList();
  }

  /** Returns every need in daily use with what is clean of it. */
  public List<Supply> supplies() {
    return supplies(List.of());
  }

  /** Returns every need in daily use with what comes back to it, bundled as it comes. */
  public List<Supply> supplies(List<Coming> coming) {
    Map<Long, Kind> byId =
        stock.kinds().stream()
            .map(StockedKind::kind)
            .collect(Collectors.toMap(Kind::id, Function.identity()));
    Map<Kind, Integer> there = stock.clean();
    Map<Need, Integer> before = counted(there);
    Map<Need, List<Cover.Arrival>> arrivals = new EnumMap<>(Need.class);
    for (Coming c : coming.stream().sorted(Comparator.comparing(Coming::at)).toList()) {
      there.merge(byId.get(c.kindId), c.pieces, Integer::sum);
      Map<Need, Integer> after = counted(there);
      ZonedDateTime at = c.at.atZone(stock.now().getZone());
      for (Need need : Need.values()) {
        int more = after.get(need) - before.get(need);
        if (more > 0) {
          arrivals.computeIfAbsent(need, k -> new ArrayList<>()).add(new Cover.Arrival(at, more));
        }
      }
      before = after;
    }
    return inUse(stock.clean())
        .map(s -> new Supply(s.need, s.clean, arrivals.getOrDefault(s.need, List.of())))
        .toList();
  }

  private Stream<Supply> inUse(Map<Kind, Integer> there) {
    Map<Need, Integer> counted = counted(there);
    return Arrays.stream(Need.values())
        .filter(n -> perDay(n, stock.use()) > 0)
        .map(
            n ->
                new Supply(
                    n,
                    new Cover.Need(
                        n, counted.get(n), perDay(n, stock.use()), n.fromHour(), n.toHour()),
                    List.of()));
  }

  private Map<Need, Integer> counted(Map<Kind, Integer> there) {
    Bundling bundling = Bundling.quickly(there, wanted);
    Map<Need, Integer> counted = new EnumMap<>(Need.class);
    for (Need need : Need.values()) {
      counted.put(need, need.uses(bundling, there));
    }
    return counted;
  }

  /** Returns what comes back to one need, bundled as it comes. */
  public List<Cover.Arrival> arrivals(Need need, List<Coming> coming) {
    return supplies(coming).stream()
        .filter(s -> s.need == need)
        .flatMap(s -> s.arrivals.stream())
        .toList();
  }

  /** Returns the roles of which a need is made in this household. */
  public Set<Role> roles(Need need) {
    return need.roles(owned);
  }

  /** Returns what is in daily use, with all that is owned, wherever it is now. */
  public List<OwnedNeed> needs() {
    Map<Need, Integer> counted = counted(stock.owned());
    return Arrays.stream(Need.values())
        .map(n -> new OwnedNeed(n, counted.get(n), perDay(n, stock.use()), roles(n)))
        .filter(n -> n.perDay() > 0)
        .toList();
  }

  /**
   * Returns when the shelf runs out of the pieces of each role at the pace of a normal day,
   * counting only what is clean now.
   */
  public Map<Role, Instant> neededBy() {
    Map<Role, Integer> clean = new EnumMap<>(Role.class);
    stock.kinds().forEach(k -> clean.merge(k.kind().role(), k.stock().clean(), Integer::sum));
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
          needed.put(role, Cover.of(need, stock.now()).until().toInstant());
        });
    return needed;
  }

  /** Returns what runs out first of what is clean; nothing when nothing is used. */
  public Optional<Cover> firstToRunOut() {
    return Cover.firstToRunOut(cleanCovers());
  }
}
