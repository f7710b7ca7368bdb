package org.nestrinse.core.dose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.units.OutOfRange;

class PrintedDoseTest {
  @ParameterizedTest
  @CsvSource({
    "GRAM, 70, 0.65, , 70",
    "MILLILITRE, 50, 1.03, , 51.5",
    "SCOOP, 1.5, 0.65, 60, 58.5",
    "CAP, 2, 1.05, 35, 73.5",
    "PIECE, 2, 1, , 2"
  })
  void aPrintedDoseIsWhatALabelRowHolds(
      PrintedDose.Unit unit, double amount, double density, Double scoopMl, double held) {
    assertThat(new PrintedDose(amount, unit).forLabel(density, scoopMl))
        .isCloseTo(held, within(1e-9));
  }

  @Test
  void scoopsNeedToBeKnownAndADoseMustBeOne() {
    PrintedDose scoops = new PrintedDose(1, PrintedDose.Unit.SCOOP);
    assertThatThrownBy(() -> scoops.forLabel(0.65, null)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new PrintedDose(0, PrintedDose.Unit.GRAM))
        .isInstanceOf(OutOfRange.class);
  }
}
