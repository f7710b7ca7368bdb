package org.nestrinse.core.bath;

import org.nestrinse.core.units.Numbers;

/**
 * What a household wants of a wash, by soil and by who uses the pieces.
 *
 * @see "docs/models.md, section 6"
 */
public enum HygieneGoal {
  LIGHT("light", 1.5, 0),
  EVERYDAY("everyday", 3, 0),
  EXTRA_CARE("extra care", 5, 3),
  ILLNESS("illness", 4, 4);

  /** From this temperature on, oxygen whitener completes the illness goal [°C]. */
  private static final double ILLNESS_OXYGEN_C = 60;

  private final String words;
  private final double totalLog;
  private final double killLog;

  HygieneGoal(String words, double totalLog, double killLog) {
    this.words = words;
    this.totalLog = totalLog;
    this.killLog = killLog;
  }

  /** Returns the name a person uses. */
  public String words() {
    return words;
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
   * Returns whether an estimate reaches this goal, and why not.
   *
   * @param estimate the estimate
   * @param peakC the highest temperature of any bath [°C]
   */
  public Verdict judge(HygieneEstimate estimate, double peakC) {
    if (estimate.totalLog() < totalLog) {
      return new Verdict(
          false,
          "%s of the %s that %s asks for"
              .formatted(log(estimate.totalLog()), log(totalLog), words));
    }
    if (estimate.killLog() < killLog) {
      return new Verdict(
          false,
          "only %s of the %s that must come from heat, oxygen or additive"
              .formatted(log(estimate.killLog()), log(killLog)));
    }
    if (this == ILLNESS) {
      boolean oxygenAtSixty = peakC >= ILLNESS_OXYGEN_C && estimate.oxygenLog() > 0;
      if (!estimate.recognisedHolding() && !oxygenAtSixty && estimate.additiveLog() == 0) {
        return new Verdict(
            false,
            "illness also wants 65 °C held, or 60 °C with oxygen whitener, or an additive by its label");
      }
    }
    return new Verdict(
        true, "%s, and %s asks for %s".formatted(log(estimate.totalLog()), words, log(totalLog)));
  }

  private static String log(double value) {
    return Numbers.fixed(value, 1);
  }

  /**
   * Whether a goal is reached.
   *
   * @param met whether it is
   * @param words the figures in words
   */
  public record Verdict(boolean met, String words) {}
}
