package org.nestrinse.core.bath;

import org.nestrinse.core.said.Said;

/**
 * How many germs a routine leaves, as a person hears it: "1 in 400", with its range. It never
 * claims more than one in a hundred thousand, and the figure in the middle never runs more than a
 * tenfold ahead of the cautious end.
 *
 * @param typicalLog the figure in the middle [log₁₀]
 * @param lowLog the cautious end [log₁₀]
 * @param highLog the hopeful end [log₁₀]
 * @see "docs/models.md, section 7"
 */
public record GermsLeft(double typicalLog, double lowLog, double highLog) {
  private static final double AHEAD_OF_LOW = 1;

  /** Returns what an estimate leaves. */
  public static GermsLeft of(HygieneEstimate estimate) {
    double low = estimate.lowLog();
    double typical = Math.min(estimate.totalLog(), low + AHEAD_OF_LOW);
    return new GermsLeft(
        Math.min(HygieneEstimate.MOST_CLAIMED, typical),
        low,
        Math.min(HygieneEstimate.MOST_CLAIMED, estimate.highLog()));
  }

  /** Returns whether even the cautious end reaches all that is ever claimed. */
  public boolean asFewAsClaimed() {
    return lowLog >= HygieneEstimate.MOST_CLAIMED - 1e-9;
  }

  /** Returns the number n of "about 1 in n stays", rounded to 1, 1.5, 2, 3, 5 or 7 of its tens. */
  public static long oneIn(double log) {
    double value = Math.pow(10, Math.max(0, log));
    double tens = Math.pow(10, Math.floor(Math.log10(value) + 1e-9));
    double best = 10;
    for (double nice : new double[] {1, 1.5, 2, 3, 5, 7}) {
      if (Math.abs(Math.log(value / tens / nice)) < Math.abs(Math.log(value / tens / best))) {
        best = nice;
      }
    }
    return Math.max(1, Math.round(best * tens));
  }

  /** Returns it in a sentence without its stop. */
  public Said said() {
    return BathWords.of(this);
  }
}
