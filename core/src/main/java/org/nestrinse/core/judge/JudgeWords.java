package org.nestrinse.core.judge;

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

  /** Returns that nothing can be told yet. */
  static String notEnough(boolean checks) {
    return "Not enough seen to tell." + (checks ? " The check below would tell most." : "");
  }
}
