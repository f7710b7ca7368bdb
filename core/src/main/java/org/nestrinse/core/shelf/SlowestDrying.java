package org.nestrinse.core.shelf;

import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.dry.BestPlace;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.dry.plan.DryingQuestion;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.textile.Kind;

/**
 * How a round dries that is hung at some hour: as its slowest kind does in its best place, brought
 * in when the weather there turns or nobody is up.
 */
public final class SlowestDrying {
  private SlowestDrying() {}

  /**
   * Returns how it dries; at once when there is nothing slow.
   *
   * @param slow the kinds that decide
   * @param places where they may hang
   * @param ahead the weather from the hour of hanging on
   * @param drumRadiusM of the machine [m]
   */
  public static WeekQuestion.Drying of(
      List<Kind> slow, List<Place> places, List<WeatherHour> ahead, double drumRadiusM) {
    Instant hung = ahead.get(0).from().toInstant();
    double longest = 0;
    Double bringIn = null;
    for (Kind kind : slow) {
      BestPlace best = BestPlace.of(kind, places, hung, ahead, drumRadiusM).orElse(null);
      double hours = best == null ? AirDrying.LONGEST_H : best.hours();
      if (hours > longest) {
        longest = hours;
        bringIn = best == null ? null : bringIn(best.place(), ahead, hours);
      }
    }
    return new WeekQuestion.Drying(longest, bringIn);
  }

  private static @Nullable Double bringIn(Place place, List<WeatherHour> ahead, double until) {
    for (int hour = 1; place.outdoors() && hour < until && hour < ahead.size(); hour++) {
      LocalTime time = ahead.get(hour).from().toLocalTime();
      boolean up = !time.isBefore(DryingQuestion.UP_FROM) && time.isBefore(DryingQuestion.UP_TO);
      if (!up || !ahead.get(hour).good(place)) {
        return (double) hour;
      }
    }
    return null;
  }
}
