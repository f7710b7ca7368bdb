package org.nestrinse.core.bath;

import org.nestrinse.core.said.Saying;

/**
 * How clean a load comes out, in four steps.
 *
 * @see "docs/models.md, section 6"
 */
public enum Cleanness implements Saying {
  CLEAN(0.03),
  NEARLY_CLEAN(0.08),
  TRACES(0.20),
  NOT_CLEAN(Double.POSITIVE_INFINITY);

  /** With more than this set by heat it is never better than traces. */
  public static final double SET_SHOWS = 0.04;

  private final double upTo;

  Cleanness(double upTo) {
    this.upTo = upTo;
  }

  /**
   * Returns the step.
   *
   * @param soilLeft share of the soil that is left, 0 to 1
   * @param setLeft of it set by heat
   */
  public static Cleanness of(double soilLeft, double setLeft) {
    Cleanness step = CLEAN;
    while (soilLeft > step.upTo) {
      step = values()[step.ordinal() + 1];
    }
    return setLeft > SET_SHOWS && step.ordinal() < TRACES.ordinal() ? TRACES : step;
  }
}
