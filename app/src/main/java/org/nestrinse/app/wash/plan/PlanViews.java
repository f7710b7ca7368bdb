package org.nestrinse.app.wash.plan;

import com.fasterxml.jackson.annotation.JsonAlias;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.Cleanness;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.bath.SoilType;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.wash.machine.Imitation;
import org.nestrinse.core.wash.school.Wishes;
import org.nestrinse.core.wash.step.Bath;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.why.Why;

/** What is shown of plans. */
public final class PlanViews {
  private PlanViews() {}

  /**
   * All schools on one load.
   *
   * @param loadId the load
   * @param title what is in it
   * @param pieces how many pieces
   * @param bulkers how many of them join for the main wash
   * @param temperaturesC what the machine can be set to [°C]
   * @param temperatureWords the same as its dial says it
   * @param calledFor the hygiene goal that soil, people and household call for
   * @param plans one for each school; only the offered one has its reasons with it
   * @param cannot schools that cannot wash it here, and why
   * @param dominated schools that another beats in everything
   * @param offered short name of the method that the load opens on
   * @param offeredWords why that one, in a sentence
   */
  @RecordBuilder
  public record Comparison(
      long loadId,
      Said title,
      int pieces,
      int bulkers,
      List<Integer> temperaturesC,
      List<Said> temperatureWords,
      HygieneGoal calledFor,
      List<Plan> plans,
      List<CannotWash> cannot,
      List<Dominated> dominated,
      String offered,
      Said offeredWords) {}

  /**
   * A school that cannot wash this load here.
   *
   * @param school its short name
   * @param schoolName as shown
   * @param reason why not
   */
  public record CannotWash(String school, Said schoolName, Said reason) {}

  /**
   * A school that another is no worse than in anything on this load, and better in something.
   *
   * @param school its short name
   * @param by name of the other
   */
  public record Dominated(String school, Said by) {}

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
   * @param imitation what is wanted of the machine beside what it gives; null in older rounds
   * @param machine what it is washed in; null in older rounds
   * @param weakest the piece with the lowest heat limit; null in older rounds
   * @param temperaturesC what a person may ask for [°C]; null in older rounds
   */
  @RecordBuilder
  public record Plan(
      String school,
      Said schoolName,
      Said belief,
      @Nullable Said drying,
      @Nullable Integer askedC,
      List<PlanStep> steps,
      List<Bath> baths,
      Figures figures,
      List<Said> bends,
      List<Caution> cautions,
      @Nullable Integer nearestC,
      Map<String, Why> whys,
      @Nullable List<Imitation.Difference> imitation,
      @Nullable String machine,
      @Nullable String weakest,
      @Nullable List<Integer> temperaturesC) {
    /** Returns it as it stands beside others: reasons come when somebody opens one. */
    Plan withoutReasons() {
      return PlanViewsPlanBuilder.builder(this).whys(Map.of()).build();
    }
  }

  /**
   * What else could be chosen for a load.
   *
   * @param questions where people disagree, with what each position would change here
   * @param remedies what would reach the hygiene goal, when it is not reached
   * @param fits which products suit this load, and why not
   */
  public record Options(List<Question> questions, List<RemedyView> remedies, List<Fit> fits) {}

  /**
   * A question of dispute.
   *
   * @param id short name
   * @param question as it is asked
   * @param standing what is done when nobody chooses, and why
   * @param bendsRoutine whether it bends this routine, or is decided elsewhere
   * @param ofHousehold whether its answer is kept for the household, and not of one load
   * @param positions the answers
   */
  public record Question(
      String id,
      Said question,
      Said standing,
      boolean bendsRoutine,
      boolean ofHousehold,
      List<PositionEffect> positions) {}

  /**
   * One answer with what it would change.
   *
   * @param id short name
   * @param words as shown
   * @param chosen whether it is chosen
   * @param effect what it would change on this load
   * @param changes whether it would change something of this load
   */
  public record PositionEffect(
      String id, Said words, boolean chosen, Said effect, boolean changes) {}

  /**
   * A way to the hygiene goal.
   *
   * @param words what is done
   * @param temperatureC what to ask for [°C], or null to leave it
   * @param boosts what is done more
   * @param totalLog what it gives
   * @param moreCost what it costs more
   * @param moreMinutes how much longer it takes
   */
  public record RemedyView(
      Said words,
      @Nullable Integer temperatureC,
      List<Wishes.Boost> boosts,
      double totalLog,
      double moreCost,
      double moreMinutes) {}

  /**
   * Whether a product suits the load.
   *
   * @param productId its number
   * @param product its name
   * @param used whether the routine uses it
   * @param suits whether nothing speaks against it
   * @param reasons why, or why not
   */
  public record Fit(
      long productId, String product, boolean used, boolean suits, List<Said> reasons) {}

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
   * @param pauseMinutes how long it stands and soaks, or null; null in older rounds
   */
  @RecordBuilder
  public record PlanStep(
      int number,
      Step.Action action,
      Said title,
      Said detail,
      boolean wholeLoad,
      boolean attended,
      int minutes,
      Said reason,
      @Nullable String programme,
      @Nullable Said settings,
      List<PlanDose> doses,
      @Nullable Integer pauseMinutes) {}

  /**
   * One product for one bath.
   *
   * @param product its name
   * @param measure in the measure people have in their hand
   * @param grams the same in grams
   * @param oxygen whether it is a whitener
   * @param why key of its reason
   * @param productId its number; null in older rounds
   * @param lastRinse whether it goes into the softener drawer, for a rinse; null in older rounds
   * @param atMinute when it comes into the water; null in older rounds
   */
  public record PlanDose(
      String product,
      Said measure,
      double grams,
      boolean oxygen,
      String why,
      @Nullable Long productId,
      @Nullable Boolean lastRinse,
      @Nullable Double atMinute) {}

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
   * @param liftedLog washed away
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
   * @param wear on the fibres, an ordinary hour at 40 being 1; null in older rounds
   * @param targetGL detergent in the last water that would just meet the target [g/L]; null in
   *     older rounds
   * @param careMarginK degrees below the limit of the most delicate piece; null in older rounds
   * @param detergentG detergent in all [g]; null in plans from before it was kept
   * @param doseShare of what the labels ask for, or null when it is unknown
   * @param coats whether a product goes in that coats fibre; null from before it was kept
   * @param trim the learned correction of the dose; null from before it was kept
   * @param germsWords how many germs stay, in words; null in older rounds
   * @param lowLog the cautious end of the estimate; null in older rounds
   * @param highLog the hopeful end; null in older rounds
   * @param soilLeft share of the worst soil that is left, 0 to 1; null in older rounds
   * @param soilWords how clean it comes out, in words; null in older rounds
   * @param cleanness how clean it comes out; null in older rounds
   * @param setLeft of it set by heat; null in older rounds
   * @param worstSoil the soil that comes out worst; null in older rounds
   * @param stainLeft share of the colour that is left, or null when nothing stains
   * @param soils every soil of the load; null in older rounds
   * @param leftovers what is left of every product but detergent; null in older rounds
   */
  @RecordBuilder
  public record Figures(
      String programme,
      int temperatureC,
      double holdMinutes,
      double peakC,
      double heatLog,
      double oxygenLog,
      double additiveLog,
      @JsonAlias("removalLog") double liftedLog,
      double killLog,
      double totalLog,
      HygieneGoal goal,
      Said goalWords,
      double goalLog,
      boolean goalMet,
      Said goalVerdict,
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
      Said durationWords,
      Said readyWords,
      double massKg,
      double fill,
      @Nullable Double wear,
      @Nullable Double targetGL,
      @Nullable Integer careMarginK,
      @Nullable Double detergentG,
      @Nullable Double doseShare,
      @Nullable Boolean coats,
      @Nullable Double trim,
      @Nullable Said germsWords,
      @Nullable Double lowLog,
      @Nullable Double highLog,
      @Nullable Double soilLeft,
      @Nullable Said soilWords,
      @Nullable Cleanness cleanness,
      @Nullable Double setLeft,
      @Nullable SoilType worstSoil,
      @Nullable Double stainLeft,
      @Nullable List<SoilLine> soils,
      @Nullable List<LeftoverLine> leftovers) {}

  /**
   * What is left of one soil.
   *
   * @param soil the soil
   * @param name its name
   * @param words how clean it comes out
   * @param left share that is left, 0 to 1
   * @param why key of its reason
   */
  public record SoilLine(SoilType soil, Said name, Said words, double left, String why) {}

  /**
   * What is left of one product.
   *
   * @param product its name
   * @param mgKg on the dry textile [mg/kg]
   */
  public record LeftoverLine(String product, double mgKg) {}

  /**
   * What a change would make of a round, by the estimates.
   *
   * @param before the round as it is planned now
   * @param after as it would be
   */
  public record Effect(Figures before, Figures after) {}
}
