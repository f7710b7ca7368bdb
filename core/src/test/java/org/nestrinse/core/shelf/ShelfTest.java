package org.nestrinse.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.textile.Role;

class ShelfTest {
  private static final ZoneId ZONE = ZoneId.of("UTC");

  private static ZonedDateTime at(int day, int hour, int minute) {
    return ZonedDateTime.of(2026, 5, day, hour, minute, 0, 0, ZONE);
  }

  @Test
  void nightsTakeTheirBoostersFirstAndDaysGoShort() {
    Bundles bundles =
        Bundles.of(
            Map.of(
                Role.NIGHT_FITTED,
                3,
                Role.COVER,
                2,
                Role.SHELL,
                6,
                Role.INSERT,
                5,
                Role.BOOSTER,
                4));
    assertThat(bundles.nights()).isEqualTo(2);
    assertThat(bundles.night()).isEqualTo(2);
    assertThat(bundles.day()).isEqualTo(2);
    assertThat(bundles.dayShort()).isEqualTo(3);
    assertThat(bundles.dayLimit()).isEqualTo(Role.INSERT);
    assertThat(bundles.nightLimit()).isEqualTo(Role.COVER);
  }

  @Test
  void anEmptyShelfMakesNothing() {
    Bundles bundles = Bundles.of(Map.of());
    assertThat(bundles.days() + bundles.nights()).isZero();
  }

  @Test
  void oneMorePieceNeverMakesFewerBundles() {
    Map<Role, Integer> clean =
        Map.of(Role.NIGHT_FITTED, 2, Role.COVER, 2, Role.SHELL, 4, Role.INSERT, 4, Role.BOOSTER, 3);
    Bundles before = Bundles.of(clean);
    for (Role role : clean.keySet()) {
      Map<Role, Integer> more = new java.util.HashMap<>(clean);
      more.merge(role, 1, Integer::sum);
      Bundles after = Bundles.of(more);
      assertThat(after.days() + after.nights())
          .isGreaterThanOrEqualTo(before.days() + before.nights());
      assertThat(after.day() + after.night()).isGreaterThanOrEqualTo(before.day() + before.night());
    }
  }

  @Test
  void coverEndsAtTheFirstUseThatIsMissing() {
    // Seven uses from 7 to 21 are at 8, 10, … 20 o'clock.
    Cover.Need day = new Cover.Need("day", 5, 7, 7, 21);
    assertThat(Cover.of(day, at(20, 9, 0)).until()).isEqualTo(at(20, 20, 0));
    assertThat(Cover.of(new Cover.Need("day", 6, 7, 7, 21), at(20, 9, 0)).until())
        .isEqualTo(at(21, 8, 0));
    assertThat(Cover.of(new Cover.Need("day", 0, 7, 7, 21), at(20, 9, 0)).until())
        .isEqualTo(at(20, 10, 0));
  }

  @Test
  void moreStockNeverCoversShorterAndTheFirstToRunOutIsNamed() {
    ZonedDateTime before = at(1, 0, 0);
    for (int stock = 0; stock < 40; stock++) {
      ZonedDateTime until = Cover.of(new Cover.Need("day", stock, 7, 7, 21), at(20, 9, 0)).until();
      assertThat(until).isAfter(before);
      before = until;
    }
    Cover soon = Cover.of(new Cover.Need("night", 1, 1, 19, 20), at(20, 9, 0));
    Cover late = Cover.of(new Cover.Need("day", 30, 7, 7, 21), at(20, 9, 0));
    assertThat(Cover.firstToRunOut(List.of(late, soon))).contains(soon);
  }

  @Test
  void aNightThatTheClocksChangeStillHasItsUse() {
    ZonedDateTime evening = ZonedDateTime.of(2026, 3, 28, 12, 0, 0, 0, ZoneId.of("Europe/Paris"));
    Cover cover = Cover.of(new Cover.Need("night", 1, 1, 2, 3), evening);
    assertThat(cover.until().toLocalDate().getDayOfMonth()).isEqualTo(30);
  }
}
