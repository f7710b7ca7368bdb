package org.nestrinse.core.household;

import java.time.Instant;
import java.util.List;
import org.nestrinse.core.dry.WeatherHour;

/** The weather as it is foretold, or as it usually is at that time of the year. */
@FunctionalInterface
public interface Weather {
  /** Returns it hour by hour; the first one holds {@code from}. */
  List<WeatherHour> hours(Instant from, int number);
}
