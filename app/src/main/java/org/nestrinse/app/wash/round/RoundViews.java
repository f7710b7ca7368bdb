package org.nestrinse.app.wash.round;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.wash.plan.PlanViews;
import org.nestrinse.core.record.RoundFigures;
import org.nestrinse.core.run.UnloadClock;
import org.nestrinse.core.said.Said;

/** What is shown of rounds. */
public final class RoundViews {
  private RoundViews() {}

  /**
   * A round.
   *
   * @param id number
   * @param version counts its changes
   * @param state where it is
   * @param title what was in it
   * @param startedAt when it began
   * @param startedWords in words
   * @param finishedAt when it left the machine, or null
   * @param note what a person wrote
   * @param plan the routine as it goes, with what was added on the way
   * @param planned the routine as it was planned, when it goes otherwise; else null
   * @param steps what is done
   * @param currentStep number of the step to do, or null when all are done
   * @param currentSince when that step began, or null
   * @param currentEnds when that step should be over, or null
   * @param stages the timed parts of that step, each with its end; empty when it is one thing only
   * @param heldSince since when it is held, or null
   * @param heldWhy why, or null
   * @param carer who is at it, or null when nobody said
   * @param judgements what to look at in the current step
   * @param lying how long it has lain washed in the drum; null while it is washed
   * @param readyWords when everything is out of the machine, in words
   * @param events what happened, oldest first
   * @param setAside sorting rules that were set aside for its load, with the reason given
   * @param early steps of the machine that were ticked off sooner than they can run, in words;
   *     empty when somebody said that they ran
   */
  @RecordBuilder
  public record Round(
      long id,
      long version,
      RoundState state,
      Said title,
      Instant startedAt,
      Said startedWords,
      @Nullable Instant finishedAt,
      String note,
      PlanViews.Plan plan,
      PlanViews.@Nullable Plan planned,
      List<RoundStep> steps,
      @Nullable Integer currentStep,
      @Nullable Instant currentSince,
      @Nullable Instant currentEnds,
      List<StageView> stages,
      @Nullable Instant heldSince,
      @Nullable String heldWhy,
      @Nullable String carer,
      List<JudgementView> judgements,
      @Nullable Lying lying,
      Said readyWords,
      List<RoundEvent> events,
      List<Said> setAside,
      List<Said> early) {}

  /**
   * A timed part of a step.
   *
   * @param words what is done
   * @param minutes how long [min]
   * @param ends when it is over
   */
  public record StageView(Said words, double minutes, Instant ends) {}

  /**
   * How long a washed load has lain in the drum.
   *
   * @param since when the last run ended
   * @param state what that means
   * @param words in a sentence
   */
  public record Lying(Instant since, UnloadClock.State state, Said words) {}

  /**
   * Something to look at.
   *
   * @param id short name
   * @param question as it is asked
   * @param answers what can be said, with what each adds
   * @param given short name of the answer given at this step, or null
   */
  public record JudgementView(
      String id, Said question, List<AnswerView> answers, @Nullable String given) {}

  /**
   * An answer.
   *
   * @param id short name
   * @param words as shown
   * @param adds what it adds, in words; empty for nothing
   */
  public record AnswerView(String id, Said words, Said adds) {}

  /**
   * Something that happened.
   *
   * @param at when
   * @param words in words
   * @param timeWords when, in words
   * @param step number of the step at which it happened
   * @param kind what sort of thing
   * @param carer who did it, or null
   */
  public record RoundEvent(
      Instant at, Said timeWords, int step, EventKind kind, Said words, @Nullable String carer) {}

  /** What can happen in a round. */
  public enum EventKind {
    STARTED,
    DONE,
    BACK,
    ANSWERED,
    ADDED,
    HELD,
    RESUMED,
    SKIPPED,
    MORE_TIME,
    DOSED,
    HANDED_OVER,
    STOPPED
  }

  /**
   * A step of a round.
   *
   * @param number counted from 1
   * @param title in a few words
   * @param plannedMinutes how long it was planned to take
   * @param doneAt when it was ticked off, or null
   * @param tookMinutes how long it took, without holds, or null
   * @param added why it was added, or null
   */
  public record RoundStep(
      int number,
      Said title,
      int plannedMinutes,
      @Nullable Instant doneAt,
      @Nullable Long tookMinutes,
      @Nullable Said added) {}

  /**
   * Whether something runs now.
   *
   * @param round the round in the machine, or null
   * @param practice the round that is practised, or null
   */
  public record Running(@Nullable Round round, @Nullable Round practice) {}

  /**
   * A round as a line in the record.
   *
   * @param id number
   * @param version counts its changes
   * @param state where it is
   * @param school name of the school
   * @param summary what was in it
   * @param startedAt when it began
   * @param startedWords in words
   * @param finishedAt when it left the machine
   * @param shelvedAt when it was back on the shelf
   * @param programme of the main wash, or the recipe of a reset
   * @param figures what is known of it in figures; germs never more than is claimed
   * @param soilWords how much soil was left, in words; null in older rounds
   * @param note what a person wrote
   * @param hasPlan whether its plan is kept, with every reason
   */
  @RecordBuilder
  public record Summary(
      long id,
      long version,
      RoundState state,
      Said school,
      Said summary,
      Instant startedAt,
      Said startedWords,
      @Nullable Instant finishedAt,
      @Nullable Instant shelvedAt,
      Said programme,
      RoundFigures figures,
      @Nullable Said soilWords,
      String note,
      boolean hasPlan) {}

  /**
   * A page of the record.
   *
   * @param rounds newest first
   * @param page which page, from 0
   * @param pages how many pages
   * @param total how many rounds in all
   */
  public record SummaryPage(List<Summary> rounds, int page, int pages, long total) {}
}
