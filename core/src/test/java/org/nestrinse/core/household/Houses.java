package org.nestrinse.core.household;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.dry.TypicalDay;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.shelf.WashHistory;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Role;

/** Small households for tests. Each day begins at noon, with pockets and their inserts. */
final class Houses {
  static final ZonedDateTime NOON = LocalDate.of(2026, 5, 20).atTime(12, 0).atZone(ZoneOffset.UTC);
  static final Kind INSERT = Pieces.TRIFOLD;
  static final Kind POCKET = Pieces.SHELL;
  static final Kind PAD =
      Pieces.kind(
          30, "bed pad", Role.BED_PAD, Bin.BODY, false, Pieces.part(Material.COTTON, 0.2, false));
  static final Weather TYPICAL = (from, hours) -> TypicalDay.hours(from, hours, ZoneOffset.UTC);
  static final DailyUse FIVE_A_DAY = new DailyUse(5, 0, 0, 0, 0);
  private static final Place AIRER =
      new Place(
          "airer",
          Place.Type.AIRER,
          Place.Facing.EAST,
          0.25,
          0.5,
          0.5,
          19,
          55,
          false,
          0,
          12.0,
          null);

  private Houses() {}

  static StockedKind clean(Kind kind, int pieces) {
    return new StockedKind(kind, new Stock(pieces, pieces, 0, 0, 0));
  }

  static ShelfStock shelf(StockedKind... kinds) {
    return new ShelfStock(NOON, List.of(kinds), FIVE_A_DAY, Map.of());
  }

  static HouseholdSnapshot house(ShelfStock shelf, Hanging... hanging) {
    return new HouseholdSnapshot(
        shelf,
        new Equipment(Pieces.MACHINE, List.<Dryer>of(), List.of(AIRER), Pieces.TARIFF),
        TYPICAL,
        List.of(),
        List.of(hanging),
        null,
        new PastWashes(new WashHistory(List.of()), null, null),
        new LaundryHabits(48, 0, List.of(), null, 0, null));
  }
}
