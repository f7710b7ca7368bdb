package org.nestrinse.core.kit;

import org.nestrinse.core.said.Saying;

/**
 * What tells how hard the tap water is when nobody knows the figure. A strip with four fields turns
 * them at about 3, 7, 14 and 21 German degrees; the middle between two is taken. What a kettle
 * shows is a house figure.
 */
public enum HardnessSign implements Saying {
  STRIP_NO_FIELD(0.4),
  STRIP_ONE_FIELD(0.9),
  STRIP_TWO_FIELDS(1.9),
  STRIP_THREE_FIELDS(3.1),
  STRIP_FOUR_FIELDS(4.3),
  KETTLE_STAYS_CLEAN(0.9),
  KETTLE_FILM_AFTER_WEEKS(2.0),
  KETTLE_CRUST_WITHIN_DAYS(3.3);

  private final double mmolL;

  HardnessSign(double mmolL) {
    this.mmolL = mmolL;
  }

  /** Returns the hardness to plan with [mmol/L]. */
  public double mmolL() {
    return mmolL;
  }

  /** Returns whether a strip says so, and not a kettle. */
  public boolean strip() {
    return ordinal() <= STRIP_FOUR_FIELDS.ordinal();
  }
}
