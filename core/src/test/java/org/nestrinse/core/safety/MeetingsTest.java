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
    "CHLORINE, ACID, STOP, STOP, chlorine gas",
    "CHLORINE, AMMONIA, STOP, STOP, chloramine",
    "CHLORINE, PEROXIDE, STOP, STOP, oxygen violently",
    "CHLORINE, PHENOLIC, STOP, STOP, organochlorines",
    "CHLORINE, UNKNOWN, STOP, STOP, toxic",
    "ACID, PEROXIDE, STOP, CHECK, peracetic",
    "ACID, ALKALI, NOTE, , cancel",
    "CATIONIC, ANIONIC, CHECK, CHECK, sticky film",
    "ENZYME, CHLORINE, NOTE, NOTE, destroys"
  })
  void eachPairInBothOrders(
      Chemical one, Chemical other, Strength together, Strength carried, String word) {
    Meetings.Meeting meeting = Meetings.of(one, other).orElseThrow();
    assertThat(Meetings.of(other, one)).contains(meeting);
    assertThat(meeting.inOneBath()).isEqualTo(together);
    assertThat(meeting.carriedOver()).isEqualTo(carried);
    assertThat(meeting.what()).contains(word);
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
