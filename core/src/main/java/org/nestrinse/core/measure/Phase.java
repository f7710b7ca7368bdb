package org.nestrinse.core.measure;

/**
 * A part of a run as a log shows it.
 *
 * @param sort what happens in it
 * @param fromMinute when it begins
 * @param toMinute when it ends
 */
public record Phase(Type sort, double fromMinute, double toMinute) {
  /** What happens. */
  public enum Type {
    FILLING,
    HEATING,
    HOLDING,
    /** Moves without heat. */
    WASHING,
    /** Cools and rinses. */
    COOLING,
    SPINNING
  }

  /** Returns how long it lasts [min]. */
  public double minutes() {
    return toMinute - fromMinute;
  }
}
