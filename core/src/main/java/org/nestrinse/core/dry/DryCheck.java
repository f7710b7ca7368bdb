package org.nestrinse.core.dry;

import org.jspecify.annotations.Nullable;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.Numbers;
import org.nestrinse.core.units.Range;

/**
 * What feeling the pieces teaches about a place and a kind: dry earlier than planned makes the
 * drying factor larger, damp at the planned time or later makes it smaller. What fits the plan
 * teaches nothing.
 *
 * @param answer what was felt
 * @param factor the factor from now on, within {@link #FACTOR}
 * @param learnt whether it changed
 * @param words what was learnt, for the person
 * @see "docs/models.md, dry checks"
 */
public record DryCheck(Answer answer, double factor, boolean learnt, String words) {
  /** Bounds of what checks may make of a place. */
  public static final Range FACTOR = new Range(0.5, 2, "");

  /** One check moves the factor by a quarter at most. */
  private static final Range STEP = new Range(0.8, 1.25, "");

  /** A check before this says nothing about the place [h]. */
  private static final double LEAST_H = 0.5;

  private static final double NEVER_PLANNED_STEP = 1.25;
  private static final double WORTH_LEARNING = 0.02;

  /** What a hand feels. */
  public enum Answer {
    COOL("cool to the touch", 0.15, 1.25),
    SEAM("a damp seam", 0.06, 1.1),
    DRY("dry", 0, 1);

    private final String words;
    private final double aboveDry;
    private final double longer;

    Answer(String words, double aboveDry, double longer) {
      this.words = words;
      this.aboveDry = aboveDry;
      this.longer = longer;
    }

    /** Returns what is felt, in words. */
    public String words() {
      return words;
    }

    /** Returns how damp a kind at least is that feels so [kg/kg]. */
    public double moisture(Kind kind) {
      return TumbleDrying.dryMoisture(kind) + aboveDry;
    }
  }

  /**
   * Returns what an answer teaches.
   *
   * @param before the factor until now
   * @param hungH how long they have hung in this place [h]
   * @param plannedH how long the model gave them with that factor [h], null when it said never
   */
  public static DryCheck of(Answer answer, double before, double hungH, @Nullable Double plannedH) {
    FACTOR.check("factor", before);
    if (hungH < LEAST_H) {
      return new DryCheck(answer, before, false, "Too early to tell anything about the place.");
    }
    double step = 1;
    if (answer == Answer.DRY) {
      step = plannedH == null ? NEVER_PLANNED_STEP : Math.max(1, Math.sqrt(plannedH / hungH));
    } else if (plannedH != null) {
      step = Math.min(1, Math.sqrt(plannedH / (hungH * answer.longer)));
    }
    double factor = FACTOR.clamp(before * STEP.clamp(step));
    if (Math.abs(factor - before) < WORTH_LEARNING) {
      return new DryCheck(answer, before, false, "As planned: nothing to learn.");
    }
    String words =
        "Planned %s from now on here: × %s, before × %s."
            .formatted(
                factor > before ? "faster" : "slower",
                Numbers.fixed(factor, 2),
                Numbers.fixed(before, 2));
    return new DryCheck(answer, factor, true, words);
  }
}
