package org.nestrinse.core.gather;

import java.time.LocalDate;
import java.time.ZonedDateTime;
import org.nestrinse.core.said.Saying;

/**
 * The parts of a day by which a household remembers what came in. A night belongs to the day on
 * which it began.
 */
public enum DayPart implements Saying {
  MORNING,
  AFTERNOON,
  EVENING,
  NIGHT;

  private static final int MORNING_FROM = 6;
  private static final int AFTERNOON_FROM = 12;
  private static final int EVENING_FROM = 18;
  private static final int NIGHT_FROM = 22;

  /** Returns the part of the day of a time. */
  public static DayPart of(ZonedDateTime time) {
    int hour = time.getHour();
    if (hour < MORNING_FROM || hour >= NIGHT_FROM) {
      return NIGHT;
    }
    if (hour < AFTERNOON_FROM) {
      return MORNING;
    }
    return hour < EVENING_FROM ? AFTERNOON : EVENING;
  }

  /** Returns the day that a time belongs to: before six in the morning, the day before. */
  public static LocalDate dayOf(ZonedDateTime time) {
    return time.getHour() < MORNING_FROM ? time.toLocalDate().minusDays(1) : time.toLocalDate();
  }
}
