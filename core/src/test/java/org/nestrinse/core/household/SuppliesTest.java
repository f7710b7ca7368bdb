package org.nestrinse.core.household;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.household.Houses.INSERT;
import static org.nestrinse.core.household.Houses.NOON;
import static org.nestrinse.core.household.Houses.POCKET;
import static org.nestrinse.core.household.Houses.clean;
import static org.nestrinse.core.household.Houses.shelf;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.shelf.Need;
import org.nestrinse.core.shelf.Recipe;
import org.nestrinse.core.textile.Role;

/** What a shelf supplies. */
class SuppliesTest {
  private static Supplies of(ShelfStock stock) {
    return Supplies.of(stock);
  }

  @Test
  void onlyWhatIsUsedIsANeedAndItIsMadeOfWhatTheHouseOwns() {
    Supplies supplies = of(shelf(clean(POCKET, 8), clean(INSERT, 12)));
    assertThat(supplies.needs()).extracting(n -> n.need()).containsExactly(Need.DAYS);
    assertThat(supplies.roles(Need.DAYS)).containsExactlyInAnyOrder(Role.SHELL, Role.INSERT);
    assertThat(supplies.supplies().get(0).clean().perDay()).isEqualTo(5);
  }

  @Test
  void twoDaysShouldBeReadyUnlessSomebodyWishesOtherwise() {
    assertThat(of(shelf(clean(POCKET, 8), clean(INSERT, 12))).wanted())
        .containsEntry(Recipe.DAY, 2 * 5);
    ShelfStock wished =
        new ShelfStock(
            NOON,
            List.of(clean(POCKET, 8), clean(INSERT, 12)),
            Houses.FIVE_A_DAY,
            Map.of(Recipe.DAY.id(), 3));
    assertThat(of(wished).wanted()).containsEntry(Recipe.DAY, 3);
  }

  @Test
  void whatComesBackCountsOnlyInWholeBundles() {
    StockedKind pockets = clean(POCKET, 4);
    StockedKind inserts = new StockedKind(INSERT, new Stock(10, 4, 0, 0, 6));
    Supplies supplies = of(shelf(pockets, inserts));
    int now = supplies.supplies().get(0).clean().stock();
    // Six more inserts with no pocket for them make no bundle.
    assertThat(
            supplies
                .supplies(
                    List.of(new Supplies.Coming(INSERT.id(), 6, NOON.plusHours(3).toInstant())))
                .get(0)
                .arrivals()
                .stream()
                .mapToInt(a -> a.count())
                .sum())
        .isLessThanOrEqualTo(Math.max(0, 4 - now));
    assertThat(
            supplies
                .supplies(
                    List.of(
                        new Supplies.Coming(POCKET.id(), 6, NOON.plusHours(2).toInstant()),
                        new Supplies.Coming(INSERT.id(), 6, NOON.plusHours(3).toInstant())))
                .get(0)
                .arrivals())
        .last()
        .satisfies(a -> assertThat(a.at()).isEqualTo(NOON.plusHours(3)));
  }

  @Test
  void whatWaitsCoversNothingAndWhatHangsDoes() {
    ShelfStock waiting =
        shelf(
            new StockedKind(POCKET, new Stock(8, 2, 6, 0, 0)),
            new StockedKind(INSERT, new Stock(8, 2, 6, 0, 0)));
    ShelfStock hanging =
        shelf(
            new StockedKind(POCKET, new Stock(8, 2, 0, 0, 6)),
            new StockedKind(INSERT, new Stock(8, 2, 0, 0, 6)));
    assertThat(of(waiting).covers()).isEqualTo(of(waiting).cleanCovers());
    assertThat(of(hanging).covers().get(0).until())
        .isAfter(of(hanging).cleanCovers().get(0).until());
  }

  @Test
  void aRoleIsNeededWhenItsCleanPiecesAreUsedUp() {
    var needed = of(shelf(clean(POCKET, 2), clean(INSERT, 9))).neededBy();
    assertThat(needed).containsOnlyKeys(Role.SHELL, Role.INSERT);
    assertThat(needed.get(Role.SHELL)).isBefore(needed.get(Role.INSERT));
  }

  @Test
  void anEmptyHouseNeedsNothing() {
    Supplies supplies = of(new ShelfStock(NOON, List.of(), DailyUse.NOTHING, Map.of()));
    assertThat(supplies.needs()).isEmpty();
    assertThat(supplies.firstToRunOut()).isEmpty();
    assertThat(supplies.neededBy()).isEmpty();
  }
}
