package org.nestrinse.core.sort;

/**
 * How a household answers whether clothes and whites may join nappies for the main wash.
 *
 * @see "docs/models.md, sorting"
 */
public enum ClothesWithNappies {
  /** Only in a main wash of 60 °C or more. */
  FROM_60,
  /** Cooler too, on purpose, after a thorough first wash. A newborn's things still wait for 60. */
  AT_40,
  /** Never, however hot. */
  ALONE
}
