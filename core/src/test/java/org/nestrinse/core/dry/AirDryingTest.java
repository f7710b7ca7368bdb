package org.nestrinse.core.dry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Examples.halfPercent;
import static org.nestrinse.core.Examples.percent;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.textile.Material;

class AirDryingTest {
  private static final AirDrying.Air MILD = new AirDrying.Air(20, 60, 1, 0);
  private static final AirDrying.Air STILL = new AirDrying.Air(19, 65, 0.1, 0);

  private static AirDrying.Hung flat(double moisture) {
    return new AirDrying.Hung(0.070, 0.5, Material.COTTON.regain(), 0.35, moisture);
  }

  private static double hours(AirDrying.Hung hung, AirDrying.Air air) {
    Double hours = AirDrying.of(hung, List.of(air)).hoursToDry();
    return hours == null ? Double.POSITIVE_INFINITY : hours;
  }

  @ParameterizedTest
  @CsvSource({
    "20, 60, 1, 0, 15.63, 2.443e-5",
    "25, 45, 2, 400, 21.77, 1.0499e-4",
    "19, 65, 0.1, 0, 15.67, 1.372e-5"
  })
  void clothAndEvaporationOfTheWorkedExamples(
      double t, double rh, double v, double g, double cloth, double evaporation) {
    AirDrying.Air air = new AirDrying.Air(t, rh, v, g);
    assertThat(air.clothTemperatureC()).isCloseTo(cloth, halfPercent(cloth));
    assertThat(air.evaporation()).isCloseTo(evaporation, halfPercent(evaporation));
  }

  @Test
  void aCottonFlatOnTheLine() {
    assertThat(hours(flat(1.3), MILD)).isCloseTo(2.85, percent(2.85, 2));
  }

  @Test
  void aBambooInsertIndoors() {
    AirDrying.Hung insert =
        new AirDrying.Hung(0.055, 0.06, Material.BAMBOO_VISCOSE.regain(), 0.25, 0.75);
    assertThat(hours(insert, STILL)).isCloseTo(32.6, percent(32.6, 2));
  }

  @Test
  void drierAirWindSunAndAFasterSpinNeverDrySlower() {
    double usual = hours(flat(1.0), MILD);
    assertThat(hours(flat(1.0), new AirDrying.Air(20, 50, 1, 0))).isLessThanOrEqualTo(usual);
    assertThat(hours(flat(1.0), new AirDrying.Air(20, 60, 3, 0))).isLessThanOrEqualTo(usual);
    assertThat(hours(flat(1.0), new AirDrying.Air(20, 60, 1, 300))).isLessThanOrEqualTo(usual);
    assertThat(hours(flat(0.6), MILD)).isLessThanOrEqualTo(usual);
  }

  @Test
  void soakedAirNeverDriesAnything() {
    AirDrying drying = AirDrying.of(flat(1.0), List.of(new AirDrying.Air(12, 100, 1, 0)));
    assertThat(drying.hoursToDry()).isNull();
    assertThat(drying.moisture()).hasSize(AirDrying.LONGEST_H + 1);
  }

  @Test
  void moistureNeverRisesAndEndsDry() {
    AirDrying drying = AirDrying.of(flat(1.3), List.of(MILD, STILL));
    double before = Double.POSITIVE_INFINITY;
    for (double x : drying.moisture()) {
      assertThat(x).isLessThanOrEqualTo(before);
      before = x;
    }
    double dry = flat(1.3).restingMoisture(65) + AirDrying.DRY_MARGIN;
    assertThat(before).isLessThanOrEqualTo(dry + 1e-9);
  }

  @Test
  void alreadyDryTakesNoTime() {
    assertThat(hours(flat(0.05), MILD)).isZero();
  }
}
