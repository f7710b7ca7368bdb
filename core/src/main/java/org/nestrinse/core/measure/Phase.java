package org.nestrinse.core.measure;

/**
 * A part of a run as a log shows it.
 *
 * @param sort what happens in it
 * @param fromMinute when it begins
 * @param toMinute when it ends
 */
public record Phase(Sort sort, double fromMinute, double toMinute) {
  /** What happens. */
  public enum Sort {
    FILLING("fills"),
    HEATING("heats"),
    HOLDING("holds"),
    WASHING("moves, no heat"),
    COOLING("cools and rinses"),
    SPINNING("spins");

    private final String words;

    Sort(String words) {
      this.words = words;
    }

    /** Returns the name a person uses. */
    public String words() {
      return words;
    }
  }

  /** Returns how long it lasts [min]. */
  public double minutes() {
    return toMinute - fromMinute;
  }
}
