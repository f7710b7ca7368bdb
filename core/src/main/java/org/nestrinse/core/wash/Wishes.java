package org.nestrinse.core.wash;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.units.Range;

/**
 * What a person wants of one load beyond the school.
 *
 * @param goal the hygiene goal, or null for the most demanding of soil, people and household
 * @param positions chosen positions on questions of dispute, by short name
 * @param besides products that the person puts in besides
 */
public record Wishes(
    @Nullable HygieneGoal goal, Map<Disagreement, String> positions, List<Besides> besides) {
  /** Nothing beyond the school. */
  public static final Wishes NONE = new Wishes(null, Map.of(), List.of());

  /** How much of a product may go in besides [mL]. */
  public static final Range BESIDES_ML = new Range(1, 1000, "mL");

  /** Where a product goes in. */
  public enum Where {
    FIRST_WASH("the first wash"),
    MAIN_WASH("the main wash"),
    LAST_RINSE("the last rinse");

    private final String words;

    Where(String words) {
      this.words = words;
    }

    /** Returns the name a person uses. */
    public String words() {
      return words;
    }
  }

  /**
   * A product put in besides.
   *
   * @param productId its number in Kit
   * @param where into which bath
   * @param ml how much [mL]
   */
  public record Besides(long productId, Where where, double ml) {
    public Besides {
      BESIDES_ML.check("besides.ml", ml);
    }
  }

  public Wishes {
    positions.forEach(Disagreement::position);
    positions =
        positions.isEmpty()
            ? Map.of()
            : java.util.Collections.unmodifiableMap(new EnumMap<>(positions));
    besides = List.copyOf(besides);
  }

  /** Returns the school as the chosen positions bend it. */
  School bend(School school) {
    School bent = school;
    for (Map.Entry<Disagreement, String> e : positions.entrySet()) {
      bent = e.getKey().bend(bent, e.getValue());
    }
    return bent;
  }

  /** Returns whether a question is answered like this. */
  boolean chose(Disagreement question, String position) {
    return position.equals(positions.get(question));
  }

  /** Returns the same wishes with a question answered. */
  public Wishes with(Disagreement question, String position) {
    Map<Disagreement, String> more = new EnumMap<>(Disagreement.class);
    more.putAll(positions);
    more.put(question, position);
    return new Wishes(goal, more, besides);
  }
}
