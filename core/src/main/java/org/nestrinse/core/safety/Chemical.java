package org.nestrinse.core.safety;

import org.nestrinse.core.said.Saying;

/**
 * Chemical classes of what can be in a bath, as far as they decide what may not meet.
 *
 * @see "docs/models.md, products that must not meet"
 */
public enum Chemical implements Saying {
  CHLORINE,
  /** Vinegar, citric acid. */
  ACID,
  /** Oxygen whitener. */
  PEROXIDE,
  /** Washing soda, most powders. */
  ALKALI,
  /** Detergents. */
  ANIONIC,
  /** Softener, many sanitising rinses. */
  CATIONIC,
  /** Unrinsed urine counts. */
  AMMONIA,
  ENZYME,
  /** Pine and disinfectant cleaners. */
  PHENOLIC,
  BORATE,
  /** On the textile. */
  OIL_SOLVENT,
  /** A cleaner of which nothing is known. */
  UNKNOWN;
}
