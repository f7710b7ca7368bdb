package org.nestrinse.app.time;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Locale;

/** Times as a person says them, in the household's zone: "today 19:40", "Thu noon", "31 h". */
public final class TimeWords {
  private static final DateTimeFormatter CLOCK =
      DateTimeFormatter.ofPattern("H:mm", Locale.ENGLISH);
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE", Locale.ENGLISH);
  private static final DateTimeFormatter DATE =
      DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);
  private static final int DAYS_BY_NAME = 6;

  private final ZoneId zone;
  private final ZonedDateTime now;

  /** Makes words relative to {@code now} in a zone. */
  public TimeWords(ZoneId zone, Instant now) {
    this.zone = zone;
    this.now = now.atZone(zone);
  }

  /** Returns a moment near now: "19:40" today, "tomorrow 6:00", "Thu 6:00", "3 Jun 6:00". */
  public String at(Instant moment) {
    ZonedDateTime time = moment.atZone(zone);
    String clock = CLOCK.format(time);
    return switch ((int) ChronoUnit.DAYS.between(now.toLocalDate(), time.toLocalDate())) {
      case 0 -> clock;
      case 1 -> "tomorrow " + clock;
      case -1 -> "yesterday " + clock;
      default -> day(time.toLocalDate()) + " " + clock;
    };
  }

  /** Returns how long ago a moment is: "40 min", "31 h", "5 days". */
  public String ago(Instant moment) {
    Duration age = Duration.between(moment, now);
    if (age.toMinutes() < 60) {
      return Math.max(0, age.toMinutes()) + " min";
    }
    return age.toHours() < 72 ? age.toHours() + " h" : age.toDays() + " days";
  }

  private String day(LocalDate date) {
    long away = Math.abs(ChronoUnit.DAYS.between(now.toLocalDate(), date));
    return away <= DAYS_BY_NAME ? DAY.format(date) : DATE.format(date);
  }
}
