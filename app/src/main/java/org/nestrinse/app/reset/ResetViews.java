package org.nestrinse.app.reset;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.reset.ResetNeed;
import org.nestrinse.core.reset.ResetRecipe;
import org.nestrinse.core.reset.ResetStep;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.why.Why;

/** What resets show. */
public final class ResetViews {
  private ResetViews() {}

  /**
   * Whether a reset is needed, and what there is to do one.
   *
   * @param kinds each kind with what is advised, those in need first
   * @param judged what it may be, in the words of the judgement in Record; empty when nothing is
   *     wrong
   * @param recipes what can be done
   * @param vessels what it can be done in
   * @param hardnessMmolL of the water
   * @param past the last resets, the latest first
   * @param earlier how many there were before these; each stands in the record
   */
  public record ResetOverview(
      List<ResetKindLine> kinds,
      Said judged,
      List<ResetRecipeLine> recipes,
      List<ResetVesselLine> vessels,
      double hardnessMmolL,
      List<ResetPastLine> past,
      int earlier) {}

  /**
   * A kind.
   *
   * @param kindId number
   * @param kind name
   * @param clean how many are clean, so that they can go in
   * @param state what is advised
   * @param recipe the recipe that fits, or null
   * @param says in a sentence
   * @param yearly how often a year is usual
   * @param lastWords when it was reset last, or null
   */
  public record ResetKindLine(
      long kindId,
      String kind,
      int clean,
      ResetNeed.State state,
      @Nullable ResetRecipe recipe,
      Said says,
      int yearly,
      @Nullable Said lastWords) {}

  /** A recipe; why it cannot be chosen, empty when it can. */
  public record ResetRecipeLine(
      ResetRecipe recipe, Said words, Said takesOut, Said temper, Said notNow) {}

  /** A vessel. */
  public record ResetVesselLine(String name, double litres) {}

  /**
   * A reset that was done.
   *
   * @param id number
   * @param startedAt when
   * @param startedWords in words
   * @param words the recipe
   * @param contents what was in it
   * @param water what the water showed, in order
   * @param predicted rinses that were predicted
   * @param counted rinses that it took, or null when nobody counted
   */
  public record ResetPastLine(
      long id,
      Instant startedAt,
      Said startedWords,
      Said words,
      Said contents,
      List<Said> water,
      int predicted,
      @Nullable Integer counted) {}

  /**
   * What would come of a request.
   *
   * @param fits each kind, and whether it may
   * @param plan the plan, or null while a kind may not
   */
  public record ResetPlanned(List<ResetFitLine> fits, @Nullable ResetPlanLine plan) {}

  /**
   * Whether a kind may.
   *
   * @param kindId number
   * @param kind name
   * @param allowed whether it may
   * @param test whether the damp white cloth has to be tried first
   * @param reason why not
   * @param instead what it may have instead, in words
   * @param insteadRecipe that recipe, or null when there is none
   */
  public record ResetFitLine(
      long kindId,
      String kind,
      boolean allowed,
      boolean test,
      Said reason,
      Said instead,
      @Nullable ResetRecipe insteadRecipe) {}

  /**
   * A plan.
   *
   * @param words the recipe
   * @param waterL water in a filling
   * @param level how full the vessel is then, 0 to 1
   * @param batches what goes in at once, in words
   * @param amounts what a filling gets
   * @param steps what to do
   * @param cautions what to take care of
   * @param rinses until no suds, by the estimate
   * @param minutes in all
   * @param durationWords in words
   * @param readyWords when it would be done
   * @param attendedWords how long a person is busy
   * @param litres water in all
   * @param kwh of the burner in all
   * @param cost in the household's currency
   * @param why the reason
   */
  @RecordBuilder
  public record ResetPlanLine(
      Said words,
      double waterL,
      double level,
      List<Said> batches,
      List<ResetRecipe.Amount> amounts,
      List<ResetStep> steps,
      List<Caution> cautions,
      int rinses,
      int minutes,
      Said durationWords,
      Said readyWords,
      Said attendedWords,
      double litres,
      double kwh,
      double cost,
      Why why) {}

  /**
   * A reset that is done.
   *
   * @param id number
   * @param state where it is
   * @param title recipe and contents
   * @param steps all of them
   * @param done when each was done, in words, null for those to come
   * @param currentStep the step to do, or null when all are done
   * @param currentSince since when it is on
   * @param currentEnds when it should be over
   * @param readyWords when all is done
   * @param cautions what to take care of
   * @param carer who is at it, or null
   * @param waterL water in a filling
   * @param level how full the vessel is, 0 to 1
   * @param predicted rinses that were predicted
   */
  @RecordBuilder
  public record ResetRunning(
      long id,
      String state,
      Said title,
      List<ResetStep> steps,
      List<@Nullable Said> done,
      @Nullable Integer currentStep,
      @Nullable Instant currentSince,
      @Nullable Instant currentEnds,
      Said readyWords,
      List<Caution> cautions,
      @Nullable String carer,
      double waterL,
      double level,
      int predicted) {}

  /** The reset that is done now, or null. */
  public record ResetNow(@Nullable ResetRunning running) {}
}
