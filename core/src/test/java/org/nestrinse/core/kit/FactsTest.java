package org.nestrinse.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.units.OutOfRange;

class FactsTest {

  @ParameterizedTest
  @CsvSource({"00:29, 0.30", "00:30, 0.15", "05:29, 0.15", "05:30, 0.30", "12:00, 0.30"})
  void theNightPriceHoldsBetweenItsHours(LocalTime time, double price) {
    assertThat(Pieces.TARIFF.perKwh(time)).isEqualTo(price);
  }

  @ParameterizedTest
  @CsvSource({
    "21:59, 0.30",
    "22:00, 0.10",
    "23:59, 0.10",
    "00:00, 0.10",
    "05:59, 0.10",
    "06:00, 0.30"
  })
  void aNightMayCrossMidnight(LocalTime time, double price) {
    Tariff tariff = new Tariff(0.30, 0.10, LocalTime.of(22, 0), LocalTime.of(6, 0), 0.004);
    assertThat(tariff.perKwh(time)).isEqualTo(price);
  }

  @ParameterizedTest
  @CsvSource({"0.5, SOFT", "1.49, SOFT", "2.0, MEDIUM", "2.5, MEDIUM", "2.6, HARD", "9, HARD"})
  void hardnessHasAWord(double hardness, KitSaying word) {
    assertThat(new Water(hardness, 11).said()).isEqualTo(word.said());
  }

  @Test
  void aProgrammeRunsItsBathRinsesAndSpin() {
    assertThat(Pieces.COTTONS.minutes(3)).isEqualTo(120 + 3 * 9 + 9);
    assertThat(Pieces.QUICK_RINSE.minutes(1)).isEqualTo(18);
  }

  @Test
  void aSavingProgrammeReachesLessAndAMeasurementLimitsIt() {
    assertThat(Pieces.ECO.reachesC(60)).isEqualTo(52);
    Programme measured =
        new Programme(
            "Cottons",
            Programme.Use.WASH,
            List.of(40, 60),
            0,
            55.0,
            100,
            Agitation.NORMAL,
            2,
            1,
            600,
            1400);
    assertThat(measured.reachesC(60)).isEqualTo(55);
    assertThat(measured.reachesC(40)).isEqualTo(40);
  }

  @ParameterizedTest
  @CsvSource({"95, 60", "60, 60", "59, 40", "40, 40", "30, 30", "20, 20"})
  void theWarmestSettingWithinALimit(int limit, int setting) {
    assertThat(Pieces.SHORT.warmestUpTo(limit)).isEqualTo(setting);
    assertThat(Pieces.SHORT.warmestUpTo(19)).isNull();
  }

  @Test
  void absurdFactsAreRefused() {
    assertThatThrownBy(() -> new Water(-1, 11)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new Water(2, 130)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new Machine("m", 0, 7, 0.235, 2000, List.of()))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new Machine("m", 54, 7, 0.235, -5, List.of()))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new Place("p", true, 2, 1, 1, 19, 60)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(
            () ->
                new Programme(
                    "p",
                    Programme.Use.WASH,
                    List.of(),
                    0,
                    null,
                    10,
                    Agitation.NORMAL,
                    1,
                    0,
                    600,
                    800))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(
            () ->
                new Programme(
                    "p",
                    Programme.Use.WASH,
                    List.of(40),
                    0,
                    null,
                    10,
                    Agitation.NORMAL,
                    9,
                    0,
                    600,
                    800))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("amount=8.0");
  }

  @Test
  void aGramCostsItsShareOfThePack() {
    assertThat(Pieces.BIO.pricePerG()).isEqualTo(9.0 / 2000);
  }
}
