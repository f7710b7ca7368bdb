package org.nestrinse.core.dry;

import java.time.Instant;
import org.nestrinse.core.kit.Place;

/**
 * One hour of forecast.
 *
 * @param from when the hour begins
 * @param temperatureC air temperature [°C]
 * @param relativeHumidity relative humidity [%]
 * @param windMs wind at 10 m [m/s]
 * @param irradianceWm2 global irradiance [W/m²]
 * @param rainMm rain within the hour [mm]
 */
public record WeatherHour(
    Instant from,
    double temperatureC,
    double relativeHumidity,
    double windMs,
    double irradianceWm2,
    double rainMm) {
  private static final double WIND_AT_CLOTH = 0.5;
  private static final double SUN_ON_CLOTH = 0.5;
  private static final double STILL_INDOORS_M_S = 0.1;
  private static final double RAIN_FROM_MM = 0.1;

  /** Returns whether it rains, so that nothing dries outdoors. */
  public boolean rains() {
    return rainMm >= RAIN_FROM_MM;
  }

  /**
   * Returns the air at the cloth in a place: half of wind and sun outdoors, still room air indoors.
   */
  public AirDrying.Air at(Place place) {
    if (!place.outdoors()) {
      return new AirDrying.Air(place.roomC(), place.roomHumidity(), STILL_INDOORS_M_S, 0);
    }
    if (rains()) {
      return new AirDrying.Air(temperatureC, 100, windMs * WIND_AT_CLOTH * place.windFactor(), 0);
    }
    return new AirDrying.Air(
        temperatureC,
        relativeHumidity,
        windMs * WIND_AT_CLOTH * place.windFactor(),
        irradianceWm2 * SUN_ON_CLOTH * place.sunFactor());
  }
}
