package org.nestrinse.core.bath;

import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;

/**
 * What a household wants of a wash, by soil and by who uses the pieces.
 *
 * @see "docs/models.md, section 7"
 */
public enum HygieneGoal implements Saying {
  /** For what carries no germs worth it: glass, polish, wheel and workshop cloths, new pieces. */
  NONE(0, 0),
  LIGHT(1, 0),
  EVERYDAY(1.5, 0),
  EXTRA_CARE(4, 2),
  ILLNESS(4, 4);

  /** From this temperature on, oxygen whitener completes the illness goal [°C]. */
  private static final double ILLNESS_OXYGEN_C = 60;

  private final double totalLog;
  private final double killLog;

  HygieneGoal(double totalLog, double killLog) {
    this.totalLog = totalLog;
    this.killLog = killLog;
  }

  /** Returns the total reduction wanted [log₁₀]. */
  public double totalLog() {
    return totalLog;
  }

  /** Returns the reduction wanted from what kills alone [log₁₀]; 0 when it does not matter. */
  public double killLog() {
    return killLog;
  }

  /** Returns the more demanding of the two goals. */
  public HygieneGoal orHigher(HygieneGoal other) {
    return ordinal() >= other.ordinal() ? this : other;
  }

  /**
   * Returns whether an estimate reaches this goal, and what is missing.
   *
   * @param estimate the estimate
   * @param peakC the highest temperature of any bath [°C]
   */
  public Verdict judge(HygieneEstimate estimate, double peakC) {
    if (estimate.killLog() < killLog - 1e-9) {
      return new Verdict(this, Missing.KILLED, estimate.killLog(), killLog);
    }
    if (estimate.totalLog() < totalLog - 1e-9) {
      return new Verdict(this, Missing.TOTAL, estimate.totalLog(), totalLog);
    }
    if (this == ILLNESS) {
      boolean oxygenAtSixty = peakC >= ILLNESS_OXYGEN_C - 0.05 && estimate.oxygenLog() > 0;
      if (!estimate.recognisedHolding() && !oxygenAtSixty && estimate.additiveLog() == 0) {
        return new Verdict(this, Missing.MEANS, estimate.killLog(), killLog);
      }
    }
    return new Verdict(this, Missing.NOTHING, estimate.totalLog(), totalLog);
  }

  /** What an estimate lacks for a goal. */
  public enum Missing {
    NOTHING,
    /** Too few germs go in all. */
    TOTAL,
    /** Too few are killed, however many are washed away. */
    KILLED,
    /** None of the recognised means of an illness wash is in it. */
    MEANS
  }

  /**
   * Whether a goal is reached.
   *
   * @param goal the goal
   * @param missing what is missing
   * @param hasLog what the estimate reaches of what is asked [log₁₀]
   * @param wantedLog what is asked [log₁₀]
   */
  public record Verdict(HygieneGoal goal, Missing missing, double hasLog, double wantedLog) {
    /** Returns whether it is reached. */
    public boolean met() {
      return missing == Missing.NOTHING;
    }

    /** Returns it in a sentence without its stop. */
    public Said said() {
      return BathWords.of(this);
    }
  }
}
