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
    return new AirDrying.Hung(0.070, 0.5, Material.COTTON, 0.35, moisture);
  }

  private static double hours(AirDrying.Hung hung, AirDrying.Air air) {
    Double hours = AirDrying.of(hung, List.of(air)).hoursToDry();
    return hours == null ? Double.POSITIVE_INFINITY : hours;
  }

  @ParameterizedTest
  @CsvSource({
    "20, 60, 1, 0, 15.82, 1.998e-5",
    "25, 45, 2, 400, 20.47, 6.80e-5",
    "19, 65, 0.1, 0, 15.86, 1.153e-5"
  })
  void clothAndEvaporationOfTheWorkedExamples(
      double t, double rh, double v, double g, double cloth, double evaporation) {
    AirDrying.Air air = new AirDrying.Air(t, rh, v, g);
    assertThat(air.clothTemperatureC()).isCloseTo(cloth, halfPercent(cloth));
    assertThat(air.evaporation()).isCloseTo(evaporation, halfPercent(evaporation));
  }

  @Test
  void aCottonFlatOnTheLine() {
    assertThat(hours(flat(1.3), MILD)).isCloseTo(3.52, percent(3.52, 1));
  }

  @Test
  void aBambooInsertIndoors() {
    AirDrying.Hung insert = new AirDrying.Hung(0.055, 0.06, Material.BAMBOO_VISCOSE, 0.25, 0.75);
    assertThat(hours(insert, STILL)).isCloseTo(42.1, percent(42.1, 1));
  }

  private static AirDrying.Hung towel() {
    return new AirDrying.Hung(0.450, 0.9, Material.COTTON, 0.35, 0.5);
  }

  @Test
  void aTowelInTheSunAndInTheDamp() {
    assertThat(hours(towel(), new AirDrying.Air(25, 45, 2, 400))).isCloseTo(1.52, percent(1.52, 1));
    assertThat(hours(towel(), new AirDrying.Air(25, 80, 1, 250))).isCloseTo(4.5, percent(4.5, 1));
    assertThat(hours(towel(), new AirDrying.Air(25, 80, 1, 0)))
        .as("out of the sun, damp air never dries cotton")
        .isInfinite();
  }

  @Test
  void aCoverAndAMicrofibreInsertIndoors() {
    AirDrying.Air room = new AirDrying.Air(20, 50, 0.1, 0);
    AirDrying.Hung cover = new AirDrying.Hung(0.050, 0.12, Material.LAMINATE, 0.25, 0.09);
    assertThat(hours(cover, room)).isCloseTo(1.2, percent(1.2, 1));
    AirDrying.Hung insert = new AirDrying.Hung(0.050, 0.06, Material.MICROFIBRE, 0.25, 0.27);
    assertThat(hours(insert, room)).isCloseTo(12.3, percent(12.3, 1));
  }

  @ParameterizedTest
  @CsvSource({"1, 20.4", "10, 25.0", "40, 39.4"})
  void aRoomFullOfPrefoldsTakesLonger(int pieces, double expected) {
    AirDrying.Hung prefold = new AirDrying.Hung(0.110, 0.14, Material.COTTON, 0.25, 0.6);
    AirDrying drying =
        AirDrying.of(
            prefold,
            pieces,
            new AirDrying.Room(1, 30, 15, 0),
            List.of(new AirDrying.Air(20, 50, 0.1, 0)));
    assertThat(drying.hoursToDry()).isCloseTo(expected, percent(expected, 2));
  }

  @Test
  void aShowerNeverHastensWhatIsLeftHanging() {
    java.util.Random random = new java.util.Random(7);
    for (int i = 0; i < 60; i++) {
      java.util.List<AirDrying.Air> fair = new java.util.ArrayList<>();
      java.util.List<AirDrying.Air> wet = new java.util.ArrayList<>();
      int shower = random.nextInt(20);
      for (int hour = 0; hour < 30; hour++) {
        double t = 5 + random.nextDouble() * 22;
        double rh = 40 + random.nextDouble() * 45;
        double wind = random.nextDouble() * 3;
        double sun = random.nextDouble() * 350;
        fair.add(new AirDrying.Air(t, rh, wind, sun));
        boolean rains = hour >= shower && hour < shower + 2;
        wet.add(rains ? new AirDrying.Air(t, 100, wind, 0, 2) : fair.get(hour));
      }
      AirDrying.Hung hung = new AirDrying.Hung(0.1, 0.2, Material.COTTON, 0.35, 0.7, 2.2);
      Double without = AirDrying.of(hung, fair).hoursToDry();
      Double with = AirDrying.of(hung, wet).hoursToDry();
      if (with != null) {
        assertThat(without).isNotNull().isLessThanOrEqualTo(with + 1e-9);
      }
    }
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
    double dry = AirDrying.dryMoisture(Material.COTTON);
    assertThat(before).isLessThanOrEqualTo(dry + 1e-9);
  }

  @Test
  void alreadyDryTakesNoTime() {
    assertThat(hours(flat(0.05), MILD)).isZero();
  }
}
