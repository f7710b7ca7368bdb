package org.nestrinse.app.dry;

import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.said.Said;

/** Where the hourly forecast comes from. */
public interface WeatherStation {
  /** Returns what the source is called, for showing. */
  Said name();

  /**
   * Returns the forecast hour by hour.
   *
   * @param from the first hour is the one that holds this moment
   * @param hours how many hours, at least 1
   * @param zone the zone of the place
   */
  List<WeatherHour> hours(Instant from, int hours, ZoneId zone);
}
