package org.nestrinse.core.dry.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.nestrinse.core.dry.DrySaying;
import org.nestrinse.core.dry.DryingWishes;
import org.nestrinse.core.dry.Spot;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.kit.Tariff;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.OutOfRange;

/**
 * What is to be dried, where it could be, and in which weather.
 *
 * @param from the moment from which it is planned
 * @param zone the zone of the place
 * @param weather hour by hour, the first one holds {@code from}
 * @param spots where pieces may hang; a movable airer is there twice, outside and carried in
 * @param dryers the dryers, with when each is free
 * @param batches what is damp
 * @param factors what dry checks have taught
 * @param tariff what electricity costs
 * @param wishes how the household wants to dry
 */
@RecordBuilder
public record DryingQuestion(
    Instant from,
    ZoneId zone,
    List<WeatherHour> weather,
    List<Spot> spots,
    List<DryerAt> dryers,
    List<DryingBatch> batches,
    DryingFactors factors,
    Tariff tariff,
    DryingWishes wishes) {
  /** Nobody carries anything before this hour … */
  public static final LocalTime UP_FROM = LocalTime.of(6, 0);

  /** … or from this one on. */
  public static final LocalTime UP_TO = LocalTime.of(22, 0);

  /** Makes the question of a household that has no wishes. */
  public DryingQuestion(
      Instant from,
      ZoneId zone,
      List<WeatherHour> weather,
      List<Spot> spots,
      List<DryerAt> dryers,
      List<DryingBatch> batches,
      DryingFactors factors,
      Tariff tariff) {
    this(from, zone, weather, spots, dryers, batches, factors, tariff, DryingWishes.NONE);
  }

  /**
   * A dryer of the household.
   *
   * @param id its number
   * @param dryer the dryer
   * @param freeFrom when the run that is in it ends
   */
  public record DryerAt(long id, Dryer dryer, Instant freeFrom) {}

  public DryingQuestion {
    if (weather.isEmpty()) {
      throw new OutOfRange("weather", Allowed.EMPTY, Allowed.AT_LEAST_ONE);
    }
    if (spots.isEmpty()) {
      throw new OutOfRange("places", Allowed.EMPTY, DrySaying.A_PLACE_TO_HANG);
    }
    weather = List.copyOf(weather);
    spots = List.copyOf(spots);
    dryers = List.copyOf(dryers);
    batches = batches.stream().map(hungAs(batches)).toList();
  }

  /**
   * Pieces in an overfull place hang close, however they were hung; pieces hung close beside others
   * that have room have room too, once the place is no longer overfull.
   */
  private static UnaryOperator<DryingBatch> hungAs(List<DryingBatch> all) {
    Map<Long, Double> taken = new HashMap<>();
    Map<Long, Boolean> close = new HashMap<>();
    for (DryingBatch b : all) {
      if (b.at() != null) {
        taken.merge(b.at().placeId(), b.at().place().share(b.kind()) * b.count(), Double::sum);
        close.merge(b.at().placeId(), b.crowded(), Boolean::logicalAnd);
      }
    }
    return b ->
        b.at() == null
            ? b
            : b.hung(Place.overfull(taken.get(b.at().placeId())) || close.get(b.at().placeId()));
  }

  /** Returns when an hour of the forecast begins; the first one begins now. */
  Instant hour(int index) {
    Instant first = weather.get(0).from().toInstant();
    return index == 0 ? from : first.plus(Duration.ofHours(index));
  }

  /** Returns the index of the hour that holds a moment. */
  int indexOf(Instant moment) {
    Instant first = weather.get(0).from().toInstant();
    return (int) Math.max(0, Duration.between(first, moment).toHours());
  }

  /** Returns whether somebody is up when an hour begins. */
  boolean up(int index) {
    LocalTime time = hour(index).atZone(zone).toLocalTime();
    return !time.isBefore(UP_FROM) && time.isBefore(UP_TO);
  }

  /** Returns whether anything may be carried when an hour begins: somebody is up, and it may be. */
  boolean errand(int index) {
    return up(index) && (wishes.afterDark() || !dark(index));
  }

  /** Returns whether an hour has no daylight. */
  boolean dark(int index) {
    return weather.get(index).irradianceWm2() <= 0;
  }

  /** Returns the day that an hour belongs to, counted from the first. */
  int day(int index) {
    return (int)
        (hour(index).atZone(zone).toLocalDate().toEpochDay()
            - from.atZone(zone).toLocalDate().toEpochDay());
  }

  /** Returns what electricity costs that is drawn evenly over some minutes. */
  double money(double kwh, Instant start, double minutes) {
    return tariff.cost(kwh, start.atZone(zone).toLocalTime(), minutes);
  }
}
