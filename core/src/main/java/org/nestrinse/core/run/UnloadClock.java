package org.nestrinse.core.run;

import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;

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
  public Said said() {
    return switch (state()) {
      case FRESH ->
          Said.of(RunSaying.UNLOAD_WITHIN)
              .with("time", Quantity.of(Math.max(1, WARN_MINUTES - lyingMinutes), Unit.DURATION));
      case SOON ->
          Said.of(RunSaying.LIES_WET).with("time", Quantity.of(lyingMinutes, Unit.DURATION));
      case SOUR ->
          Said.of(RunSaying.LIES_SOUR).with("time", Quantity.of(lyingMinutes, Unit.DURATION));
    };
  }
}
