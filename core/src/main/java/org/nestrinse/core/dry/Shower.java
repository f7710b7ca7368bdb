package org.nestrinse.core.dry;

import java.time.Duration;
import java.time.Instant;
import java.util.List;

/** A shower that is supposed, to see what it would change. */
public final class Shower {
  /** How long it lasts [h]. */
  public static final int HOURS = 2;

  private static final double MM_PER_H = 2;

  private Shower() {}

  /** Returns the same weather with a shower that begins at a moment. */
  public static List<WeatherHour> over(List<WeatherHour> weather, Instant at) {
    Instant end = at.plus(Duration.ofHours(HOURS));
    return weather.stream()
        .map(
            h -> {
              Instant from = h.from().toInstant();
              return from.isBefore(at) || !from.isBefore(end) ? h : h.withRain(MM_PER_H);
            })
        .toList();
  }
}
