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
  private static final double QUARTER = 0.25;
  private static final int QUARTER_DIGITS = 2;

  private Spoons() {}

  /**
   * Returns the steps in which an amount can be measured: quarters of the spoon that {@link #of}
   * names, and whole tablespoons above 12 of them [teaspoons].
   *
   * @param teaspoons the amount
   */
  public static double step(double teaspoons) {
    if (teaspoons < MANY_TEASPOONS) {
      return QUARTER;
    }
    return teaspoons <= MANY_TABLESPOONS * PER_TABLESPOON
        ? QUARTER * PER_TABLESPOON
        : PER_TABLESPOON;
  }

  /**
   * Returns the nearest amount that spoons can measure, never none [mL].
   *
   * @param ml the amount [mL], above 0
   */
  public static double nearestMl(double ml) {
    double step = step(ml / TEASPOON_ML) * TEASPOON_ML;
    return Math.max(1, Math.round(ml / step)) * step;
  }

  /**
   * Returns an amount in spoons as a person says it: teaspoons up to 6, then tablespoons, and above
   * 12 tablespoons what is poured, in millilitres or cups.
   *
   * @param teaspoons in steps of {@link #step}
   */
  public static Quantity of(double teaspoons) {
    if (teaspoons < MANY_TEASPOONS) {
      return new Quantity(teaspoons, Unit.TEASPOON, QUARTER_DIGITS);
    }
    double tablespoons = teaspoons / PER_TABLESPOON;
    return tablespoons <= MANY_TABLESPOONS
        ? new Quantity(tablespoons, Unit.TABLESPOON, QUARTER_DIGITS)
        : Quantity.of(teaspoons * TEASPOON_ML, Unit.POURED);
  }

  /** Returns millilitres in spoons, as {@link #of}. */
  public static Quantity ofMl(double ml) {
    return of(ml / TEASPOON_ML);
  }
}
