package org.nestrinse.app.pretend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.kit.Place;

class PretendWeatherStationTest {
  private static final ZoneId ZONE = ZoneId.of("UTC");
  private static final int YEAR_H = 365 * 24;
  private final PretendWeatherStation station =
      new PretendWeatherStation(mock(HouseholdService.class), Clock.systemUTC());

  private List<WeatherHour> hours(String from, int hours) {
    return station.hours(Instant.parse(from), hours, ZONE);
  }

  private static double mean(List<WeatherHour> hours) {
    return hours.stream().mapToDouble(WeatherHour::temperatureC).average().orElseThrow();
  }

  @Test
  void theSameDateAlwaysHasTheSameWeather() {
    assertThat(hours("2026-05-20T09:40:00Z", 96)).isEqualTo(hours("2026-05-20T09:05:00Z", 96));
    assertThat(hours("2026-05-20T00:00:00Z", 48).subList(24, 48))
        .isEqualTo(hours("2026-05-21T00:00:00Z", 24));
  }

  @Test
  void hoursFollowEachOther() {
    List<WeatherHour> hours = hours("2026-05-20T09:40:00Z", 96);
    assertThat(hours).hasSize(96);
    assertThat(hours.get(0).from().toInstant()).isEqualTo(Instant.parse("2026-05-20T09:00:00Z"));
    for (int i = 1; i < hours.size(); i++) {
      assertThat(hours.get(i).from()).isEqualTo(hours.get(i - 1).from().plusSeconds(3600));
    }
  }

  /** A whole year of it can be computed with: every hour is air that the drying model accepts. */
  @ParameterizedTest
  @ValueSource(strings = {"2026-01-01T00:00:00Z", "2027-07-01T00:00:00Z"})
  void everyHourOfAYearIsPossibleAir(String from) {
    Place line = new Place("line", true, 0.35, 1, 1, 19, 60);
    for (WeatherHour hour : hours(from, YEAR_H)) {
      assertThat(hour.at(line).evaporation()).isGreaterThanOrEqualTo(0);
      assertThat(hour.relativeHumidity()).isBetween(38.0, 98.0);
      assertThat(hour.temperatureC()).isBetween(-10.0, 35.0);
    }
  }

  @Test
  void summerIsWarmerThanWinterAndHasLongerDays() {
    List<WeatherHour> summer = hours("2026-07-01T00:00:00Z", 24 * 14);
    List<WeatherHour> winter = hours("2026-01-01T00:00:00Z", 24 * 14);
    assertThat(mean(summer)).isGreaterThan(mean(winter) + 6);
    assertThat(summer.stream().filter(h -> h.irradianceWm2() > 0).count())
        .isGreaterThan(winter.stream().filter(h -> h.irradianceWm2() > 0).count() + 50);
  }

  @Test
  void theSunDoesNotShineAtNight() {
    for (WeatherHour hour : hours("2026-05-20T00:00:00Z", 2)) {
      assertThat(hour.irradianceWm2()).isZero();
    }
  }

  @Test
  void someDaysRainAndMostDoNot() {
    List<WeatherHour> year = hours("2026-01-01T00:00:00Z", YEAR_H);
    long rainy = year.stream().filter(WeatherHour::rains).count();
    assertThat(rainy).isBetween(YEAR_H / 50L, YEAR_H / 4L);
  }
}
