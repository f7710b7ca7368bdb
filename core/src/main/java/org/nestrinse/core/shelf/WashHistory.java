package org.nestrinse.core.shelf;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The washes of a household, as its week looks back on them.
 *
 * @param washes the newest first
 */
public record WashHistory(List<Wash> washes) {
  private static final double HOURS_PER_DAY = 24;

  public WashHistory {
    washes = List.copyOf(washes);
  }

  /**
   * One wash.
   *
   * @param startedAt when it began
   * @param pieces how many
   * @param peakC the hottest that it became [°C]
   */
  public record Wash(Instant startedAt, int pieces, double peakC) {
    private boolean cool() {
      return peakC < TextileLife.HOT_C;
    }
  }

  /** Returns how many pieces a day were washed until now; 0 when none were. */
  public double piecesPerDay(Instant now) {
    if (washes.isEmpty()) {
      return 0;
    }
    double days = days(washes.get(washes.size() - 1).startedAt, now);
    return washes.stream().mapToInt(Wash::pieces).sum() / Math.max(1, days);
  }

  /**
   * Returns what is due beside the rounds of a week.
   *
   * @param householdEveryDays days between household loads, 0 for none
   * @param maintained the machine's last maintenance wash, or null when nobody said
   */
  public WeekExtras.Due due(int householdEveryDays, @Nullable Instant maintained, Instant now) {
    int cool = (int) washes.stream().takeWhile(Wash::cool).count();
    double hotAgo =
        cool < washes.size() ? days(washes.get(cool).startedAt, now) : WeekExtras.HOT_EVERY_DAYS;
    double maintainedAgo = maintained == null ? WeekExtras.MAINTENANCE_DAYS : days(maintained, now);
    return new WeekExtras.Due(householdEveryDays, cool > 0, hotAgo, cool, maintainedAgo);
  }

  private static double days(Instant from, Instant to) {
    return Duration.between(from, to).toHours() / HOURS_PER_DAY;
  }
}
