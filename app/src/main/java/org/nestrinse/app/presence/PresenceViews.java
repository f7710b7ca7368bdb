package org.nestrinse.app.presence;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is shown of when people are there. */
public final class PresenceViews {
  private PresenceViews() {}

  /**
   * What the household says about its weeks.
   *
   * @param version counts its changes
   * @param quietFrom since when the machine must not run, or null
   * @param quietTo until when
   * @param householdEveryDays days between household loads, 0 for none
   * @param times when each person is there
   */
  public record Settings(
      long version,
      @Nullable LocalTime quietFrom,
      @Nullable LocalTime quietTo,
      int householdEveryDays,
      List<Time> times) {}

  /**
   * When a person is there.
   *
   * @param personId who
   * @param name their name
   * @param days on which days
   * @param from since when
   * @param to until when
   */
  public record Time(
      long personId, String name, List<DayOfWeek> days, LocalTime from, LocalTime to) {}
}
