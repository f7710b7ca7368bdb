package org.nestrinse.core.run;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EarlyTickTest {

  @ParameterizedTest
  @CsvSource({
    "120,   1, true",
    "120,  59, true",
    "120,  60, false",
    "120, 130, false",
    "18,    2, true",
    "9,     0, false",
    "0,     0, false"
  })
  void onlyWhatCannotBeOverIsAskedAbout(double minutes, double took, boolean soon) {
    assertThat(EarlyTick.tooSoon(minutes, took)).isEqualTo(soon);
  }

  @Test
  void itSaysHowLongItTookAndHowLongItTakes() {
    assertThat(EarlyTick.words("Main wash", 120, 3))
        .contains("Main wash")
        .contains("3 min")
        .contains("2 h");
  }
}
