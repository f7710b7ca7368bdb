package org.nestrinse.core.bath;

/**
 * What is dissolved around a load, as a concentration, and how baths change it. Every dissolved
 * product follows this, from bath to bath, which is what rinsing, carry-over and the check of
 * products that must not meet all rest on.
 *
 * @param gramsPerL concentration in the water on and around the textile [g/L]
 * @see "docs/models.md, section 4"
 */
public record Solution(double gramsPerL) {
  /** Share of the rinse water that mixes with what the textile holds. */
  public static final double MIXING = 0.9;

  /** From this concentration on, suds are visible [g/L]. */
  public static final double SUDS_G_L = 0.2;

  /** Nothing dissolved. */
  public static final Solution CLEAR = new Solution(0);

  /**
   * Returns the solution in a washing bath, fully mixed.
   *
   * @param carriedL water that the textile brought along [L]
   * @param carriedSorbedL water held on the fibre that was already wet [L]
   * @param doseG product added now [g]
   * @param liquorL the whole liquor [L]
   * @param sorbedL water held on the fibre of everything in the bath [L]
   */
  public Solution intoBath(
      double carriedL, double carriedSorbedL, double doseG, double liquorL, double sorbedL) {
    double dissolvedG = gramsPerL * (carriedL + carriedSorbedL) + doseG;
    return new Solution(dissolvedG / (liquorL + sorbedL));
  }

  /**
   * Returns the solution after one rinse.
   *
   * @param retainedL water kept by the textile after the spin before it, R [L]
   * @param sorbedL water held on the fibre, K [L]
   * @param freshL fresh water of the rinse [L]
   */
  public Solution rinsed(double retainedL, double sorbedL, double freshL) {
    double held = retainedL + sorbedL;
    return new Solution(gramsPerL * held / (held + MIXING * freshL));
  }

  /** Returns what would dry on the textile after the last spin [mg per kg of dry textile]. */
  public double residueMgKg(double retainedL, double sorbedL, double massKg) {
    return 1000 * gramsPerL * (retainedL + sorbedL) / massKg;
  }

  /** Returns whether suds would be seen in this water. */
  public boolean sudsVisible() {
    return gramsPerL >= SUDS_G_L;
  }
}
