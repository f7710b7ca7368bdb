package org.nestrinse.core.dry;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.SpinRetention;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;

/**
 * Equal pieces that hang in one place since one moment, and how they dry there.
 *
 * @param kind what hangs
 * @param place where
 * @param hungAt since when
 * @param drying the course
 * @param startMoisture moisture when hung [kg/kg]
 * @param factor how many times faster it dries there than the model says, from dry checks
 * @param weather the forecast it was computed with, from the hour of hanging on
 */
public record HangingGroup(
    Kind kind,
    Place place,
    Instant hungAt,
    AirDrying drying,
    double startMoisture,
    double factor,
    List<WeatherHour> weather) {
  private static final double SECONDS_PER_HOUR = 3600;
  private static final int MINUTES_PER_HOUR = 60;

  /**
   * How damp it is at one moment.
   *
   * @param at the moment
   * @param moisture [kg/kg]
   */
  public record Point(Instant at, double moisture) {}

  /** Returns how pieces of a kind dry where nothing was learnt yet. */
  public static HangingGroup of(
      Kind kind, Place place, Instant hungAt, double startMoisture, List<WeatherHour> weather) {
    return of(kind, new Hanging(place, place.exposure(), 1, 0), hungAt, startMoisture, 1, weather);
  }

  /**
   * How equal pieces hang.
   *
   * @param place where
   * @param exposure share of both faces that the air reaches
   * @param pieces how many of them hang there
   * @param otherKgH what evaporates in the same room from everything else [kg/h]
   */
  public record Hanging(Place place, double exposure, int pieces, double otherKgH) {}

  /**
   * Returns how pieces of a kind dry.
   *
   * @param hanging where and how they hang
   * @param startMoisture moisture when hung, all parts together [kg/kg]
   * @param factor from dry checks, 1 when nothing was learnt
   * @param weather the forecast, hour by hour, beginning with the hour of {@code hungAt}
   */
  public static HangingGroup of(
      Kind kind,
      Hanging hanging,
      Instant hungAt,
      double startMoisture,
      double factor,
      List<WeatherHour> weather) {
    Limits.MOISTURE.check("startMoisture", startMoisture);
    Place place = hanging.place;
    double exposure = corrected(hanging.exposure, factor);
    AirDrying.Room room = room(place, 0, hanging.otherKgH);
    List<AirDrying.Stretch> way =
        weather.stream().map(h -> AirDrying.Stretch.of(h.at(place), exposure, room)).toList();
    AirDrying drying =
        ofWhole(
            kind,
            AirDrying.along(
                hung(kind, hanging.exposure, startMoisture),
                hanging.pieces,
                way,
                minutesLeft(hungAt)));
    return new HangingGroup(kind, place, hungAt, drying, startMoisture, factor, weather);
  }

  /** Returns how a group dries that was worked out together with everything else. */
  public static HangingGroup of(
      JointDrying.Group group, AirDrying together, double factor, List<WeatherHour> weather) {
    return new HangingGroup(
        group.kind(),
        group.spot().felt(),
        group.hungAt(),
        together,
        group.startMoisture(),
        factor,
        weather);
  }

  /** Returns the room that a place shares its air with, or null out of doors. */
  public static AirDrying.@Nullable Room room(Place place, long key, double otherKgH) {
    return place.outdoors()
        ? null
        : new AirDrying.Room(key, place.volumeM3(), place.freshAirM3H(), otherKgH);
  }

  /**
   * Returns one piece of a kind as it hangs: its slowest part, which decides when it is dry. Water
   * is spread over the parts as a spin leaves it.
   */
  public static AirDrying.Hung hung(Kind kind, double exposure, double startMoisture) {
    TextileLoad piece = kind.load(1);
    Material slowest = slowestPart(kind);
    double part = slowest.spinFactor() / meanSpinFactor(kind);
    double soaked =
        Math.max(startMoisture, moistureAfterSpin(kind, 0, SpinRetention.USUAL_RADIUS_M));
    return new AirDrying.Hung(
        piece.massKg(),
        kind.areaM2(),
        slowest,
        exposure,
        Limits.MOISTURE.clamp(startMoisture * part),
        Limits.MOISTURE.clamp(soaked * part));
  }

  /** Returns the course of the slowest part as the moisture of the whole piece. */
  public static AirDrying ofWhole(Kind kind, AirDrying slowest) {
    double whole = meanSpinFactor(kind) / slowestPart(kind).spinFactor();
    return new AirDrying(
        slowest.hoursToDry(),
        slowest.clothTemperatureC(),
        slowest.moisture().stream().map(x -> x * whole).toList());
  }

  /** The part that holds most water for its mass dries last. */
  private static Material slowestPart(Kind kind) {
    return kind.parts().stream()
        .map(Part::material)
        .max(Comparator.comparingDouble(Material::spinFactor))
        .orElseThrow();
  }

  private static double meanSpinFactor(Kind kind) {
    TextileLoad piece = kind.load(1);
    return piece.weighted(Material::spinFactor) / piece.massKg();
  }

  /** Returns the exposure with what was learnt, never more than all of both faces. */
  public static double corrected(double exposure, double factor) {
    return Math.min(1, exposure * factor);
  }

  /** Returns what is left of the hour that holds a moment [min]. */
  public static int minutesLeft(Instant moment) {
    long minute = Math.floorMod(moment.getEpochSecond(), 3600L) / MINUTES_PER_HOUR;
    return MINUTES_PER_HOUR - (int) minute;
  }

  /** Returns the moisture of a kind after a spin [kg/kg], all its parts together. */
  public static double moistureAfterSpin(Kind kind, double rpm, double drumRadiusM) {
    TextileLoad piece = kind.load(1);
    return SpinRetention.of(piece, rpm, drumRadiusM).retainedL() / piece.massKg();
  }

  /** Returns when it is dry, or null when it does not dry here within four days. */
  public @Nullable Instant dryBy() {
    return drying.hoursToDry() == null ? null : after(hungAt, drying.hoursToDry());
  }

  /**
   * Returns the moisture of a kind after washing by hand: wrung, or dripping if waterproof [kg/kg].
   */
  public static double moistureByHand(Kind kind) {
    TextileLoad piece = kind.load(1);
    SpinRetention kept =
        kind.role().waterproof()
            ? SpinRetention.of(piece, 0, SpinRetention.USUAL_RADIUS_M)
            : SpinRetention.wrung(piece);
    return kept.retainedL() / piece.massKg();
  }

  public static Instant after(Instant start, double hours) {
    return start.plus(Duration.ofSeconds(Math.round(hours * SECONDS_PER_HOUR)));
  }

  /** Returns how damp it is at the start, at each full hour, and when dry. */
  public List<Point> points() {
    return points(drying, hungAt);
  }

  public static List<Point> points(AirDrying drying, Instant start) {
    List<Point> points = new ArrayList<>();
    Instant hour = start.plus(Duration.ofMinutes(minutesLeft(start)));
    int last = drying.moisture().size() - 1;
    for (int i = 0; i <= last; i++) {
      Instant at = i == 0 ? start : hour.plus(Duration.ofHours(i - 1L));
      if (i > 0 && i == last && drying.hoursToDry() != null) {
        at = after(start, drying.hoursToDry());
      }
      points.add(new Point(at, drying.moisture().get(i)));
    }
    return points;
  }

  /** Returns how damp it is at a moment, on straight lines between the hours [kg/kg]. */
  public double moistureAt(Instant moment) {
    return moistureAt(points(), moment);
  }

  public static double moistureAt(List<Point> points, Instant moment) {
    Point before = points.get(0);
    for (Point next : points) {
      if (next.at.isAfter(moment)) {
        double whole = Duration.between(before.at, next.at).toSeconds();
        double gone = Duration.between(before.at, moment).toSeconds();
        double share = whole <= 0 ? 0 : Math.max(0, gone / whole);
        return before.moisture * (1 - share) + next.moisture * share;
      }
      before = next;
    }
    return before.moisture;
  }

  /** Returns the reason of the time at which it is dry. */
  public Why why(Said dryBy) {
    WeatherHour first = weather.get(0);
    AirDrying.Air air = first.at(place);
    double exposure = corrected(place.exposure(), factor);
    double perHour = air.evaporation() * 2 * kind.areaM2() * exposure * SECONDS_PER_HOUR * 1000;
    Why.Builder why =
        Why.of(
                Said.of(DrySaying.TITLE).with("kind", kind.name()).with("when", dryBy),
                DrySaying.EVAPORATION)
            .line(DrySaying.AFTER_SPIN, new Quantity(startMoisture, Unit.KG_PER_KG, 2))
            .line(DrySaying.ONE_PIECE, Quantity.of(kind.massKg() * 1000, Unit.GRAM))
            .line(DrySaying.ONE_FACE, new Quantity(kind.areaM2(), Unit.M2, 2))
            .line(DrySaying.AIR, Quantity.celsius(air.temperatureC()))
            .line(DrySaying.HUMIDITY, Quantity.share(air.relativeHumidity() / 100))
            .line(DrySaying.AIR_SPEED, new Quantity(air.windMs(), Unit.METRE_PER_S, 1))
            .line(DrySaying.SUN, Quantity.of(air.irradianceWm2(), Unit.WATT_PER_M2));
    if (factor != 1) {
      why.line(DrySaying.DRY_CHECKS, new Quantity(factor, Unit.TIMES, 2));
    }
    return why.line(DrySaying.LEAVES, Quantity.of(perHour, Unit.GRAM))
        .total(DrySaying.DRY, dryBy)
        .by(Model.AIR_DRYING);
  }
}
