package org.nestrinse.core.reset;

import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.judge.Seen;

/**
 * The resets of a kind until now.
 *
 * @param starts when each began, the latest first
 * @param now the moment
 */
public record ResetHistory(List<Instant> starts, Instant now) {
  /** What was seen longer ago than this does not ask for a reset. */
  public static final Duration LOOKED_BACK = Duration.ofDays(28);

  private static final Duration YEAR = Duration.ofDays(365);

  public ResetHistory {
    starts = List.copyOf(starts);
  }

  /** Returns when the last one began, or null when there was none. */
  public @Nullable Instant last() {
    return starts.isEmpty() ? null : starts.get(0);
  }

  /** Returns how many there were within a year. */
  public int inYear() {
    return (int) starts.stream().filter(s -> s.isAfter(now.minus(YEAR))).count();
  }

  /** Returns the days since the last one, or null when there was none. */
  public @Nullable Integer daysSince() {
    Instant last = last();
    return last == null ? null : Integer.valueOf((int) Duration.between(last, now).toDays());
  }

  /** Returns what was seen lately; what was seen before the last reset is settled by it. */
  public List<Seen> unsettled(Collection<Seen> seen) {
    Instant from = now.minus(LOOKED_BACK);
    Instant last = last();
    Instant since = last != null && last.isAfter(from) ? last : from;
    return seen.stream().filter(s -> !s.at().isBefore(since)).toList();
  }
}
