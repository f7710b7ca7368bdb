package org.nestrinse.core.dry;

import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;

/**
 * The weather of a typical day of the season in the temperate north, for when there is no forecast:
 * a house figure, half cloudy, a light wind and no rain.
 *
 * @see "docs/models.md, weather"
 */
public final class TypicalDay {
  private static final double MEAN_C = 10.5;
  private static final double SEASON_C = 8;
  private static final double DAY_C = 3.5;
  private static final int WARMEST_DAY = 205;
  private static final int SOLSTICE_DAY = 172;
  private static final double DAYS_PER_YEAR = 365.25;
  private static final double HUMIDITY = 75;
  private static final double HUMIDITY_PER_K = 3;
  private static final double WIND_M_S = 3.5;
  private static final double LATITUDE_DEG = 50;
  private static final double TILT_DEG = 23.44;
  private static final double HALF_CLOUDY_W_M2 = 560;
  private static final int COLDEST_HOUR = 3;
  private static final double NOON = 12.5;

  private TypicalDay() {}

  /** Returns hour by hour, the first one holds {@code from}. */
  public static List<WeatherHour> hours(Instant from, int hours, ZoneId zone) {
    Instant first = from.truncatedTo(ChronoUnit.HOURS);
    List<WeatherHour> all = new ArrayList<>();
    for (int i = 0; i < hours; i++) {
      all.add(hour(first.plus(i, ChronoUnit.HOURS).atZone(zone)));
    }
    return all;
  }

  private static WeatherHour hour(ZonedDateTime at) {
    double swing = -DAY_C * Math.cos(2 * Math.PI * (at.getHour() - COLDEST_HOUR) / 24.0);
    double season =
        SEASON_C * Math.cos(2 * Math.PI * (at.getDayOfYear() - WARMEST_DAY) / DAYS_PER_YEAR);
    double humidity = Math.min(95, Math.max(45, HUMIDITY - HUMIDITY_PER_K * swing));
    double sun = HALF_CLOUDY_W_M2 * Math.max(0, sinOfSunHeight(at, LATITUDE_DEG));
    return new WeatherHour(
        at.toOffsetDateTime(), MEAN_C + season + swing, humidity, WIND_M_S, sun, 0);
  }

  /**
   * Returns the sine of the sun's height in the middle of an hour, below 0 at night.
   *
   * @param latitudeDeg latitude [°]
   */
  public static double sinOfSunHeight(ZonedDateTime at, double latitudeDeg) {
    double declination =
        Math.toRadians(TILT_DEG)
            * Math.cos(2 * Math.PI * (at.getDayOfYear() - SOLSTICE_DAY) / DAYS_PER_YEAR);
    double hourAngle = Math.toRadians(15 * (at.getHour() + 0.5 - NOON));
    double latitude = Math.toRadians(latitudeDeg);
    return Math.sin(latitude) * Math.sin(declination)
        + Math.cos(latitude) * Math.cos(declination) * Math.cos(hourAngle);
  }
}
