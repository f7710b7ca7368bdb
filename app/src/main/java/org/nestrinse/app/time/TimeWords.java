package org.nestrinse.app.time;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;

/** Times as a person says them, in the household's zone: "today 19:40", "Thu noon", "31 h". */
public final class TimeWords {
  private static final int DAYS_BY_NAME = 6;
  private static final int HOURS_TOLD = 72;
  private static final String TIME = "time";
  private static final String DAY = "day";

  private final ZoneId zone;
  private final ZonedDateTime now;

  /** Makes words relative to {@code now} in a zone. */
  public TimeWords(ZoneId zone, Instant now) {
    this.zone = zone;
    this.now = now.atZone(zone);
  }

  /** Returns a moment near now: "19:40" today, "tomorrow 6:00", "Thu 6:00", "3 Jun 6:00". */
  public Said at(Instant moment) {
    ZonedDateTime time = moment.atZone(zone);
    LocalTime clock = time.toLocalTime().truncatedTo(ChronoUnit.MINUTES);
    return switch ((int) ChronoUnit.DAYS.between(now.toLocalDate(), time.toLocalDate())) {
      case 0 -> Said.of(TimeSaying.TODAY).with(TIME, clock);
      case 1 -> Said.of(TimeSaying.TOMORROW).with(TIME, clock);
      case -1 -> Said.of(TimeSaying.YESTERDAY).with(TIME, clock);
      default -> on(time.toLocalDate()).with(TIME, clock);
    };
  }

  /** Returns how long ago a moment is: "40 min", "31 h", "5 days". */
  public Said ago(Instant moment) {
    Duration age = Duration.between(moment, now);
    if (age.toMinutes() < 60) {
      return Said.from(Quantity.of(Math.max(0, age.toMinutes()), Unit.MINUTE));
    }
    return Said.from(
        age.toHours() < HOURS_TOLD
            ? Quantity.of(age.toHours(), Unit.HOUR)
            : Quantity.of(age.toDays(), Unit.DAY));
  }

  private Said on(LocalDate date) {
    long away = Math.abs(ChronoUnit.DAYS.between(now.toLocalDate(), date));
    return away <= DAYS_BY_NAME
        ? Said.of(TimeSaying.WEEKDAY).with(DAY, date.getDayOfWeek())
        : Said.of(TimeSaying.DATE).with(DAY, date);
  }
}
