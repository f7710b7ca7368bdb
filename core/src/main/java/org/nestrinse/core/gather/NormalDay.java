package org.nestrinse.core.gather;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Range;

/**
 * What comes in on a day like any other. From it pails fill by themselves; a person only corrects.
 *
 * @see "docs/models.md, normal day"
 */
public final class NormalDay {
  /** How many pieces of one kind and soil a part of the day may bring. */
  public static final Range COUNT = new Range(1, 40, Unit.PIECE);

  /** Nothing is assumed further back than this [days]. */
  public static final int LONGEST_BACK_DAYS = 7;

  private static final int FIRST_THING_UNTIL = 9;

  private NormalDay() {}

  /**
   * One line of a normal day.
   *
   * @param id number
   * @param personId whose pieces
   * @param kindId the kind
   * @param soil what soils them
   * @param part when
   * @param count how many, {@link #COUNT}
   */
  public record Habit(long id, long personId, long kindId, Soil soil, DayPart part, int count) {
    public Habit {
      COUNT.check("count", count);
    }
  }

  /**
   * Pieces that are assumed to have come in.
   *
   * @param habit the line they come from
   * @param day the day it belongs to
   * @param count how many, more or fewer than the line says when a spell is on
   * @param at when
   */
  public record Assumed(Habit habit, LocalDate day, int count, Instant at) {
    /**
     * Returns how many of them go into the pail: no more than are clean, and none that were logged
     * already.
     *
     * @param logged pieces of the same kind and part of the day that somebody logged
     * @param clean pieces of the kind on the shelf
     */
    public int pieces(int logged, int clean) {
      return Math.max(0, Math.min(count - logged, clean));
    }
  }

  /** Returns when the pieces of a part of a day are taken to come in. */
  public static Instant at(LocalDate day, DayPart part, ZoneId zone) {
    return switch (part) {
      case MORNING -> day.atTime(LocalTime.of(9, 0)).atZone(zone).toInstant();
      case AFTERNOON -> day.atTime(LocalTime.of(15, 0)).atZone(zone).toInstant();
      case EVENING -> day.atTime(LocalTime.of(20, 0)).atZone(zone).toInstant();
      // A night belongs to the day on which it began; its pieces come off in the morning.
      case NIGHT -> day.plusDays(1).atTime(LocalTime.of(5, 30)).atZone(zone).toInstant();
    };
  }

  /**
   * Returns whether a piece that came in at a moment is one that a habit spoke of for a day. What a
   * night brought is often logged in the first hours of the morning.
   */
  public static boolean speaksOf(Habit habit, LocalDate day, ZonedDateTime cameIn) {
    DayPart part = DayPart.of(cameIn);
    LocalDate of = DayPart.dayOf(cameIn);
    boolean firstThing = part == DayPart.MORNING && cameIn.getHour() < FIRST_THING_UNTIL;
    return part == habit.part() && of.equals(day)
        || habit.part() == DayPart.NIGHT && firstThing && of.equals(day.plusDays(1));
  }

  /**
   * Returns everything that came in after {@code since} and not after {@code now} on normal days,
   * oldest first.
   *
   * @param habits the lines of everyone
   * @param spells what is different for a while
   * @param since from when on, exclusive; at most {@link #LONGEST_BACK_DAYS} back
   * @param now until when
   * @param zone where the household lives: days and their parts are local
   */
  public static List<Assumed> between(
      List<Habit> habits, List<Spell> spells, Instant since, Instant now, ZoneId zone) {
    LocalDate today = now.atZone(zone).toLocalDate();
    List<Assumed> assumed = new ArrayList<>();
    for (int back = LONGEST_BACK_DAYS; back >= 0; back--) {
      LocalDate day = today.minusDays(back);
      for (Habit habit : habits) {
        Instant at = at(day, habit.part(), zone);
        int count = Spell.count(habit, day, spells);
        if (count > 0 && at.isAfter(since) && !at.isAfter(now)) {
          assumed.add(new Assumed(habit, day, count, at));
        }
      }
    }
    assumed.sort(Comparator.comparing(Assumed::at).thenComparing(a -> a.habit().id()));
    return assumed;
  }
}
