package org.nestrinse.core.run;

import org.nestrinse.core.units.Numbers;

/**
 * How long a washed load may lie in the closed drum. Mould needs hours; the warning comes well
 * before.
 *
 * @param lyingMinutes how long it has lain since the last run ended [min]
 * @see "docs/models.md, unload clock"
 */
public record UnloadClock(double lyingMinutes) {
  /** Minutes after which the reminder appears. */
  public static final int WARN_MINUTES = 45;

  /** Minutes after which the load should be rinsed again. */
  public static final int SOUR_MINUTES = 240;

  /** What the clock says. */
  public enum State {
    FRESH,
    SOON,
    SOUR
  }

  /** Returns what the clock says. */
  public State state() {
    if (lyingMinutes >= SOUR_MINUTES) {
      return State.SOUR;
    }
    return lyingMinutes >= WARN_MINUTES ? State.SOON : State.FRESH;
  }

  /** Returns it in a sentence. */
  public String words() {
    return switch (state()) {
      case FRESH ->
          "Out of the drum within %s."
              .formatted(Numbers.duration(Math.max(1, WARN_MINUTES - lyingMinutes)));
      case SOON ->
          "It has lain wet for %s. Take it out now; mould begins after a few hours."
              .formatted(Numbers.duration(lyingMinutes));
      case SOUR ->
          "It has lain wet for %s. Sniff it, and rinse once more before it hangs."
              .formatted(Numbers.duration(lyingMinutes));
    };
  }
}
