package org.nestrinse.core.shelf;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.units.Numbers;
import org.nestrinse.core.why.Why;

/**
 * The bundles that clean parts make. A night bundle is a night fitted, a booster and a cover; a day
 * bundle is a shell, a main insert and a booster; without a booster it is a short one.
 *
 * @param night night bundles
 * @param nightShort night bundles without booster
 * @param day full day bundles
 * @param dayShort day bundles without booster
 * @param nightLimit the part that runs short for the night, null when there is none left of any
 * @param dayLimit the part that runs short for the day
 */
public record Bundles(
    int night,
    int nightShort,
    int day,
    int dayShort,
    @Nullable Role nightLimit,
    @Nullable Role dayLimit) {

  /**
   * Returns the bundles that these clean pieces make; nights take their boosters first, since they
   * must hold longest.
   */
  public static Bundles of(Map<Role, Integer> clean) {
    int fitted = clean.getOrDefault(Role.NIGHT_FITTED, 0);
    int covers = clean.getOrDefault(Role.COVER, 0);
    int shells = clean.getOrDefault(Role.SHELL, 0);
    int inserts = clean.getOrDefault(Role.INSERT, 0);
    int boosters = clean.getOrDefault(Role.BOOSTER, 0);
    int nights = Math.min(fitted, covers);
    int fullNights = Math.min(nights, boosters);
    int days = Math.min(shells, inserts);
    int fullDays = Math.min(days, boosters - fullNights);
    return new Bundles(
        fullNights,
        nights - fullNights,
        fullDays,
        days - fullDays,
        scarcer(fitted, Role.NIGHT_FITTED, covers, Role.COVER),
        scarcer(shells, Role.SHELL, inserts, Role.INSERT));
  }

  private static @Nullable Role scarcer(int one, Role first, int other, Role second) {
    if (one == other) {
      return null;
    }
    return one < other ? first : second;
  }

  /** Returns all day bundles, short ones too. */
  public int days() {
    return day + dayShort;
  }

  /** Returns all night bundles, short ones too. */
  public int nights() {
    return night + nightShort;
  }

  /** Returns the reason of the number of day bundles. */
  public Why whyDay(Map<Role, Integer> clean) {
    return Why.of(
            Numbers.count(days(), "day bundle"),
            "A day bundle is a shell, a main insert and a booster. The part that there is least of decides; without a"
                + " booster it is a short one.")
        .line("shells", clean.getOrDefault(Role.SHELL, 0).toString())
        .line("main inserts", clean.getOrDefault(Role.INSERT, 0).toString())
        .line(
            "boosters left by the nights",
            String.valueOf(clean.getOrDefault(Role.BOOSTER, 0) - night))
        .line("full", String.valueOf(day))
        .line("short", String.valueOf(dayShort))
        .total("day bundles", String.valueOf(days()))
        .source("Counted from what is clean now.");
  }

  /** Returns the reason of the number of night bundles. */
  public Why whyNight(Map<Role, Integer> clean) {
    return Why.of(
            Numbers.count(nights(), "night bundle"),
            "A night bundle is a night fitted with a booster, and a cover over it. Nights take their boosters first.")
        .line("night fitted", clean.getOrDefault(Role.NIGHT_FITTED, 0).toString())
        .line("covers", clean.getOrDefault(Role.COVER, 0).toString())
        .line("boosters", clean.getOrDefault(Role.BOOSTER, 0).toString())
        .total("night bundles", String.valueOf(nights()))
        .source("Counted from what is clean now.");
  }
}
