package org.nestrinse.core.judge;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.EnumMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.shelf.TextileLife;

/**
 * What the household's own record says about the rounds that are judged. What is not known is null
 * and counts for nothing.
 *
 * @param hardnessMmolL hardness of the water [mmol/L]
 * @param doseShare detergent put in, over what the label asks for this water and mass
 * @param residueShare residue by the estimate, over its target
 * @param fill of the drum in the main wash, 1 is full
 * @param peakC hottest that the baths became [°C]
 * @param shortC how far a measured programme stays below what it is called [K]
 * @param holdingHours the longest that a piece waited [h]
 * @param coats whether a product went in that coats fibre
 * @param hotDryer whether it was tumbled hotter than its limit
 * @param washes that a piece has had
 * @param lifeShare of its life that is used, 0 to 1
 * @see "docs/models.md, causes"
 */
@RecordBuilder
public record HouseFacts(
    @Nullable Double hardnessMmolL,
    @Nullable Double doseShare,
    @Nullable Double residueShare,
    @Nullable Double fill,
    @Nullable Double peakC,
    @Nullable Double shortC,
    @Nullable Double holdingHours,
    @Nullable Boolean coats,
    @Nullable Boolean hotDryer,
    @Nullable Double washes,
    @Nullable Double lifeShare) {
  /** Nothing is known. */
  public static final HouseFacts NONE =
      HouseFactsBuilder.builder()
          .hardnessMmolL(null)
          .doseShare(null)
          .residueShare(null)
          .fill(null)
          .peakC(null)
          .shortC(null)
          .holdingHours(null)
          .coats(null)
          .hotDryer(null)
          .washes(null)
          .lifeShare(null)
          .build();

  private static final double SOFT_MMOL_L = 1.5;
  private static final double HARD_MMOL_L = 2.5;
  private static final double LOW_DOSE = 0.8;
  private static final double HIGH_DOSE = 1.25;
  private static final double THIN = 0.5;
  private static final double STUFFED = 0.85;
  private static final double WARM_C = 35;
  private static final double SHORT_C = 4;
  private static final double LONG_HOURS = 50;
  private static final double NEW_WASHES = 3;

  /** Returns the facts as values of signs. */
  public Map<Sign, String> findings() {
    Map<Sign, String> found = new EnumMap<>(Sign.class);
    put(found, Sign.HARDNESS, three(hardnessMmolL, SOFT_MMOL_L, HARD_MMOL_L, "soft", "hard"));
    put(found, Sign.DOSE, three(doseShare, LOW_DOSE, HIGH_DOSE, "low", "high"));
    put(found, Sign.DRUM, three(fill, THIN, STUFFED, "thin", "stuffed"));
    put(found, Sign.RESIDUE, above(residueShare, 1, "high"));
    put(found, Sign.HOLD, above(holdingHours, LONG_HOURS, "long"));
    put(found, Sign.PROBE, above(shortC, SHORT_C, "short"));
    put(found, Sign.HEAT, three(peakC, WARM_C, TextileLife.HOT_C, "cold", "", "warm"));
    put(found, Sign.AGE, age());
    if (coats != null) {
      found.put(Sign.PRODUCTS, coats ? "coating" : "plain");
    }
    if (hotDryer != null) {
      found.put(Sign.TUMBLE, hotDryer ? "hot" : "gentle");
    }
    return found;
  }

  private @Nullable String age() {
    if (lifeShare != null && lifeShare >= TextileLife.LOOK_FROM) {
      return "old";
    }
    return washes == null ? null : washes < NEW_WASHES ? "new" : "";
  }

  private static void put(Map<Sign, String> found, Sign sign, @Nullable String value) {
    if (value != null) {
      found.put(sign, value.isEmpty() ? sign.all().get(0).id() : value);
    }
  }

  private static @Nullable String above(@Nullable Double value, double limit, String bad) {
    return value == null ? null : value > limit ? bad : "";
  }

  private static @Nullable String three(
      @Nullable Double value, double low, double high, String below, String above) {
    return three(value, low, high, below, above, "");
  }

  /** Below the first limit, from the second limit on, or between; empty is the good value. */
  private static @Nullable String three(
      @Nullable Double value, double low, double high, String below, String above, String between) {
    if (value == null) {
      return null;
    }
    return value < low ? below : value >= high ? above : between;
  }
}
