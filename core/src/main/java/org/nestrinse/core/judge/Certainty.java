package org.nestrinse.core.judge;

/**
 * How sure a judgement is, by its probability.
 *
 * @see "docs/models.md, section 12"
 */
public enum Certainty {
  NOT_ENOUGH,
  PERHAPS,
  PROBABLY,
  VERY_LIKELY;

  private static final double PERHAPS_FROM = 0.4;
  private static final double PROBABLY_FROM = 0.6;
  private static final double VERY_LIKELY_FROM = 0.8;

  /** Returns how sure a probability is, 0 to 1. */
  public static Certainty of(double probability) {
    if (probability < PERHAPS_FROM) {
      return NOT_ENOUGH;
    }
    if (probability <= PROBABLY_FROM) {
      return PERHAPS;
    }
    return probability <= VERY_LIKELY_FROM ? PROBABLY : VERY_LIKELY;
  }
}
