package org.nestrinse.core.kit;

/**
 * How full a drum should be in the main wash, as shares of its volume.
 *
 * @param least below this the pieces do not rub each other at all
 * @param from the good window begins here
 * @param to and ends here
 * @param most a fuller drum does not wash
 * @see "docs/models.md, section 2"
 */
public record FillWindow(double least, double from, double to, double most) {
  /**
   * Returns how far a fill lies outside the good window, 0 inside; a fill below the least counts
   * double.
   */
  public double misfit(double fill) {
    if (fill < least) {
      return (from - least) + 2 * (least - fill);
    }
    return Math.max(0, Math.max(from - fill, fill - to));
  }
}
