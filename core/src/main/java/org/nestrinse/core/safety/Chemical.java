package org.nestrinse.core.safety;

/**
 * Chemical classes of what can be in a bath, as far as they decide what may not meet.
 *
 * @see "docs/models.md, products that must not meet"
 */
public enum Chemical {
  CHLORINE("chlorine bleach"),
  /** Vinegar, citric acid. */
  ACID("acid"),
  /** Oxygen whitener. */
  PEROXIDE("oxygen whitener"),
  /** Washing soda, most powders. */
  ALKALI("alkali"),
  /** Detergents. */
  ANIONIC("detergent"),
  /** Softener, many sanitising rinses. */
  CATIONIC("softener or sanitising rinse"),
  /** Unrinsed urine counts. */
  AMMONIA("urine"),
  ENZYME("enzymes"),
  /** Pine and disinfectant cleaners. */
  PHENOLIC("phenolic cleaner"),
  BORATE("borate"),
  /** On the textile. */
  OIL_SOLVENT("oil or solvent"),
  /** A cleaner of which nothing is known. */
  UNKNOWN("unknown cleaner");

  private final String words;

  Chemical(String words) {
    this.words = words;
  }

  /** Returns the name a person uses. */
  public String words() {
    return words;
  }
}
