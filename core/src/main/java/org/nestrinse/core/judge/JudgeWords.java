package org.nestrinse.core.judge;

import org.nestrinse.core.units.Numbers;
import org.nestrinse.core.units.Words;

/** What the judgements of this station say, all in one place. */
public final class JudgeWords {
  private JudgeWords() {}

  /** Returns a judgement of one cause in a sentence. */
  static String says(Cause cause, Certainty certainty) {
    return switch (certainty) {
      case NOT_ENOUGH -> notEnough(false);
      case PERHAPS -> "Perhaps " + cause.words() + ".";
      case PROBABLY -> "Probably " + cause.words() + ".";
      case VERY_LIKELY -> "Very likely " + cause.words() + ".";
    };
  }

  /** Returns that two things seem to be wrong at once. */
  static String twoAtOnce(Cause one, Cause other) {
    return "It looks like two things at once: %s, and %s.".formatted(one.words(), other.words());
  }

  /** Returns that a change cannot help against a cause. */
  public static String doesNothing(Change change, Cause cause) {
    return "“%s” does nothing about this: %s."
        .formatted(Words.capital(change.words()), cause.words());
  }

  /** Returns that nothing would show whether a change helped. */
  public static String nothingToWatch() {
    return "Nothing you saw would change by it, so there is nothing to watch.";
  }

  /** Returns when the dose moves, for somebody who asks too soon. */
  public static String doseWaits() {
    return "The dose moves when two rounds in a row say the same, or when a reset brings suds out.";
  }

  /** Returns which correction of the dose fits what was seen. */
  public static String doseWouldFit(double trim) {
    return "From what you saw, × %s would fit.".formatted(Numbers.of(trim, 1));
  }

  /** Returns what became of the dose when somebody set it back. */
  public static String setBack() {
    return "You set it back to the label.";
  }

  /** Returns what became of the dose when a change was taken back. */
  public static String takenBack() {
    return "Back to what it was, as the change before it was taken back.";
  }

  /** Returns that nothing can be told yet. */
  static String notEnough(boolean checks) {
    return "Not enough seen to tell." + (checks ? " The check below would tell most." : "");
  }
}
