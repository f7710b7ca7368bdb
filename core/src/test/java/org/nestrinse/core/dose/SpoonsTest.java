package org.nestrinse.core.dose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Unit;

class SpoonsTest {
  @ParameterizedTest
  @CsvSource({
    "0.2, 1.25, 0.25, TEASPOON",
    "8, 7.5, 1.5, TEASPOON",
    "29, 28.75, 5.75, TEASPOON",
    "96, 97.5, 6.5, TABLESPOON",
    "160, 161.25, 10.75, TABLESPOON",
    "181, 180, 12, TABLESPOON",
    "456, 450, 450, POURED"
  })
  void theSpoonsAndTheMillilitresAreTheSameAmount(
      double ml, double measuredMl, double spoons, Unit unit) {
    double nearest = Spoons.nearestMl(ml);
    assertThat(nearest).isCloseTo(measuredMl, within(1e-9));
    Quantity told = Spoons.ofMl(nearest);
    assertThat(told.unit()).isEqualTo(unit);
    assertThat(told.amount()).isCloseTo(spoons, within(1e-9));
  }
}
