package org.nestrinse.core.dry;

import java.time.OffsetDateTime;
import java.util.List;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.Range;

/**
 * One hour of forecast.
 *
 * @param from when the hour begins, in the time of the place
 * @param temperatureC air temperature [°C]
 * @param relativeHumidity relative humidity [%]
 * @param windMs wind at 10 m [m/s]
 * @param irradianceWm2 global irradiance [W/m²]
 * @param rainMm rain within the hour [mm]
 */
public record WeatherHour(
    OffsetDateTime from,
    double temperatureC,
    double relativeHumidity,
    double windMs,
    double irradianceWm2,
    double rainMm) {
  /** How much it may rain in an hour. */
  public static final Range RAIN_MM = new Range(0, 200, Unit.MILLIMETRE);

  /** From this irradiance on the sun is strong enough to wear out elastic [W/m²]. */
  public static final double STRONG_SUN_W_M2 = 400;

  /** Above this, air takes up so little that what hangs outdoors is brought in [%]. */
  public static final double DAMP_PERCENT = 85;

  private static final double WIND_AT_CLOTH = 0.5;
  private static final double SUN_ON_CLOTH = 0.5;
  private static final double STILL_INDOORS_M_S = 0.1;
  private static final double FAN_M_S = 1.0;
  private static final double RAIN_FROM_MM = 0.1;

  public WeatherHour {
    Limits.AIR_C.check("temperatureC", temperatureC);
    Limits.HUMIDITY_PERCENT.check("relativeHumidity", relativeHumidity);
    Limits.WIND_M_S.check("windMs", windMs);
    Limits.IRRADIANCE_W_M2.check("irradianceWm2", irradianceWm2);
    RAIN_MM.check("rainMm", rainMm);
  }

  /** Returns whether it rains, so that nothing dries in the open. */
  public boolean rains() {
    return rainMm >= RAIN_FROM_MM;
  }

  /** Returns the sun that reaches a place outdoors in this hour [W/m² of global irradiance]. */
  public double sunAt(Place place) {
    return place.outdoors() && place.facing().sunny(from.getHour())
        ? irradianceWm2 * place.sunFactor()
        : 0;
  }

  /** Returns how many hours of strong sun reach a place in some weather [h]. */
  public static int strongSunH(List<WeatherHour> weather, Place place) {
    return (int) weather.stream().filter(h -> h.sunAt(place) >= STRONG_SUN_W_M2).count();
  }

  /** Returns whether things may hang there now: no rain on them, air that still takes water up. */
  public boolean good(Place place) {
    return !place.outdoors() || ((place.covered() || !rains()) && relativeHumidity <= DAMP_PERCENT);
  }

  /** Returns this hour with rain in it, as a shower would make it. */
  public WeatherHour withRain(double millimetres) {
    return new WeatherHour(
        from,
        temperatureC,
        Math.max(95, relativeHumidity),
        windMs,
        irradianceWm2 * 0.2,
        millimetres);
  }

  /**
   * Returns the air at the cloth in a place: half of wind and sun outdoors, still room air or a fan
   * indoors.
   */
  public AirDrying.Air at(Place place) {
    return at(place, false);
  }

  /**
   * Returns the air at the cloth in a place.
   *
   * @param shade whether the cloth is kept out of the sun
   */
  public AirDrying.Air at(Place place, boolean shade) {
    if (!place.outdoors()) {
      double draught = place.fan() ? FAN_M_S : STILL_INDOORS_M_S;
      return new AirDrying.Air(place.roomC(), place.roomHumidity(), draught, 0);
    }
    double wind = windMs * WIND_AT_CLOTH * place.windFactor();
    if (rains() && !place.covered()) {
      return new AirDrying.Air(temperatureC, 100, wind, 0, rainMm);
    }
    double sun = shade ? 0 : sunAt(place) * SUN_ON_CLOTH;
    return new AirDrying.Air(temperatureC, relativeHumidity, wind, sun);
  }
}
