package org.nestrinse.core.dry;

import java.time.Duration;
import java.time.Instant;

/**
 * When something should be dry, to the half hour: an estimate is never more exact than a quarter of
 * the time that it spans, and touch checks narrow it.
 *
 * @param from the earliest that is likely
 * @param to the latest that is likely
 * @see "docs/models.md, section 8"
 */
public record DrySpan(Instant from, Instant to) {
  private static final long HALF_HOUR_S = 1800;
  private static final double EARLY = 0.10;
  private static final double LATE = 0.20;
  private static final double CHECKED = 0.5;

  /** In a dryer an estimate is closer [share of its time]. */
  private static final double IN_DRYER = 0.1;

  /**
   * Returns the span around an estimate.
   *
   * @param since when it was hung or put in
   * @param dryBy the estimate
   * @param checked whether touch checks have taught the place
   */
  public static DrySpan of(Instant since, Instant dryBy, boolean checked) {
    double seconds = Math.max(0, Duration.between(since, dryBy).toSeconds());
    double share = checked ? CHECKED : 1;
    return rounded(dryBy, seconds * EARLY * share, seconds * LATE * share);
  }

  /** Returns the span of a run in the dryer. */
  public static DrySpan tumbled(Instant since, Instant end) {
    double seconds = Math.max(0, Duration.between(since, end).toSeconds());
    return rounded(end, 0, seconds * IN_DRYER);
  }

  private static DrySpan rounded(Instant at, double early, double late) {
    long from = (long) Math.floor((at.getEpochSecond() - early) / HALF_HOUR_S) * HALF_HOUR_S;
    long to = (long) Math.ceil((at.getEpochSecond() + late) / HALF_HOUR_S) * HALF_HOUR_S;
    return new DrySpan(Instant.ofEpochSecond(from), Instant.ofEpochSecond(to));
  }
}
