package org.nestrinse.core.household;

/**
 * What a normal day of somebody, or of a whole household, uses.
 *
 * @param dayBundles day bundles
 * @param nightBundles night bundles
 * @param bedPads bed pads
 * @param sanitaryPads sanitary pads
 * @param nursingPads pairs of nursing pads
 */
public record DailyUse(
    int dayBundles, int nightBundles, int bedPads, int sanitaryPads, int nursingPads) {
  /** A day on which nothing is used. */
  public static final DailyUse NOTHING = new DailyUse(0, 0, 0, 0, 0);

  /** Returns what both use together. */
  public DailyUse plus(DailyUse other) {
    return new DailyUse(
        dayBundles + other.dayBundles,
        nightBundles + other.nightBundles,
        bedPads + other.bedPads,
        sanitaryPads + other.sanitaryPads,
        nursingPads + other.nursingPads);
  }
}
