package org.nestrinse.core.dry;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.SpinRetention;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Numbers;
import org.nestrinse.core.why.Why;

/**
 * Equal pieces that hang in one place since one moment, and how they dry there.
 *
 * @param kind what hangs
 * @param place where
 * @param hungAt since when
 * @param drying the course
 * @param startMoisture moisture when hung [kg/kg]
 * @param weather the forecast it was computed with, from the hour of hanging on
 */
public record HangingGroup(
    Kind kind,
    Place place,
    Instant hungAt,
    AirDrying drying,
    double startMoisture,
    List<WeatherHour> weather) {
  private static final double SECONDS_PER_HOUR = 3600;

  /**
   * Returns how pieces of a kind dry.
   *
   * @param startMoisture moisture when hung [kg/kg]
   * @param weather the forecast, hour by hour, beginning with the hour of {@code hungAt}
   */
  public static HangingGroup of(
      Kind kind, Place place, Instant hungAt, double startMoisture, List<WeatherHour> weather) {
    TextileLoad piece = kind.load(1);
    double regain = piece.weighted(Material::regain) / piece.massKg();
    AirDrying.Hung hung =
        new AirDrying.Hung(piece.massKg(), kind.areaM2(), regain, place.exposure(), startMoisture);
    List<AirDrying.Air> air = weather.stream().map(hour -> hour.at(place)).toList();
    return new HangingGroup(kind, place, hungAt, AirDrying.of(hung, air), startMoisture, weather);
  }

  /** Returns the moisture of a kind after a spin [kg/kg], all its parts together. */
  public static double moistureAfterSpin(Kind kind, double rpm, double drumRadiusM) {
    TextileLoad piece = kind.load(1);
    return SpinRetention.of(piece, rpm, drumRadiusM).retainedL() / piece.massKg();
  }

  /** Returns when it is dry, or null when it does not dry here within four days. */
  public @Nullable Instant dryBy() {
    Double hours = drying.hoursToDry();
    return hours == null
        ? null
        : hungAt.plus(Duration.ofSeconds(Math.round(hours * SECONDS_PER_HOUR)));
  }

  /** Returns the reason of the time at which it is dry. */
  public Why why(String dryBy) {
    WeatherHour first = weather.get(0);
    AirDrying.Air air = first.at(place);
    double perHour =
        air.evaporation() * 2 * kind.areaM2() * place.exposure() * SECONDS_PER_HOUR * 1000;
    return Why.of(
            "%s, %s".formatted(kind.name(), dryBy),
            "Water leaves the faces that the air reaches, as fast as the air takes it up; the thick middle dries last."
                + " Cool to the touch is still damp.")
        .line("water after the spin", Numbers.of(startMoisture, 2) + " kg/kg")
        .line("one piece, dry", Numbers.of(kind.massKg() * 1000, 0) + " g")
        .line("one face", Numbers.of(kind.areaM2(), 2) + " m²")
        .line("air at the cloth, first hour", Numbers.of(air.temperatureC(), 0) + " °C")
        .line("humidity", Numbers.of(air.relativeHumidity(), 0) + " %")
        .line("air speed", Numbers.of(air.windMs(), 1) + " m/s")
        .line("sun on it", Numbers.of(air.irradianceWm2(), 0) + " W/m²")
        .line("leaves one piece in that hour", Numbers.of(perHour, 0) + " g")
        .total("dry", dryBy)
        .section(7);
  }
}
