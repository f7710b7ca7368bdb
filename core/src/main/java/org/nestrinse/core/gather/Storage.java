package org.nestrinse.core.gather;

import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Range;

/**
 * How soiled pieces are kept, which decides how long they may wait.
 *
 * @param airy whether air gets in: a loose lid, an open bag
 * @param wetHours how long the household lets wet pieces wait [h], {@link #WET_HOURS}
 */
public record Storage(boolean airy, int wetHours) {
  /** What a household may choose for wet pieces: one to three days [h]. */
  public static final Range WET_HOURS = new Range(24, HoldingClock.LONGEST_WET_HOURS, Unit.HOUR);

  /** Dry and airy, two days. */
  public static final Storage USUAL = new Storage(true, 48);

  public Storage {
    WET_HOURS.check("wetHours", wetHours);
  }
}
