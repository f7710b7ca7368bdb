package org.nestrinse.core.judge;

import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;

/** What the judgements of this station say, all in one place. */
public final class JudgeWords {
  private static final String CAUSE = "cause";

  private JudgeWords() {}

  /** Returns a judgement of one cause in a sentence. */
  static Said says(Cause cause, Certainty certainty) {
    return switch (certainty) {
      case NOT_ENOUGH -> notEnough(false);
      case PERHAPS -> Said.of(DiagnosisSaying.PERHAPS).with(CAUSE, cause);
      case PROBABLY -> Said.of(DiagnosisSaying.PROBABLY).with(CAUSE, cause);
      case VERY_LIKELY -> Said.of(DiagnosisSaying.VERY_LIKELY).with(CAUSE, cause);
    };
  }

  /** Returns that two things seem to be wrong at once. */
  static Said twoAtOnce(Cause one, Cause other) {
    return Said.of(DiagnosisSaying.TWO_AT_ONCE).with("one", one).with("other", other);
  }

  /** Returns that a change cannot help against a cause. */
  public static Said doesNothing(Change change, Cause cause) {
    return Said.of(DiagnosisSaying.DOES_NOTHING)
        .with("change", change.said().capital())
        .with(CAUSE, cause);
  }

  /** Returns which correction of the dose fits what was seen. */
  public static Said doseWouldFit(double trim) {
    return Said.of(DiagnosisSaying.DOSE_WOULD_FIT)
        .with("factor", new Quantity(trim, Unit.TIMES, 1));
  }

  /** Returns that nothing can be told yet. */
  static Said notEnough(boolean checks) {
    return (checks ? DiagnosisSaying.NOT_ENOUGH_BUT_CHECKS : DiagnosisSaying.NOT_ENOUGH).said();
  }
}
