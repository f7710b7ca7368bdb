package org.nestrinse.core.run;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;

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
    assertThat(EarlyTick.of(Said.from("Main wash"), 120, 3).values())
        .containsEntry("step", Said.from("Main wash"))
        .containsEntry("took", Quantity.of(3, Unit.DURATION))
        .containsEntry("minutes", Quantity.of(120, Unit.DURATION));
  }
}
