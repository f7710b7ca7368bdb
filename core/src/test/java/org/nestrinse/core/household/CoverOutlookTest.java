package org.nestrinse.core.household;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.household.Houses.INSERT;
import static org.nestrinse.core.household.Houses.NOON;
import static org.nestrinse.core.household.Houses.POCKET;
import static org.nestrinse.core.household.Houses.clean;
import static org.nestrinse.core.household.Houses.house;
import static org.nestrinse.core.household.Houses.shelf;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.shelf.StockSaying;

/** Until when needs are covered, and what to do before something is missing. */
class CoverOutlookTest {
  private static final ShelfStock INSERTS_HANG =
      shelf(clean(POCKET, 9), new StockedKind(INSERT, new Stock(9, 2, 0, 0, 7)));

  private static CoverOutlook.Lasting only(HouseholdSnapshot house) {
    assertThat(CoverOutlook.of(house)).hasSize(1);
    return CoverOutlook.of(house).get(0);
  }

  private static Hanging hanging(int pieces, int dryInHours, boolean mayTumble) {
    return new Hanging(
        1, INSERT.id(), pieces, NOON.plusHours(dryInHours).toInstant(), 0.4, mayTumble);
  }

  private static HouseholdSnapshot with(HouseholdSnapshot house, Dryer dryer) {
    Equipment e = house.equipment();
    return new HouseholdSnapshot(
        house.shelf(),
        new Equipment(e.machine(), List.of(dryer), e.places(), e.tariff()),
        house.weather(),
        house.waiting(),
        house.hanging(),
        house.washing(),
        house.past(),
        house.habits());
  }

  @Test
  void whatHangsComesBackByItself() {
    CoverOutlook.Lasting without = only(house(INSERTS_HANG));
    CoverOutlook.Lasting with = only(house(INSERTS_HANG, hanging(7, 2, true)));
    assertThat(without.comingBack()).isZero();
    assertThat(with.comingBack()).isPositive();
    assertThat(with.until()).isAfter(without.until());
    assertThat(with.cleanUntil()).isEqualTo(without.cleanUntil());
  }

  @Test
  void aFullShelfIsNobodysWorry() {
    CoverOutlook.Lasting lasting = only(house(shelf(clean(POCKET, 40), clean(INSERT, 40))));
    assertThat(lasting.shortSoon()).isFalse();
    assertThat(lasting.remedy()).isNull();
  }

  @Test
  void whatHangsTooLongIsFinishedInADryerOnlyWhereThereIsOne() {
    HouseholdSnapshot slow = house(INSERTS_HANG, hanging(7, 40, true));
    HouseholdSnapshot dryer = with(slow, new Dryer("the dryer", Dryer.Type.HEAT_PUMP, 7));
    assertThat(only(slow).remedy()).isNull();
    assertThat(only(dryer).shortSoon()).isTrue();
    assertThat(only(dryer).remedy())
        .satisfies(
            r -> {
              assertThat(r.words().saying()).isEqualTo(StockSaying.INTO_DRYER);
              assertThat(r.count()).isBetween(1, 6);
              assertThat(r.ready()).isAfter(NOON);
              assertThat(r.cost()).isPositive();
            });
    HouseholdSnapshot shy =
        with(
            house(INSERTS_HANG, hanging(7, 40, false)),
            new Dryer("the dryer", Dryer.Type.HEAT_PUMP, 7));
    assertThat(only(shy).remedy()).isNull();
  }

  @Test
  void whatWaitsIsWashedWhenThatHelpsBeforeTheShelfIsEmpty() {
    ShelfStock waiting =
        shelf(
            new StockedKind(POCKET, new Stock(12, 6, 6, 0, 0)),
            new StockedKind(INSERT, new Stock(12, 6, 6, 0, 0)));
    assertThat(only(house(waiting)).remedy())
        .satisfies(r -> assertThat(r.words().saying()).isEqualTo(StockSaying.WASH_NOW));
  }

  @Test
  void aRoundThatRunsBringsItsPiecesBack() {
    ShelfStock washing =
        shelf(
            new StockedKind(POCKET, new Stock(12, 6, 0, 6, 0)),
            new StockedKind(INSERT, new Stock(12, 6, 0, 6, 0)));
    HouseholdSnapshot still = house(washing);
    HouseholdSnapshot runs =
        new HouseholdSnapshot(
            washing,
            still.equipment(),
            still.weather(),
            List.of(),
            List.of(),
            90.0,
            still.past(),
            still.habits());
    assertThat(only(runs).until()).isAfter(only(still).until());
    assertThat(only(runs).supply().arrivals())
        .allSatisfy(a -> assertThat(a.at()).isAfter(NOON.plusMinutes(90)));
  }
}
