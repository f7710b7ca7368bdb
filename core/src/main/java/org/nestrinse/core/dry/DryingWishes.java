package org.nestrinse.core.dry;

import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Range;

/**
 * How a household wants to dry: said once, and kept. What is never wanted is a limit, like a care
 * label; the rest is a preference, which counts after being dry in time and before money.
 *
 * @param tumbling what the dryer is for
 * @param outdoors whether anything may hang out of doors
 * @param afterDark whether anything is carried after dark
 * @param aim what counts most when everything is dry in time
 * @param tripsADay trips that are enough for a day, {@link #TRIPS}
 * @param sun how much strong sun covers and elastic get
 * @see "docs/models.md, section 8"
 */
public record DryingWishes(
    Tumbling tumbling, boolean outdoors, boolean afterDark, Aim aim, int tripsADay, SunLimit sun) {
  /** Trips a day that a household may want at most. */
  public static final Range TRIPS = new Range(1, 12, Unit.TRIP);

  private static final int FEW_TRIPS = 3;

  /** What an hour until dry counts, against money, in the household's currency. */
  static final double HOUR = 0.05;

  private static final double HOUR_WHEN_CHEAPEST = 0.005;

  /** Hours of drying that one trip is worth, normally and when few trips are wanted. */
  private static final double TRIP_H = 0.5;

  private static final double TRIP_WHEN_LEAST_CARRYING_H = 3;

  /** A household that has said nothing. */
  public static final DryingWishes NONE =
      new DryingWishes(Tumbling.AS_NEEDED, true, true, Aim.BALANCED, FEW_TRIPS);

  /** What the dryer is for. */
  public enum Tumbling {
    AS_NEEDED,
    /** Everything that absorbs and may be tumbled. */
    ABSORBENT,
    /** Only what has hung in the air before. */
    FINISH_ONLY,
    NEVER
  }

  /** What counts most. */
  public enum Aim {
    BALANCED,
    CHEAPEST,
    LEAST_CARRYING
  }

  /** Makes wishes of a household that limits the sun as is usual. */
  public DryingWishes(
      Tumbling tumbling, boolean outdoors, boolean afterDark, Aim aim, int tripsADay) {
    this(tumbling, outdoors, afterDark, aim, tripsADay, SunLimit.LIMITED);
  }

  public DryingWishes {
    TRIPS.check("tripsADay", tripsADay);
  }

  /** Returns what an hour until dry counts, in the household's currency. */
  public double hour() {
    return aim == Aim.CHEAPEST ? HOUR_WHEN_CHEAPEST : HOUR;
  }

  /** Returns what one trip counts, in the household's currency. */
  public double trip() {
    return HOUR * (aim == Aim.LEAST_CARRYING ? TRIP_WHEN_LEAST_CARRYING_H : TRIP_H);
  }
}
