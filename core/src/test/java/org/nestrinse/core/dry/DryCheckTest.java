package org.nestrinse.core.dry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Pieces.TRIFOLD;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.dry.DryCheck.Answer;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.units.OutOfRange;

class DryCheckTest {
  @ParameterizedTest
  @CsvSource({
    "DRY, 4, 6, 1.22", // a third earlier
    "DRY, 8, 6, 1", // looked late: no news
    "COOL, 3, 6, 1", // as it should be
    "COOL, 6, 6, 0.89",
    "SEAM, 6, 6, 0.95",
    "COOL, 20, 6, 0.8", // no more than one step
    "DRY, 1, 30, 1.25"
  })
  void whatFitsThePlanTeachesNothingTheRestALittle(
      Answer answer, double hung, double planned, double factor) {
    DryCheck check = DryCheck.of(answer, 1, hung, planned);
    assertThat(check.factor()).isCloseTo(factor, within(0.01));
    assertThat(check.learnt()).isEqualTo(factor != 1);
  }

  @Test
  void itStaysWithinItsBoundsHoweverOftenTheSameIsSaid() {
    double slow = 1;
    double fast = 1;
    for (int i = 0; i < 30; i++) {
      slow = DryCheck.of(Answer.COOL, slow, 30, 5.0).factor();
      fast = DryCheck.of(Answer.DRY, fast, 2, 20.0).factor();
    }
    assertThat(slow).isBetween(0.5, 0.53);
    assertThat(fast).isBetween(1.95, 2.0);
  }

  @Test
  void honestAnswersLeadToTheTrueFactorAndStayThere() {
    // The true place is 0.7 as fast as the model says: 10 h become 14.3 h.
    double factor = 1;
    for (int i = 0; i < 12; i++) {
      double planned = 10 / factor;
      boolean dry = planned >= 10 / 0.7;
      factor = DryCheck.of(dry ? Answer.DRY : Answer.SEAM, factor, planned, planned).factor();
    }
    assertThat(factor).isBetween(0.62, 0.72);
  }

  @Test
  void whatWasNeverToDryAndDidIsFaster() {
    assertThat(DryCheck.of(Answer.DRY, 1, 20, null).factor()).isEqualTo(1.25);
    assertThat(DryCheck.of(Answer.COOL, 1, 20, null).learnt()).isFalse();
    assertThat(DryCheck.of(Answer.DRY, 1, 0.1, 5.0).learnt()).isFalse();
    assertThatThrownBy(() -> DryCheck.of(Answer.DRY, 3, 5, 5.0)).isInstanceOf(OutOfRange.class);
  }

  @Test
  void whatIsCoolIsDamperThanASeamAndBothThanDry() {
    assertThat(Answer.COOL.moisture(TRIFOLD))
        .isGreaterThan(Answer.SEAM.moisture(TRIFOLD))
        .isGreaterThan(Answer.DRY.moisture(TRIFOLD));
  }

  @Test
  void aLargerFactorNeverDriesSlower() {
    Place airer = new Place("airer", false, 0.25, 0, 0, 19, 60);
    Instant before = Instant.MAX;
    for (double factor = 0.5; factor <= 2; factor += 0.25) {
      Instant dry =
          HangingGroup.of(
                  TRIFOLD,
                  new HangingGroup.Hanging(airer, airer.exposure(), 4, 0),
                  GoldenWeek.MONDAY,
                  0.8,
                  factor,
                  GoldenWeek.from(0))
              .dryBy();
      assertThat(dry).isBeforeOrEqualTo(before);
      before = dry;
    }
  }

  @Test
  void aTypicalDayFollowsSeasonAndHour() {
    ZoneId zone = ZoneId.of("Europe/Oslo");
    Instant june = LocalDate.of(2026, 6, 20).atStartOfDay(zone).toInstant();
    Instant january = LocalDate.of(2026, 1, 20).atStartOfDay(zone).toInstant();
    assertThat(TypicalDay.hours(june, 24, zone)).hasSize(24);
    WeatherHour noon = TypicalDay.hours(june, 24, zone).get(13);
    assertThat(noon.irradianceWm2()).isGreaterThan(400);
    assertThat(TypicalDay.hours(june, 24, zone).get(0).irradianceWm2()).isZero();
    assertThat(TypicalDay.hours(january, 24, zone).get(13).temperatureC())
        .isLessThan(noon.temperatureC() - 10);
    assertThat(noon.rains()).isFalse();
    assertThat(noon.withRain(2).good(new Place("line", true, 0.35, 1, 1, 19, 60))).isFalse();
  }
}
