package org.nestrinse.core.judge;

import java.util.Locale;

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
    return "“%s” does nothing about this: %s.".formatted(capital(change.words()), cause.words());
  }

  /** Returns that nothing would show whether a change helped. */
  public static String nothingToWatch() {
    return "Nothing you saw would change by it, so there is nothing to watch.";
  }

  /** Returns what became of the dose when somebody set it back. */
  public static String setBack() {
    return "You set it back to the label.";
  }

  /** Returns what became of the dose when a change was taken back. */
  public static String takenBack() {
    return "Back to what it was, as the change before it was taken back.";
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }

  /** Returns that nothing can be told yet. */
  static String notEnough(boolean checks) {
    return "Not enough seen to tell." + (checks ? " The check below would tell most." : "");
  }
}
