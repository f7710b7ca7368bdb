package org.nestrinse.core.shelf;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.nestrinse.core.dry.BestPlace;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.textile.Kind;

/**
 * How many nights pass until the slowest kinds are dry, each in its best place.
 *
 * @see "docs/models.md, rhythm"
 */
public final class DryingDays {
  /** No longer is looked at [days]. */
  public static final int LONGEST = 4;

  private DryingDays() {}

  /**
   * Returns the days, 0 when all are dry on the day they were hung.
   *
   * @param kinds what hangs; none of it takes a day
   * @param places where it may hang
   * @param at when it is hung
   * @param weather the forecast from then on, hour by hour
   * @param drumRadiusM of the machine it was spun in [m]
   */
  public static int of(
      List<Kind> kinds,
      List<Place> places,
      Instant at,
      List<WeatherHour> weather,
      double drumRadiusM,
      ZoneId zone) {
    if (kinds.isEmpty()) {
      return 1;
    }
    Instant last = at;
    for (Kind kind : kinds) {
      Instant dry =
          BestPlace.of(kind, places, at, weather, drumRadiusM)
              .map(best -> best.dryBy(at))
              .orElse(at.plus(Duration.ofDays(LONGEST)));
      last = dry.isAfter(last) ? dry : last;
    }
    long days =
        ChronoUnit.DAYS.between(at.atZone(zone).toLocalDate(), last.atZone(zone).toLocalDate());
    return (int) Math.min(LONGEST, days);
  }
}
