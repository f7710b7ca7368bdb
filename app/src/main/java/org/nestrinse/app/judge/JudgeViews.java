package org.nestrinse.app.judge;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.judge.Cause;
import org.nestrinse.core.judge.Change;
import org.nestrinse.core.judge.Diagnosis;
import org.nestrinse.core.judge.Experiment;
import org.nestrinse.core.judge.Sign;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.why.Why;

/** What judging shows. */
public final class JudgeViews {
  private JudgeViews() {}

  /**
   * What may be wrong.
   *
   * @param state how far one can tell
   * @param says in a sentence
   * @param from what was seen since then counts
   * @param fromWords that in words
   * @param seen how many things were seen
   * @param causes the likeliest first
   * @param checks the most telling for its work first
   * @param trim the learned correction of the dose
   * @param experiment the change that is watched, or null
   * @param past changes before, the latest first
   */
  @RecordBuilder
  public record Judged(
      Diagnosis.State state,
      Said says,
      Instant from,
      Said fromWords,
      int seen,
      List<CauseLine> causes,
      List<CheckLine> checks,
      TrimLine trim,
      @Nullable ExperimentLine experiment,
      List<ExperimentLine> past) {}

  /**
   * A cause.
   *
   * @param cause its name
   * @param words as shown
   * @param probability 0 to 1
   * @param speaksFor what speaks for it
   * @param speaksAgainst what speaks against it
   * @param changes what it asks for
   * @param why how the probability comes about
   */
  public record CauseLine(
      Cause cause,
      Said words,
      double probability,
      List<Said> speaksFor,
      List<Said> speaksAgainst,
      List<ChangeLine> changes,
      Why why) {}

  /**
   * A change that can be tried.
   *
   * @param change its name
   * @param words as shown
   * @param expected what it is expected to do
   * @param effects what the estimates make of it, for the last round
   * @param notNow why it cannot be begun now; empty when it can
   */
  public record ChangeLine(
      Change change, Said words, Said expected, List<Said> effects, Said notNow) {}

  /**
   * A check.
   *
   * @param sign what is looked at
   * @param title its name
   * @param how what to do
   * @param minutes work
   * @param outcomes what each outcome would mean
   * @param why how much it tells
   */
  public record CheckLine(
      Sign sign, Said title, Said how, double minutes, List<OutcomeLine> outcomes, Why why) {}

  /** An outcome of a check, and what it would mean. */
  public record OutcomeLine(String value, Said words, double expected, Said means) {}

  /**
   * The learned correction of the dose.
   *
   * @param trim 0.6 to 1.4
   * @param next what it would move to by what was seen, or null
   * @param says in a sentence
   * @param why what moved it
   */
  public record TrimLine(double trim, @Nullable Double next, Said says, Why why) {}

  /**
   * A change that was made.
   *
   * @param key tells it apart from all others
   * @param id number, or null for a move of the dose that nobody can decide about
   * @param change its name
   * @param words as shown
   * @param causeWords what it was against, or null
   * @param complaint what led to it, in words
   * @param startedAt when it began
   * @param startedWords in words
   * @param endedWords when it was decided, or null
   * @param state how it stands
   * @param says in a sentence
   * @param open whether the person may still decide
   */
  @RecordBuilder
  public record ExperimentLine(
      String key,
      @Nullable Long id,
      Change change,
      Said words,
      @Nullable Said causeWords,
      List<Said> complaint,
      Instant startedAt,
      Said startedWords,
      @Nullable Said endedWords,
      Experiment.State state,
      Said says,
      boolean open) {}
}
