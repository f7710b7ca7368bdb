package org.nestrinse.core.units;

/**
 * A closed range of a quantity.
 *
 * @param min the smallest value allowed, in {@code unit}
 * @param max the largest value allowed, in {@code unit}
 * @param unit the unit in words, empty for a pure number
 */
public record Range(double min, double max, String unit) {

  /**
   * Returns {@code value} when it is a finite number in this range; throws {@link OutOfRange}
   * otherwise.
   */
  public double check(String field, double value) {
    if (!Double.isFinite(value) || value < min || value > max) {
      throw new OutOfRange(field, value, describe());
    }
    return value;
  }

  /** Returns {@code value} when it is in this range; throws {@link OutOfRange} otherwise. */
  public int check(String field, int value) {
    if (value < min || value > max) {
      throw new OutOfRange(field, value, describe());
    }
    return value;
  }

  /** Returns the range in words, such as "0.001 to 50 kg". */
  public String describe() {
    return (Numbers.plain(min) + " to " + Numbers.plain(max) + " " + unit).trim();
  }

  /** Returns {@code value} moved to the nearest end of the range when it lies outside. */
  public double clamp(double value) {
    return Math.max(min, Math.min(max, value));
  }
}
