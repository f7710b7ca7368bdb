package org.nestrinse.core.sort;

/**
 * What a sorting costs, compared part by part in this order: machine runs, with broken soft rules
 * and what waits weighed against them; how far the main washes lie from their fill window; how near
 * to their limit the pieces are that wait; how many degrees are missing from what hygiene would
 * like.
 *
 * @param runs {@link #RUN} a run, {@link #THIN} more for one that stays thin, the cost of each soft
 *     rule that a run breaks, and {@link #RUN} for each least drumful that waits: a run is worth
 *     while for half a drum
 * @param misfit sum of {@link org.nestrinse.core.kit.FillWindow#misfit}, in thousandths
 * @param clocks pieces that wait times the hours they have waited
 * @param coolness pieces times degrees below the main wash that they would like
 */
record SortCost(long runs, long misfit, long clocks, long coolness)
    implements Comparable<SortCost> {
  /** One machine run. */
  static final int RUN = 100;

  /** What a run weighs more when even with bulk it stays below half. */
  static final int THIN = 50;

  @Override
  public int compareTo(SortCost other) {
    if (runs != other.runs) {
      return Long.compare(runs, other.runs);
    }
    if (misfit != other.misfit) {
      return Long.compare(misfit, other.misfit);
    }
    return clocks != other.clocks
        ? Long.compare(clocks, other.clocks)
        : Long.compare(coolness, other.coolness);
  }
}
