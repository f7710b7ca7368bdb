package org.nestrinse.core.units;

import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;

/**
 * A closed range of a quantity.
 *
 * @param min the smallest value allowed, in {@code unit}
 * @param max the largest value allowed, in {@code unit}
 * @param unit of both, {@link Unit#NONE} for a pure number
 */
public record Range(double min, double max, Unit unit) {
  private static final int DIGITS = 6;

  /** Makes a range of pure numbers. */
  public Range(double min, double max) {
    this(min, max, Unit.NONE);
  }

  /**
   * Returns {@code value} when it is a finite number in this range; throws {@link OutOfRange}
   * otherwise.
   */
  public double check(String field, double value) {
    if (!Double.isFinite(value) || value < min || value > max) {
      throw new OutOfRange(field, value, allowed());
    }
    return value;
  }

  /** Returns {@code value} when it is in this range; throws {@link OutOfRange} otherwise. */
  public int check(String field, int value) {
    if (value < min || value > max) {
      throw new OutOfRange(field, value, allowed());
    }
    return value;
  }

  /** Returns the range in words, such as "between 0.001 and 50 kg". */
  public Said allowed() {
    return Said.of(Allowed.RANGE)
        .with("from", new Quantity(min, unit, DIGITS))
        .with("to", new Quantity(max, unit, DIGITS));
  }

  /** Returns {@code value} moved to the nearest end of the range when it lies outside. */
  public double clamp(double value) {
    return Math.max(min, Math.min(max, value));
  }
}
