package org.nestrinse.app.shelf;

import java.time.Clock;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.kit.kind.KindView;
import org.nestrinse.app.kit.person.Person;
import org.nestrinse.app.kit.person.PersonService;
import org.nestrinse.app.shelf.ShelfViews.Shelf;
import org.nestrinse.core.household.DailyUse;
import org.nestrinse.core.household.ShelfStock;
import org.nestrinse.core.household.StockedKind;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.shelf.Recipe;
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
  private final Clock clock;

  ShelfService(
      KindService kinds,
      PersonService people,
      BundleWishRepository wishes,
      HouseholdService households,
      Clock clock) {
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
    List<Person> everyone = people.all();
    return new ShelfPicture(all, everyone, households.timeWords()).of(stock(all, everyone));
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

  /** Returns what the household owns, and what a normal day takes from its shelf. */
  @Transactional(readOnly = true)
  public ShelfStock stock() {
    return stock(kinds.all(), people.all());
  }

  private ShelfStock stock(List<KindView> all, List<Person> everyone) {
    return new ShelfStock(
        clock.instant().atZone(households.current().zoneId()),
        all.stream().map(k -> new StockedKind(k.asKind(), k.stock())).toList(),
        everyone.stream().map(Person::use).reduce(DailyUse.NOTHING, DailyUse::plus),
        wishes.findAll().stream().collect(Collectors.toMap(w -> w.recipe, w -> w.wanted)));
  }
}
