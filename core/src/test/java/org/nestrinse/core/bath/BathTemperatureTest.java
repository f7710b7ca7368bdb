package org.nestrinse.core.bath;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Examples.LOAD_A;
import static org.nestrinse.core.Examples.halfPercent;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BathTemperatureTest {

  static BathTemperature bath(double inletC, double setC, double minutes, double heaterW) {
    return BathTemperature.of(
        new BathTemperature.Bath(LOAD_A, 13, inletC, 20, setC, minutes, heaterW, 3.5));
  }

  @Test
  void sixtyDegreesOfTheWorkedExample() {
    BathTemperature bath = bath(12, 60, 90, 2000);
    assertThat(bath.startC()).isCloseTo(13.87, halfPercent(13.87));
    assertThat(bath.minutesToSet()).isCloseTo(28.1, halfPercent(28.1));
    assertThat(bath.heaterKwh()).isCloseTo(1.083, halfPercent(1.083));
    assertThat(bath.peakC()).isEqualTo(60);
    assertThat(bath.endC()).isEqualTo(60);
  }

  @Test
  void fortyDegreesOfTheWorkedExample() {
    BathTemperature bath = bath(12, 40, 60, 2000);
    assertThat(bath.minutesToSet()).isCloseTo(15.7, halfPercent(15.7));
    assertThat(bath.heaterKwh()).isCloseTo(0.574, halfPercent(0.574));
  }

  @Test
  void hotFillCoolsDown() {
    BathTemperature bath = bath(52, 52, 60, 0);
    assertThat(bath.startC()).isCloseTo(44.5, halfPercent(44.5));
    assertThat(bath.endC()).isCloseTo(40.5, halfPercent(40.5));
    assertThat(bath.heaterKwh()).isZero();
    assertThat(bath.minutesToSet()).isNull();
  }

  @Test
  void tooShortABathDoesNotReachItsSetPoint() {
    BathTemperature bath = bath(12, 60, 20, 2000);
    assertThat(bath.minutesToSet()).isNull();
    assertThat(bath.peakC()).isBetween(40.0, 50.0);
    assertThat(bath.heaterKwh()).isCloseTo(2000.0 * 20 / 60 / 1000, within(1e-9));
  }

  @Test
  void aBathWarmerThanItsSetPointCoolsToItAndIsHeldThere() {
    BathTemperature bath = bath(60, 30, 1000, 2000);
    assertThat(bath.startC()).isGreaterThan(50);
    assertThat(bath.endC()).isCloseTo(30, within(0.01));
    assertThat(bath.heaterKwh()).isGreaterThan(0);
  }

  @ParameterizedTest
  @CsvSource({"30, 40", "40, 60", "60, 90"})
  void hotterAlwaysCostsMore(double coolerC, double hotterC) {
    assertThat(bath(12, hotterC, 120, 2000).heaterKwh())
        .isGreaterThan(bath(12, coolerC, 120, 2000).heaterKwh());
  }

  @Test
  void temperatureNeverFallsWhileHeatingAndNeverPassesTheSetPoint() {
    double before = 0;
    for (TemperaturePoint point : bath(12, 60, 120, 2000).profile()) {
      assertThat(point.temperatureC())
          .isGreaterThanOrEqualTo(before - 1e-9)
          .isLessThanOrEqualTo(60);
      before = point.temperatureC();
    }
  }

  @Test
  void aBucketTakesUpLittleHeat() {
    BathTemperature machine =
        BathTemperature.of(new BathTemperature.Bath(LOAD_A, 8, 52, 20, 0, 20, 0, 3.5));
    BathTemperature bucket =
        BathTemperature.of(
            BathTemperatureBathBuilder.builder()
                .load(LOAD_A)
                .waterL(8)
                .inletC(52)
                .roomC(20)
                .setC(0)
                .minutes(20)
                .heaterW(0)
                .lossWK(3.5)
                .vesselJK(BathTemperature.BUCKET_J_K)
                .build());
    assertThat(bucket.startC()).isGreaterThan(machine.startC() + 4);
  }
}
