package org.nestrinse.core.bath;

import org.nestrinse.core.said.Saying;

/**
 * A soil as the cleaning model sees it: how much of it comes loose by itself, how fast the rest
 * leaves the fibre, and whether heat sets it.
 *
 * @see "docs/models.md, section 6"
 */
public enum SoilType implements Saying {
  URINE(new Rates(0.90, 0.100, 1.20, 0.60, 1.0, 0.05, 0)),
  MILK(new Rates(0.40, 0.060, 1.25, 0.30, 1.5, 0.10, 0.010)),
  STOOL(new Rates(0.50, 0.060, 1.35, 0.30, 1.5, 0.15, 0.004)),
  VOMIT(new Rates(0.50, 0.060, 1.30, 0.30, 1.4, 0.15, 0.008)),
  BLOOD(new Rates(0.50, 0.055, 1.15, 0.35, 1.6, 0.15, 0.020)),
  FOOD(new Rates(0.30, 0.055, 1.35, 0.30, 1.3, 0.20, 0.006)),
  GREASE(new Rates(0.02, 0.035, 1.60, 0.05, 1.2, 0.30, 0)),
  DIRT(new Rates(0.30, 0.070, 1.25, 0.30, 1.0, 0.10, 0)),
  /** What germs sit on; it tells how many are washed away. */
  GERMS(new Rates(0.60, 0.060, 1.30, 0.30, 1.0, 0.05, 0));

  private final Rates rates;

  SoilType(Rates rates) {
    this.rates = rates;
  }

  /**
   * The figures of one soil.
   *
   * @param loose share that is loose in the water at once
   * @param perMinuteAt40 speed at 40 °C with full detergent [1/min]
   * @param per10K how much faster 10 K more make it
   * @param withoutDetergent speed without detergent, as a share
   * @param enzymes how much faster enzymes make it
   * @param hardShare share of what is bound that is hard to take off
   * @param setting share that sets each minute for 10 K above 50 °C [1/min]
   */
  record Rates(
      double loose,
      double perMinuteAt40,
      double per10K,
      double withoutDetergent,
      double enzymes,
      double hardShare,
      double setting) {}

  Rates rates() {
    return rates;
  }

  /** Returns whether heat above 50 °C sets it: protein. */
  public boolean sets() {
    return rates.setting > 0;
  }

  /** Returns whether it leaves a colour that whitener and sun pale. */
  public boolean stains() {
    return this == STOOL || this == FOOD || this == BLOOD || this == MILK;
  }

  /** Returns whether it carries the enzyme that destroys oxygen whitener: blood and the like. */
  public boolean eatsOxygen() {
    return this == STOOL || this == BLOOD || this == VOMIT || this == MILK;
  }
}
