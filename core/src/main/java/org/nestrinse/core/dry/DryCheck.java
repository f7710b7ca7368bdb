package org.nestrinse.core.dry;

import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.Range;

/**
 * What feeling the pieces teaches about a place and a kind: dry earlier than planned makes the
 * drying factor larger, damp at the planned time or later makes it smaller. What fits the plan
 * teaches nothing.
 *
 * @param answer what was felt
 * @param factor the factor from now on, within {@link #FACTOR}
 * @param learnt whether it changed
 * @param words what was learnt
 * @see "docs/models.md, dry checks"
 */
public record DryCheck(Answer answer, double factor, boolean learnt, Said words) {
  /** Bounds of what checks may make of a place. */
  public static final Range FACTOR = new Range(0.5, 2);

  /** One check moves the factor by a quarter at most. */
  private static final Range STEP = new Range(0.8, 1.25);

  /** A check before this says nothing about the place [h]. */
  private static final double LEAST_H = 0.5;

  private static final double NEVER_PLANNED_STEP = 1.25;
  private static final double WORTH_LEARNING = 0.02;

  /** What a hand feels. */
  public enum Answer implements Saying {
    COOL(0.15, 1.25),
    SEAM(0.06, 1.1),
    DRY(0, 1);

    private final double aboveDry;
    private final double longer;

    Answer(double aboveDry, double longer) {
      this.aboveDry = aboveDry;
      this.longer = longer;
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
      return new DryCheck(answer, before, false, DrySaying.TOO_EARLY.said());
    }
    double step = 1;
    if (answer == Answer.DRY) {
      step = plannedH == null ? NEVER_PLANNED_STEP : Math.max(1, Math.sqrt(plannedH / hungH));
    } else if (plannedH != null) {
      step = Math.min(1, Math.sqrt(plannedH / (hungH * answer.longer)));
    }
    double factor = FACTOR.clamp(before * STEP.clamp(step));
    if (Math.abs(factor - before) < WORTH_LEARNING) {
      return new DryCheck(answer, before, false, DrySaying.AS_PLANNED.said());
    }
    Said words =
        Said.of(factor > before ? DrySaying.FASTER : DrySaying.SLOWER)
            .with("factor", new Quantity(factor, Unit.TIMES, 2))
            .with("before", new Quantity(before, Unit.TIMES, 2));
    return new DryCheck(answer, factor, true, words);
  }
}
