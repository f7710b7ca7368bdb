package org.nestrinse.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.said.Said;

class ShelfTest {
  private static final ZoneId ZONE = ZoneId.of("UTC");

  private static ZonedDateTime at(int day, int hour, int minute) {
    return ZonedDateTime.of(2026, 5, day, hour, minute, 0, 0, ZONE);
  }

  @Test
  void coverEndsAtTheFirstUseThatIsMissing() {
    // Seven uses from 7 to 21 are at 8, 10, … 20 o'clock.
    Cover.Need day = new Cover.Need(Need.DAYS, 5, 7, 7, 21);
    assertThat(Cover.of(day, at(20, 9, 0)).until()).isEqualTo(at(20, 20, 0));
    assertThat(Cover.of(new Cover.Need(Need.DAYS, 6, 7, 7, 21), at(20, 9, 0)).until())
        .isEqualTo(at(21, 8, 0));
    assertThat(Cover.of(new Cover.Need(Need.DAYS, 0, 7, 7, 21), at(20, 9, 0)).until())
        .isEqualTo(at(20, 10, 0));
  }

  @Test
  void moreStockNeverCoversShorterAndTheFirstToRunOutIsNamed() {
    ZonedDateTime before = at(1, 0, 0);
    for (int stock = 0; stock < 40; stock++) {
      ZonedDateTime until =
          Cover.of(new Cover.Need(Need.DAYS, stock, 7, 7, 21), at(20, 9, 0)).until();
      assertThat(until).isAfter(before);
      before = until;
    }
    Cover soon = Cover.of(new Cover.Need(Need.NIGHTS, 1, 1, 19, 20), at(20, 9, 0));
    Cover late = Cover.of(new Cover.Need(Need.DAYS, 30, 7, 7, 21), at(20, 9, 0));
    assertThat(Cover.firstToRunOut(List.of(late, soon))).contains(soon);
  }

  @Test
  void aNightThatTheClocksChangeStillHasItsUse() {
    ZonedDateTime evening = ZonedDateTime.of(2026, 3, 28, 12, 0, 0, 0, ZoneId.of("Europe/Paris"));
    Cover cover = Cover.of(new Cover.Need(Need.NIGHTS, 1, 1, 2, 3), evening);
    assertThat(cover.until().toLocalDate().getDayOfMonth()).isEqualTo(30);
  }

  @Test
  void whatHangsIsCountedFromWhenItIsDry() {
    Cover.Need day = new Cover.Need(Need.DAYS, 2, 7, 7, 21);
    ZonedDateTime alone = Cover.of(day, at(20, 7, 0)).until();
    assertThat(alone).isEqualTo(at(20, 12, 0));
    assertThat(Cover.of(day, at(20, 7, 0), List.of(new Cover.Arrival(at(20, 11, 0), 2))).until())
        .isEqualTo(at(20, 16, 0));
    assertThat(Cover.of(day, at(20, 7, 0), List.of(new Cover.Arrival(at(20, 13, 0), 9))).until())
        .as("too late for the first that is missing")
        .isEqualTo(alone);
  }

  private static Cover.Remedy remedy(Said words, ZonedDateTime ready, int count, double cost) {
    return new Cover.Remedy(words, ready, count, cost, List.of(new Cover.Arrival(ready, count)));
  }

  @Test
  void theCheapestRemedyThatComesInTimeIsTaken() {
    Cover.Need day = new Cover.Need(Need.DAYS, 2, 7, 7, 21);
    Cover.Remedy late = remedy(Said.from("wash"), at(20, 18, 0), 20, 0.1);
    Cover.Remedy dryer = remedy(Said.from("dryer"), at(20, 9, 0), 6, 0.2);
    Cover.Remedy dear = remedy(Said.from("all"), at(20, 9, 0), 12, 0.6);
    assertThat(Cover.cheapest(day, at(20, 7, 0), List.of(), List.of(late, dear, dryer)))
        .contains(dryer);
    assertThat(Cover.cheapest(day, at(20, 7, 0), List.of(), List.of(late))).isEmpty();
    Cover.Remedy none = remedy(Said.NOTHING, at(20, 8, 0), 0, 0);
    assertThat(Cover.cheapest(day, at(20, 7, 0), List.of(), List.of(none))).isEmpty();
  }

  @Test
  void nightsBeyondTheNextAreToSpare() {
    assertThat(Cover.nightsToSpare(new Cover.Need(Need.NIGHTS, 7, 2, 19, 22))).isEqualTo(5);
    assertThat(Cover.nightsToSpare(new Cover.Need(Need.NIGHTS, 1, 2, 19, 22))).isZero();
  }
}
