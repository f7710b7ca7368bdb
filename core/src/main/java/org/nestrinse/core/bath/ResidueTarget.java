package org.nestrinse.core.bath;

import org.nestrinse.core.said.Saying;

/**
 * House targets for the residue of detergent, for comparing routines. They are not medical limits.
 *
 * @see "docs/models.md, section 4"
 */
public enum ResidueTarget implements Saying {
  GENTLE(150),
  ABSORBENT(300),
  ORDINARY(600);

  private final double mgKg;

  ResidueTarget(double mgKg) {
    this.mgKg = mgKg;
  }

  /** Returns the target [mg per kg of dry textile]. */
  public double mgKg() {
    return mgKg;
  }
}
