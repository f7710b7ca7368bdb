package org.nestrinse.core.dose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.nestrinse.core.Examples.halfPercent;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.units.OutOfRange;

class DoseTest {
  private static final LabelRow LABEL = new LabelRow(50, 70, 90);

  private static Dose dose(double massKg, double hardness, double share, double strength) {
    return Dose.of(
        new Dose.Basis(massKg, LABEL, 4.5, hardness, share, strength, 1, null, null, null));
  }

  private static Dose scooped(double share, Double maxG) {
    return Dose.of(new Dose.Basis(4.5, LABEL, 4.5, 2, share, 1, 1, maxG, 60.0, 0.8));
  }

  @ParameterizedTest
  @CsvSource({
    "3.4, 2.6, 1, 1, 66.97",
    "7.0, 0.4, 1, 0.6, 42.5",
    "1.0, 3.8, 0.5, 1.2, 22.5",
    "0.5, 2.0, 1, 1, 23.3"
  })
  void workedExamples(
      double massKg, double hardness, double share, double strength, double expected) {
    assertThat(dose(massKg, hardness, share, strength).doseG())
        .isCloseTo(expected, halfPercent(expected));
  }

  @Test
  void massScaleOfTheWorkedExamples() {
    assertThat(dose(7.0, 0.4, 1, 0.6).massScale()).isCloseTo(1.4167, halfPercent(1.4167));
    assertThat(dose(0.1, 3.8, 0.5, 1.2).massScale()).isEqualTo(0.3);
    assertThat(dose(40, 2, 1, 1).massScale()).isEqualTo(1.8);
  }

  @Test
  void harderWaterAndMoreMassNeverNeedLess() {
    double before = 0;
    for (double h = 0; h <= 5; h += 0.1) {
      double now = dose(4, h, 1, 1).doseG();
      assertThat(now).isGreaterThanOrEqualTo(before);
      before = now;
    }
    before = 0;
    for (double mass = 0.2; mass <= 10; mass += 0.2) {
      double now = dose(mass, 2, 1, 1).doseG();
      assertThat(now).isGreaterThanOrEqualTo(before);
      before = now;
    }
  }

  @Test
  void scoopsAreQuartersAndTheirWeightIsTheDose() {
    Dose dose = scooped(1, null);
    assertThat(dose.doseG()).isEqualTo(70);
    assertThat(dose.scoops()).isEqualTo(1.5);
    assertThat(dose.roundedDoseG()).isEqualTo(72);
    assertThat(dose.doseMl()).isCloseTo(87.5, halfPercent(87.5));
  }

  @Test
  void neverRoundedToNothing() {
    assertThat(scooped(0.05, null).scoops()).isEqualTo(0.25);
    assertThat(scooped(0, null).scoops()).isZero();
  }

  @Test
  void neverAboveTheMaximumNotEvenByRounding() {
    Dose capped = scooped(1, 59.0);
    assertThat(capped.capped()).isTrue();
    assertThat(capped.doseG()).isEqualTo(59);
    assertThat(capped.roundedDoseG()).isLessThanOrEqualTo(59);
    assertThat(capped.scoops()).isEqualTo(1);
  }

  @Test
  void aTrimOutsideItsBoundsIsRefused() {
    assertThatThrownBy(() -> new Dose.Basis(3, LABEL, 4.5, 2, 1, 1, 1.5, null, null, null))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("trim=1.5");
  }

  @Test
  void withoutAPrintedMaximumOneAndAHalfTimesTheHighestFigureIsTheMost() {
    Dose strong = Dose.of(new Dose.Basis(4.5, LABEL, 4.5, 2.9, 1, 1.2, 1.4, null, null, null));
    assertThat(strong.capped()).isTrue();
    assertThat(strong.doseG()).isCloseTo(135, halfPercent(135));
  }

  @Test
  void sheetsAndTabsAreCountedInHalves() {
    Dose tabs =
        Dose.of(
            DoseBasisBuilder.builder()
                .massKg(4.5)
                .label(new LabelRow(20, 20, 40))
                .referenceMassKg(4.5)
                .hardnessMmolL(2.5)
                .phaseShare(1)
                .strength(1)
                .trim(1)
                .maxG(null)
                .scoopMl(null)
                .densityGMl(null)
                .pieceG(20.0)
                .build());
    assertThat(tabs.unit()).isEqualTo(Dose.Unit.PIECE);
    assertThat(tabs.scoops()).isEqualTo(1.5);
    assertThat(tabs.roundedDoseG()).isEqualTo(30);
  }

  @Test
  void byHandAGramALitreInMediumWaterAndMoreInHard() {
    Dose medium = Dose.byHand(1, LABEL, 8, 2, 1, 200, 0.65);
    assertThat(medium.doseG()).isCloseTo(8, halfPercent(8));
    assertThat(Dose.byHand(1, LABEL, 8, 3, 1, 200, 0.65).doseG())
        .isCloseTo(8 * 90.0 / 70, halfPercent(10.3));
    assertThat(Dose.byHand(1, LABEL, 200, 2, 1, 50, 0.65).roundedDoseG())
        .as("held to the label's maximum by hand too")
        .isLessThanOrEqualTo(50);
  }

  @Test
  void aLabelWithOneFigureIsFilledInByItsForm() {
    LabelRow one = LabelRow.asPrinted(null, 35.0, null, LABEL);
    assertThat(one).isEqualTo(new LabelRow(25, 35, 45));
    assertThat(LabelRow.asPrinted(20.0, null, 40.0, LABEL).mediumG()).isBetween(28.0, 32.0);
    assertThat(LabelRow.asPrinted(null, null, null, LABEL)).isEqualTo(LABEL);
  }
}
