package org.nestrinse.core.bath;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Examples.LOAD_A;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.nestrinse.core.kit.Agitation;

class CleaningTest {
  private static final double R_600 = SpinRetention.of(LOAD_A, 600, 0.24).retainedL();

  private static CleaningBath bath(
      double waterL, double celsius, double minutes, double speed, double grams, boolean enzymes) {
    List<TemperaturePoint> profile =
        List.of(new TemperaturePoint(0, celsius), new TemperaturePoint(minutes, celsius));
    return CleaningBathBuilder.builder()
        .waterL(waterL)
        .profile(profile)
        .speed(speed)
        .drumFill(0.65)
        .byHand(false)
        .detergentG(grams)
        .enzymes(enzymes)
        .rinses(3)
        .rinseL(9)
        .retainedL(R_600)
        .build();
  }

  private static double left(SoilType soil, CleaningBath bath) {
    return Cleaning.of(soil, new Cleaning.Question(20, 2, List.of(bath))).soilLeft();
  }

  @Test
  void aColdRinseAndAMainWashLeaveWhatTheWorkedExampleSays() {
    CleaningBath rinse =
        CleaningBathBuilder.builder()
            .waterL(11)
            .profile(List.of(new TemperaturePoint(0, 15), new TemperaturePoint(18, 15)))
            .speed(Agitation.NORMAL.speed())
            .drumFill(0.45)
            .byHand(false)
            .detergentG(0)
            .enzymes(false)
            .rinses(1)
            .rinseL(8)
            .retainedL(R_600)
            .build();
    CleaningBath main = bath(13, 40, 60, 1, 60, true);
    Cleaning c = Cleaning.of(SoilType.STOOL, new Cleaning.Question(30, 2, List.of(rinse, main)));
    assertThat(c.baths().get(0).boundLeft()).isCloseTo(0.4411, within(0.0005));
    assertThat(c.baths().get(0).looseLeft()).isCloseTo(0.0352, within(0.0003));
    assertThat(c.soilLeft()).isCloseTo(0.0239, within(0.0002));
    assertThat(c.boundLeft()).isCloseTo(0.0226, within(0.0002));
    assertThat(c.cleanness()).isEqualTo(Cleanness.CLEAN);
  }

  @Test
  void bloodStraightIntoHotWaterSets() {
    CleaningBath hot = bath(13, 70, 30, 1, 60, false);
    Cleaning c = Cleaning.of(SoilType.BLOOD, new Cleaning.Question(24, 2, List.of(hot)));
    assertThat(c.soilLeft()).isCloseTo(0.2057, within(0.001));
    assertThat(c.set()).isCloseTo(0.1755, within(0.001));
    assertThat(c.cleanness()).isEqualTo(Cleanness.NOT_CLEAN);
  }

  @ParameterizedTest
  @EnumSource(SoilType.class)
  void moreDetergentMovementOrTimeNeverLeavesMore(SoilType soil) {
    Random random = new Random(soil.ordinal());
    for (int i = 0; i < 300; i++) {
      double water = 8 + random.nextInt(15);
      double celsius = 10 + random.nextInt(60);
      double minutes = 5 + random.nextInt(120);
      double speed = 0.5 + random.nextDouble();
      double grams = random.nextInt(90);
      boolean enzymes = random.nextBoolean();
      double left = left(soil, bath(water, celsius, minutes, speed, grams, enzymes));
      double slack = left * 1e-9 + 1e-12;
      assertThat(left(soil, bath(water, celsius, minutes, speed, grams + 10, enzymes)))
          .as("more detergent")
          .isLessThanOrEqualTo(left + slack);
      assertThat(left(soil, bath(water, celsius, minutes, speed * 1.2, grams, enzymes)))
          .as("more movement")
          .isLessThanOrEqualTo(left + slack);
      if (celsius < 50) {
        assertThat(left(soil, bath(water, celsius, minutes + 15, speed, grams, enzymes)))
            .as("more time")
            .isLessThanOrEqualTo(left + slack);
        double warmer = Math.min(50, celsius + 5);
        assertThat(left(soil, bath(water, warmer, minutes, speed, grams, enzymes)))
            .as("warmer")
            .isLessThanOrEqualTo(left + slack);
      }
    }
  }

  @ParameterizedTest
  @EnumSource(SoilType.class)
  void aboveFiftyHotterLeavesMoreOnlyWhereProteinSetsOrEnzymesStop(SoilType soil) {
    for (int celsius = 50; celsius < 90; celsius += 5) {
      double cooler = left(soil, bath(13, celsius, 60, 1, 60, false));
      double hotter = left(soil, bath(13, celsius + 5, 60, 1, 60, false));
      boolean sets = soil.sets();
      assertThat(sets || hotter <= cooler + 1e-12).as("%s at %d", soil, celsius).isTrue();
    }
  }

  @ParameterizedTest
  @CsvSource({"STOOL, 40, 60, 60", "GREASE, 60, 90, 70", "FOOD, 40, 90, 60"})
  void noDetergentIsWorseThanTheSameWashWithIt(
      SoilType soil, double celsius, double minutes, double grams) {
    assertThat(left(soil, bath(13, celsius, minutes, 1, 0, false)))
        .isGreaterThan(2 * left(soil, bath(13, celsius, minutes, 1, grams, false)));
  }

  @Test
  void whitenerAndSunTakeColourOutAndNothingElse() {
    Cleaning c =
        Cleaning.of(
            SoilType.STOOL, new Cleaning.Question(20, 2, List.of(bath(13, 40, 60, 1, 60, true))));
    double plain = c.stainLeft(0, 0);
    assertThat(c.stainLeft(1, 0)).isCloseTo(plain * Math.pow(10, -0.3), within(1e-9));
    assertThat(c.stainLeft(0, 1)).isCloseTo(plain * Math.pow(10, -0.8), within(1e-9));
    assertThat(
            Cleaning.of(
                    SoilType.URINE,
                    new Cleaning.Question(20, 2, List.of(bath(13, 40, 60, 1, 60, true))))
                .stainLeft(0, 0))
        .isNull();
  }
}
