package org.nestrinse.core.gather;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.nestrinse.core.said.Said;

/**
 * When the next wash is due, and what makes it so: the earliest of a clock, a full pail, and
 * something running out on the shelf.
 *
 * @param cause what comes first
 * @param at when
 * @param what the pieces, the pail or the need
 */
public record NextWash(Cause cause, Instant at, Said what) {
  /** From pail to shelf a household needs about so long: a wash, a day on the line. */
  public static final Duration PAIL_TO_SHELF = Duration.ofHours(24);

  /** What makes a wash due. */
  public enum Cause {
    CLOCK,
    CAPACITY,
    SHELF
  }

  /**
   * Returns when a pail is full: now when it is, never when nothing is known about its days.
   *
   * @param litres what is in it [L]
   * @param capacityL what it holds [L]
   * @param litresPerDay what a normal day brings [L], 0 when unknown
   */
  public static Optional<Instant> full(
      double litres, double capacityL, double litresPerDay, Instant now) {
    if (litres >= capacityL) {
      return Optional.of(now);
    }
    if (litresPerDay <= 0) {
      return Optional.empty();
    }
    double days = (capacityL - litres) / litresPerDay;
    return Optional.of(now.plus(Duration.ofMinutes(Math.round(days * 24 * 60))));
  }

  /** Returns the latest start of a wash, so that pieces are back before the shelf is empty. */
  public static Instant beforeShelfIsEmpty(Instant emptyAt) {
    return emptyAt.minus(PAIL_TO_SHELF);
  }

  /** Returns the earliest; at the same moment, clock before capacity before shelf. */
  public static Optional<NextWash> earliest(List<NextWash> candidates) {
    return candidates.stream()
        .min(Comparator.comparing(NextWash::at).thenComparing(NextWash::cause));
  }
}
