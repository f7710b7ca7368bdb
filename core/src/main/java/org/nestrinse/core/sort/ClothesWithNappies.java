package org.nestrinse.core.sort;

import java.util.Arrays;

/**
 * How a household answers whether clothes and whites may join nappies for the main wash.
 *
 * @see "docs/models.md, sorting"
 */
public enum ClothesWithNappies {
  /** Only in a main wash of 60 °C or more. */
  FROM_60("together"),
  /** Cooler too, on purpose, after a thorough first wash. A newborn's things still wait for 60. */
  AT_40("40"),
  /** Never, however hot. */
  ALONE("alone");

  private final String position;

  ClothesWithNappies(String position) {
    this.position = position;
  }

  /** Returns the short name of the position that this is, where people disagree. */
  public String position() {
    return position;
  }

  /** Returns the answer with the short name of this position, which must be one of the three. */
  public static ClothesWithNappies of(String position) {
    return Arrays.stream(values())
        .filter(answer -> answer.position.equals(position))
        .findFirst()
        .orElseThrow();
  }
}
