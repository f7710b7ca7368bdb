package org.nestrinse.core.safety;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.nestrinse.core.safety.Caution.Strength;

/** The table of what must not meet: every pair, in both orders. */
class MeetingsTest {
  @ParameterizedTest
  @CsvSource({
    "CHLORINE, ACID, STOP, STOP, CHLORINE_GAS",
    "CHLORINE, AMMONIA, STOP, STOP, CHLORAMINE",
    "CHLORINE, PEROXIDE, STOP, STOP, OXYGEN_BURST",
    "CHLORINE, PHENOLIC, STOP, STOP, ORGANOCHLORINES",
    "CHLORINE, UNKNOWN, STOP, STOP, MAY_BE_TOXIC",
    "ACID, PEROXIDE, STOP, CHECK, PERACETIC_ACID",
    "ACID, ALKALI, NOTE, , FIZZ",
    "CATIONIC, ANIONIC, CHECK, CHECK, STICKY_FILM",
    "ENZYME, CHLORINE, NOTE, NOTE, ENZYMES_DESTROYED"
  })
  void eachPairInBothOrders(
      Chemical one, Chemical other, Strength together, Strength carried, MeetingSaying what) {
    Meetings.Meeting meeting = Meetings.of(one, other).orElseThrow();
    assertThat(Meetings.of(other, one)).contains(meeting);
    assertThat(meeting.inOneBath()).isEqualTo(together);
    assertThat(meeting.carriedOver()).isEqualTo(carried);
    assertThat(meeting.what()).isEqualTo(what);
  }

  @Test
  void thereAreNoOthers() {
    assertThat(Meetings.all()).hasSize(9);
  }

  @ParameterizedTest
  @EnumSource(Chemical.class)
  void nothingMeetsItself(Chemical chemical) {
    assertThat(Meetings.of(chemical, chemical)).isEmpty();
  }
}
