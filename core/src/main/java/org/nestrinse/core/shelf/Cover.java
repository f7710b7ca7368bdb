package org.nestrinse.core.shelf;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;

/**
 * Until when clean stock covers a normal day's use.
 *
 * @param need what is used
 * @param stock how many are clean
 * @param perDay how many a normal day uses
 * @param until when the next one would be missing
 */
public record Cover(Saying need, int stock, int perDay, ZonedDateTime until) {
  private static final int MINUTES_PER_HOUR = 60;
  private static final int MOST_PER_DAY = 100;
  private static final Duration WORTH_IT = Duration.ofHours(12);

  /**
   * One thing that is used every day.
   *
   * @param name what it is called
   * @param stock how many are clean
   * @param perDay uses on a normal day, 1 to 100
   * @param fromHour uses are spread evenly from this hour of the day …
   * @param toHour … to this one, 1 to 24
   */
  public record Need(Saying name, int stock, int perDay, int fromHour, int toHour) {
    public Need {
      if (perDay < 1 || perDay > MOST_PER_DAY) {
        throw new OutOfRange("perDay", perDay, new Range(1, MOST_PER_DAY).allowed());
      }
      if (fromHour < 0 || toHour > 24 || fromHour >= toHour) {
        throw new OutOfRange(
            "fromHour",
            Said.of(StockSaying.HOURS).with("from", fromHour).with("to", toHour),
            StockSaying.HOURS_OF_ONE_DAY);
      }
    }
  }

  /**
   * Pieces that come back by themselves.
   *
   * @param at when
   * @param count how many
   */
  public record Arrival(ZonedDateTime at, int count) {}

  /** Returns until when the stock of one need lasts from {@code now} on. */
  public static Cover of(Need need, ZonedDateTime now) {
    return of(need, now, List.of());
  }

  /**
   * Returns until when the stock of one need lasts, with what comes back meanwhile.
   *
   * @param arrivals what hangs and washes
   */
  public static Cover of(Need need, ZonedDateTime now, List<Arrival> arrivals) {
    int stock = Math.max(0, need.stock);
    int used = 0;
    for (LocalDate day = now.toLocalDate(); ; day = day.plusDays(1)) {
      for (int i = 0; i < need.perDay; i++) {
        ZonedDateTime use = day.atTime(useTime(need, i)).atZone(now.getZone());
        if (use.isBefore(now)) {
          continue;
        }
        int there =
            stock
                + arrivals.stream().filter(a -> !a.at.isAfter(use)).mapToInt(Arrival::count).sum();
        if (used >= there) {
          return new Cover(need.name, need.stock, need.perDay, use);
        }
        used++;
      }
    }
  }

  /**
   * Something that can be done about a shortage.
   *
   * @param words what
   * @param ready when it helps
   * @param count how many pieces or bundles it gives
   * @param cost what it costs
   * @param arrivals all that then comes back, with what comes back by itself
   */
  public record Remedy(
      Said words, ZonedDateTime ready, int count, double cost, List<Arrival> arrivals) {
    public Remedy {
      arrivals = List.copyOf(arrivals);
    }
  }

  /** Returns how many nights are to spare for days: what is clean beyond the coming night. */
  public static int nightsToSpare(Need nights) {
    return Math.max(0, nights.stock - nights.perDay);
  }

  /**
   * Returns the cheapest of some remedies that put the shortage off by half a day at least, or,
   * when none does, of those that put it off at all; nothing when none helps.
   */
  public static Optional<Remedy> cheapest(
      Need need, ZonedDateTime now, List<Arrival> arrivals, List<Remedy> remedies) {
    ZonedDateTime until = of(need, now, arrivals).until;
    Comparator<Remedy> cheap =
        Comparator.comparing(Remedy::cost)
            .thenComparing(r -> of(need, now, r.arrivals).until, Comparator.reverseOrder());
    List<Remedy> help =
        remedies.stream()
            .filter(r -> r.count > 0 && of(need, now, r.arrivals).until.isAfter(until))
            .sorted(cheap)
            .toList();
    return help.stream()
        .filter(r -> !of(need, now, r.arrivals).until.isBefore(until.plus(WORTH_IT)))
        .findFirst()
        .or(() -> help.stream().findFirst());
  }

  /** Returns the need that runs out first, or nothing when nothing is used. */
  public static Optional<Cover> firstToRunOut(List<Cover> covers) {
    return covers.stream().min(Comparator.comparing(Cover::until));
  }

  private static LocalTime useTime(Need need, int index) {
    double share = (index + 0.5) / need.perDay;
    long minute =
        Math.round((need.fromHour + share * (need.toHour - need.fromHour)) * MINUTES_PER_HOUR);
    return LocalTime.MIDNIGHT.plusMinutes(minute);
  }
}
