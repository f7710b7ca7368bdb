package org.nestrinse.core.dry;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.kit.Tariff;
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
 */
public record DryingQuestion(
    Instant from,
    ZoneId zone,
    List<WeatherHour> weather,
    List<Spot> spots,
    List<DryerAt> dryers,
    List<Batch> batches,
    DryingFactors factors,
    Tariff tariff) {
  /** Nobody carries anything before this hour … */
  public static final LocalTime UP_FROM = LocalTime.of(6, 0);

  /** … or from this one on. */
  public static final LocalTime UP_TO = LocalTime.of(22, 0);

  /** Pieces that hang too close get so much of the exposure that there is room for. */
  public static final double CROWDED = 0.6;

  private static final int PRICE_STEP_MINUTES = 15;

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
      throw new OutOfRange("weather", "empty", "at least one hour");
    }
    if (spots.isEmpty()) {
      throw new OutOfRange("places", "empty", "at least one place to hang");
    }
    weather = List.copyOf(weather);
    spots = List.copyOf(spots);
    dryers = List.copyOf(dryers);
    batches = List.copyOf(batches);
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

  /** Returns what electricity costs that is drawn evenly over some minutes. */
  double money(double kwh, Instant start, double minutes) {
    double sum = 0;
    int steps = (int) Math.max(1, Math.ceil(minutes / PRICE_STEP_MINUTES));
    for (int i = 0; i < steps; i++) {
      Instant at = start.plus(Duration.ofMinutes((long) i * PRICE_STEP_MINUTES));
      sum += tariff.perKwh(at.atZone(zone).toLocalTime());
    }
    return kwh * sum / steps;
  }
}
