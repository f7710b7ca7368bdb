package org.nestrinse.core.said;

/**
 * A figure that is to be shown.
 *
 * @param amount in the unit
 * @param unit of it
 * @param digits decimals it is worth showing, at most 6
 */
public record Quantity(double amount, Unit unit, int digits) {
  private static final int MOST_DIGITS = 6;

  public Quantity {
    if (!Double.isFinite(amount) || digits < 0 || digits > MOST_DIGITS) {
      throw new IllegalArgumentException(amount + ":" + digits);
    }
  }

  /** Returns a figure without decimals. */
  public static Quantity of(double amount, Unit unit) {
    return new Quantity(amount, unit, 0);
  }

  /** Returns a share of one, shown in whole percent. */
  public static Quantity share(double share) {
    return of(share, Unit.SHARE);
  }

  /** Returns a temperature in whole degrees [°C]. */
  public static Quantity celsius(double celsius) {
    return of(celsius, Unit.CELSIUS);
  }
}
