package org.nestrinse.core.wash;

import java.util.List;
import org.nestrinse.core.units.OutOfRange;

/**
 * A coherent approach to washing, with its own defaults. Data, not code: the planner bends these
 * wishes to what the pieces bear and the machine can do.
 *
 * @param id short name that stays the same
 * @param name as shown
 * @param belief what it holds to be true, in one sentence
 * @param first how it treats the first set before the main wash
 * @param firstC temperature of the first wash [°C], when there is one
 * @param firstShare share of the detergent dose for the first wash
 * @param mainC temperature of the main wash [°C]
 * @param mainMinutes how long the main wash should be
 * @param strength dose strength: lean 0.6, label 1.0, strong 1.2
 * @param whitenerFirst scoops of oxygen whitener in the first wash
 * @param whitenerMain scoops of oxygen whitener in the main wash
 * @param extraRinses rinses more than the programme gives
 * @param spinRpm final spin wanted [rpm]
 * @see "docs/models.md, schools"
 */
public record School(
    String id,
    String name,
    String belief,
    First first,
    int firstC,
    double firstShare,
    int mainC,
    int mainMinutes,
    double strength,
    double whitenerFirst,
    double whitenerMain,
    int extraRinses,
    int spinRpm) {

  /** What comes before the main wash. */
  public enum First {
    COLD_RINSE,
    SHORT_WASH
  }

  /** Enough detergent, heat and rubbing; nothing left to build up. */
  public static final School HOT_AND_FULL =
      new School(
          "hot-and-full",
          "Hot and full",
          "Enough detergent, heat and rubbing leave nothing behind that could build up.",
          First.SHORT_WASH,
          40,
          0.5,
          60,
          150,
          1.0,
          0,
          0.5,
          1,
          1400);

  /** Kind to fibres, skin and purse; the sun finishes. */
  public static final School COOL_AND_SUN =
      new School(
          "cool-and-sun",
          "Cool and sun",
          "Cool water and little detergent are kind to fibre, skin and purse; the sun finishes the work.",
          First.COLD_RINSE,
          0,
          0,
          40,
          75,
          0.6,
          0,
          0,
          1,
          800);

  /** All schools, in the order in which they are shown. */
  public static final List<School> ALL = List.of(HOT_AND_FULL, COOL_AND_SUN);

  /** Returns the school with this short name; throws {@link OutOfRange} when there is none. */
  public static School of(String id) {
    return ALL.stream()
        .filter(school -> school.id.equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new OutOfRange(
                    "school", id, String.join(" or ", ALL.stream().map(School::id).toList())));
  }
}
