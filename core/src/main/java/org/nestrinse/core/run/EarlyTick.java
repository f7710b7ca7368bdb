package org.nestrinse.core.run;

import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;

/**
 * A machine's step that is ticked off far sooner than it can take: somebody is asked about it, and
 * until somebody says that it ran, the figures of its round are marked as not run.
 *
 * @see "docs/models.md, running"
 */
public final class EarlyTick {
  /** Sooner than this share of its minutes a step cannot be over. */
  private static final double LEAST_SHARE = 0.5;

  /** Shorter steps are never asked about [min]. */
  private static final double SHORT_MINUTES = 10;

  private EarlyTick() {}

  /**
   * Returns whether a step was ticked off too soon.
   *
   * @param minutes what it takes by its programme [min]
   * @param took how long it really took [min]
   */
  public static boolean tooSoon(double minutes, double took) {
    return minutes >= SHORT_MINUTES && took < LEAST_SHARE * minutes;
  }

  /** Returns it in a sentence. */
  public static Said of(Said step, double minutes, double took) {
    return Said.of(RunSaying.TOO_SOON)
        .with("step", step)
        .with("took", Quantity.of(took, Unit.DURATION))
        .with("minutes", Quantity.of(minutes, Unit.DURATION));
  }
}
