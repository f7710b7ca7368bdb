package org.nestrinse.core.dose;

import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Unit;

/** Small amounts in the spoons that people have in their hand. */
public final class Spoons {
  /** Teaspoons in a tablespoon. */
  private static final double PER_TABLESPOON = 3;

  /** Smallest number of teaspoons given as tablespoons. */
  private static final double MANY_TEASPOONS = 6;

  private static final double MANY_TABLESPOONS = 12;
  private static final double TEASPOON_ML = 5;
  private static final double QUARTERS = 4;
  private static final int QUARTER_DIGITS = 2;

  private Spoons() {}

  /**
   * Returns an amount in spoons as a person says it: teaspoons up to 6, then tablespoons, and above
   * 12 tablespoons millilitres.
   *
   * @param teaspoons in quarters
   */
  public static Quantity of(double teaspoons) {
    if (teaspoons < MANY_TEASPOONS) {
      return new Quantity(teaspoons, Unit.TEASPOON, QUARTER_DIGITS);
    }
    double tablespoons = Math.round(teaspoons / PER_TABLESPOON * QUARTERS) / QUARTERS;
    return tablespoons <= MANY_TABLESPOONS
        ? new Quantity(tablespoons, Unit.TABLESPOON, QUARTER_DIGITS)
        : Quantity.of(teaspoons * TEASPOON_ML, Unit.MILLILITRE);
  }
}
