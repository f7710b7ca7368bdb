package org.nestrinse.app.wash;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.wash.Bath;
import org.nestrinse.core.wash.Step;
import org.nestrinse.core.why.Why;

/** What the Wash and Run views show. */
public final class WashViews {
  private WashViews() {}

  /**
   * All schools on one load.
   *
   * @param loadId the load
   * @param title what is in it
   * @param pieces how many pieces
   * @param bulkers how many of them join for the main wash
   * @param temperaturesC what the machine can be set to [°C]
   * @param plans one for each school
   * @param cannot schools that cannot wash it here, and why
   * @param dominated schools that another beats in everything
   */
  public record Comparison(
      long loadId,
      String title,
      int pieces,
      int bulkers,
      List<Integer> temperaturesC,
      List<Plan> plans,
      List<CannotWash> cannot,
      List<Dominated> dominated) {}

  /**
   * A school that cannot wash this load here.
   *
   * @param school its short name
   * @param schoolName as shown
   * @param reason why not
   */
  public record CannotWash(String school, String schoolName, String reason) {}

  /**
   * A school that another is no worse than in anything on this load, and better in something.
   *
   * @param school its short name
   * @param by name of the other
   */
  public record Dominated(String school, String by) {}

  /**
   * A routine for a load.
   *
   * @param school short name of the school
   * @param schoolName as shown
   * @param belief what it holds to be true
   * @param drying how it dries; null in rounds that were planned before schools said so
   * @param askedC the temperature the person asked for, or null
   * @param steps what to do
   * @param baths every bath as simulated
   * @param figures what it does and costs
   * @param bends where the school's wishes were bent
   * @param cautions stops, checks and notes
   * @param nearestC after a stop for heat: the temperature of the nearest plan that fits, else null
   * @param whys reasons by key
   */
  public record Plan(
      String school,
      String schoolName,
      String belief,
      @Nullable String drying,
      @Nullable Integer askedC,
      List<PlanStep> steps,
      List<Bath> baths,
      Figures figures,
      List<String> bends,
      List<Caution> cautions,
      @Nullable Integer nearestC,
      Map<String, Why> whys) {}

  /**
   * One step.
   *
   * @param number counted from 1
   * @param action what sort of thing
   * @param title in a few words
   * @param detail how
   * @param wholeLoad whether bulkers are in
   * @param attended whether a person is needed
   * @param minutes how long
   * @param reason why
   * @param programme name on the dial, or null
   * @param settings how to set it, or null
   * @param doses what goes into the drawer
   */
  public record PlanStep(
      int number,
      Step.Action action,
      String title,
      String detail,
      boolean wholeLoad,
      boolean attended,
      int minutes,
      String reason,
      @Nullable String programme,
      @Nullable String settings,
      List<PlanDose> doses) {}

  /**
   * One product for one bath.
   *
   * @param product its name
   * @param measure in the measure people have in their hand
   * @param grams the same in grams
   * @param oxygen whether it is a whitener
   * @param why key of its reason
   */
  public record PlanDose(
      String product, String measure, double grams, boolean oxygen, String why) {}

  /**
   * What a routine does and costs.
   *
   * @param programme of the main wash
   * @param temperatureC set for the main wash [°C]
   * @param holdMinutes minutes at that temperature
   * @param peakC highest temperature of any bath [°C]
   * @param heatLog by heat
   * @param oxygenLog by oxygen
   * @param additiveLog by additive
   * @param removalLog lifted out
   * @param killLog heat, oxygen and additive
   * @param totalLog together
   * @param goal what was wanted
   * @param goalWords its name
   * @param goalLog its figure
   * @param goalMet whether it is reached
   * @param goalVerdict in words
   * @param residueMgKg detergent left
   * @param residueTargetMgKg what was wanted
   * @param residueMet whether that is reached
   * @param sudsVisible whether suds show in the last water
   * @param rinses after the main wash
   * @param spinRpm last spin
   * @param litres water
   * @param kwh electricity
   * @param cost in the household's currency
   * @param minutes everything
   * @param attendedMinutes with a person
   * @param durationWords everything, in words
   * @param readyWords when it is done if started now, in words
   * @param massKg dry mass
   * @param fill share of the drum in the main wash
   */
  public record Figures(
      String programme,
      int temperatureC,
      double holdMinutes,
      double peakC,
      double heatLog,
      double oxygenLog,
      double additiveLog,
      double removalLog,
      double killLog,
      double totalLog,
      HygieneGoal goal,
      String goalWords,
      double goalLog,
      boolean goalMet,
      String goalVerdict,
      double residueMgKg,
      double residueTargetMgKg,
      boolean residueMet,
      boolean sudsVisible,
      int rinses,
      int spinRpm,
      double litres,
      double kwh,
      double cost,
      double minutes,
      double attendedMinutes,
      String durationWords,
      String readyWords,
      double massKg,
      double fill) {}

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
   * @param plan the routine as planned
   * @param steps what is done
   * @param currentStep number of the step to do, or null when all are done
   * @param currentSince when that step began, or null
   * @param currentEnds when that step should be over, or null
   * @param setAside sorting rules that were set aside for its load, with the reason given
   */
  public record Round(
      long id,
      long version,
      RoundState state,
      String title,
      Instant startedAt,
      String startedWords,
      @Nullable Instant finishedAt,
      String note,
      Plan plan,
      List<RoundStep> steps,
      @Nullable Integer currentStep,
      @Nullable Instant currentSince,
      @Nullable Instant currentEnds,
      List<String> setAside) {}

  /**
   * A step of a round.
   *
   * @param number counted from 1
   * @param title in a few words
   * @param doneAt when it was ticked off, or null
   */
  public record RoundStep(int number, String title, @Nullable Instant doneAt) {}

  /** Whether something runs now. */
  public record Running(@Nullable Round round) {}

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
   * @param pieces how many
   * @param massKg dry mass
   * @param fill share of the drum
   * @param programme of the main wash
   * @param temperatureC set
   * @param peakC reached
   * @param holdMinutes at temperature
   * @param doses in words
   * @param rinses after the main wash
   * @param spinRpm last spin
   * @param totalLog hygiene together
   * @param killLog of it by heat, oxygen, additive
   * @param goal what was wanted
   * @param goalMet whether it was reached
   * @param residueMgKg left
   * @param residueTargetMgKg wanted
   * @param litres water
   * @param kwh electricity
   * @param cost in the household's currency
   * @param minutes everything
   * @param attendedMinutes with a person
   * @param hardnessMmolL of the water then
   * @param note what a person wrote
   */
  public record Summary(
      long id,
      long version,
      RoundState state,
      String school,
      String summary,
      Instant startedAt,
      String startedWords,
      @Nullable Instant finishedAt,
      @Nullable Instant shelvedAt,
      int pieces,
      double massKg,
      double fill,
      String programme,
      int temperatureC,
      double peakC,
      double holdMinutes,
      String doses,
      int rinses,
      int spinRpm,
      double totalLog,
      double killLog,
      HygieneGoal goal,
      boolean goalMet,
      double residueMgKg,
      double residueTargetMgKg,
      double litres,
      double kwh,
      double cost,
      double minutes,
      double attendedMinutes,
      double hardnessMmolL,
      String note) {}

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
