package org.nestrinse.app.pretend;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.nestrinse.app.dry.WeatherStation;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.core.dry.TypicalDay;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.said.Said;
import org.springframework.stereotype.Component;

/**
 * A pretend weather station on a made-up island: the same forecast for the same date, always.
 * Temperature follows season and hour, the sun its height, air is damper when cool, and some days
 * rain.
 */
@Component
class PretendWeatherStation implements WeatherStation {
  private static final double LATITUDE_DEG = 53;
  private static final double YEARLY_MEAN_C = 11;
  private static final double YEARLY_SWING_C = 6.5;
  private static final int WARMEST_DAY = 205;
  private static final double DAYS_PER_YEAR = 365.25;
  private static final double DAILY_SWING_C = 3.5;
  private static final double CLEAR_SKY_W_M2 = 950;
  private static final double CLOUD_TAKES = 0.75;
  private static final double RAINY_DAYS = 0.35;

  private final HouseholdService households;
  private final Clock clock;

  PretendWeatherStation(HouseholdService households, Clock clock) {
    this.households = households;
    this.clock = clock;
  }

  /** Returns the coming hours in the format in which Dry reads them. */
  String csv(int hours) {
    StringBuilder csv =
        new StringBuilder("time,temperature_c,humidity_percent,wind_ms,irradiance_wm2,rain_mm\n");
    for (WeatherHour h : hours(clock.instant(), hours, households.current().zoneId())) {
      csv.append(
          String.format(
              Locale.ROOT,
              "%s,%.1f,%.0f,%.1f,%.0f,%.1f%n",
              h.from(),
              h.temperatureC(),
              h.relativeHumidity(),
              h.windMs(),
              h.irradianceWm2(),
              h.rainMm()));
    }
    return csv.toString();
  }

  @Override
  public Said name() {
    return PretendSaying.WEATHER_STATION.said();
  }

  @Override
  public List<WeatherHour> hours(Instant from, int hours, ZoneId zone) {
    Instant first = from.truncatedTo(ChronoUnit.HOURS);
    List<WeatherHour> forecast = new ArrayList<>();
    for (int i = 0; i < hours; i++) {
      Instant at = first.plus(i, ChronoUnit.HOURS);
      forecast.add(hour(at.atZone(zone)));
    }
    return forecast;
  }

  private static WeatherHour hour(ZonedDateTime local) {
    Day day = Day.of(local.toLocalDate());
    int hour = local.getHour();
    double sinSun = TypicalDay.sinOfSunHeight(local, LATITUDE_DEG);
    double sun = sinSun <= 0 ? 0 : CLEAR_SKY_W_M2 * sinSun * (1 - CLOUD_TAKES * day.cloud);
    double swing = DAILY_SWING_C * (1 - 0.5 * day.cloud);
    double temperature = day.meanC - swing * Math.cos(2 * Math.PI * (hour - 3) / 24.0);
    boolean rains = hour >= day.rainFrom && hour < day.rainTo;
    double humidity = 72 + 10 * day.cloud - 3.2 * (temperature - day.meanC) + (rains ? 10 : 0);
    double wind = day.windMs * (0.75 + 0.35 * Math.max(0, sinSun));
    return new WeatherHour(
        local.toOffsetDateTime(),
        temperature,
        Math.max(38, Math.min(98, humidity)),
        wind,
        rains ? sun * 0.4 : sun,
        rains ? 0.8 : 0);
  }

  /** The weather of one day, drawn by its date alone. */
  private record Day(double meanC, double cloud, double windMs, int rainFrom, int rainTo) {
    static Day of(LocalDate date) {
      Random random = new Random(date.toEpochDay() * 7919);
      random.nextDouble();
      double season =
          YEARLY_MEAN_C
              + YEARLY_SWING_C
                  * Math.cos(2 * Math.PI * (date.getDayOfYear() - WARMEST_DAY) / DAYS_PER_YEAR);
      double mean = season + 3 * (random.nextDouble() - 0.5);
      double cloud = random.nextDouble();
      double wind = 2.5 + 6 * random.nextDouble();
      boolean rainy = random.nextDouble() < RAINY_DAYS;
      int from = rainy ? random.nextInt(20) : 24;
      int to = rainy ? Math.min(24, from + 2 + random.nextInt(5)) : 24;
      return new Day(mean, rainy ? Math.max(cloud, 0.5) : cloud, wind, from, to);
    }
  }
}
