package org.nestrinse.core.bath;

/**
 * House targets for the residue of detergent, for comparing routines. They are not medical limits.
 *
 * @see "docs/models.md, section 4"
 */
public enum ResidueTarget {
  GENTLE("gentle", 150),
  ABSORBENT("absorbent", 300),
  ORDINARY("ordinary", 600);

  private final String words;
  private final double mgKg;

  ResidueTarget(String words, double mgKg) {
    this.words = words;
    this.mgKg = mgKg;
  }

  /** Returns the name of the target. */
  public String words() {
    return words;
  }

  /** Returns the target [mg per kg of dry textile]. */
  public double mgKg() {
    return mgKg;
  }
}
