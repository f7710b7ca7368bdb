package org.nestrinse.core.shelf;

import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Range;

/**
 * How many pieces a rhythm needs: uses between two washes come by chance, so stock must cover a
 * rare run of them.
 *
 * @param pieces the stock that is enough with the wanted certainty
 * @param expectedUses uses to expect from one wash until its pieces are back
 * @see "docs/models.md, section 10; the quantile of a Poisson distribution"
 */
public record StockNeed(int pieces, double expectedUses) {
  /** Uses of a day. */
  public static final Range USES_PER_DAY = new Range(0, 100, Unit.A_DAY);

  /** Days between washes. */
  public static final Range EVERY_DAYS = new Range(0.25, 30, Unit.DAY);

  /** Days from the pail back to the shelf. */
  public static final Range PAIL_TO_SHELF_DAYS = new Range(0, 14, Unit.DAY);

  /** How certain it should be. */
  public static final Range SERVICE_LEVEL = new Range(0.5, 0.9999);

  /**
   * Returns the stock for a rhythm.
   *
   * @param usesPerDay uses of a day
   * @param everyDays days between washes
   * @param pailToShelfDays days for wash and drying
   * @param serviceLevel how certain it should be that it is enough
   */
  public static StockNeed of(
      double usesPerDay, double everyDays, double pailToShelfDays, double serviceLevel) {
    USES_PER_DAY.check("usesPerDay", usesPerDay);
    EVERY_DAYS.check("washEveryDays", everyDays);
    PAIL_TO_SHELF_DAYS.check("pailToShelfDays", pailToShelfDays);
    SERVICE_LEVEL.check("serviceLevel", serviceLevel);
    double expected = usesPerDay * (everyDays + pailToShelfDays);
    return new StockNeed(quantile(expected, serviceLevel), expected);
  }

  /** Returns the smallest count that is not exceeded with this probability. */
  static int quantile(double mean, double probability) {
    // Logarithms, since e^-mean alone is nothing for a mean in the hundreds.
    double logTerm = -mean;
    double sum = Math.exp(logTerm);
    int count = 0;
    while (sum < probability) {
      count++;
      logTerm += Math.log(mean) - Math.log(count);
      sum += Math.exp(logTerm);
    }
    return count;
  }
}
