package org.nestrinse.core.record;

import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.said.Said;

/**
 * What is known of a round in figures: the one value that is stored, listed, drawn and put into
 * files.
 *
 * @param pieces how many were in it
 * @param massKg their dry mass [kg]
 * @param dose what went in
 * @param bath how it was washed
 * @param estimate what the estimates say of it
 * @param spent what it took
 */
public record RoundFigures(
    int pieces, double massKg, Dose dose, Bath bath, Estimate estimate, Spent spent) {
  /**
   * What went in.
   *
   * @param detergentG detergent [g]
   * @param share of what the label asks for this water, soil and mass; null when it is unknown
   * @param trim the learned correction then
   * @param coats whether a product went in that coats fibre
   * @param words in words
   */
  public record Dose(
      double detergentG, @Nullable Double share, double trim, boolean coats, Said words) {}

  /**
   * How it was washed.
   *
   * @param temperatureC set [°C]
   * @param peakC reached [°C]
   * @param holdMinutes at temperature [min]
   * @param rinses after the main wash
   * @param spinRpm last spin [rpm]
   * @param fill of the drum, 1 is full
   * @param hardnessMmolL of the water [mmol/L]
   */
  public record Bath(
      int temperatureC,
      double peakC,
      double holdMinutes,
      int rinses,
      int spinRpm,
      double fill,
      double hardnessMmolL) {}

  /**
   * What the estimates say.
   *
   * @param residueMgKg left [mg/kg]
   * @param residueTargetMgKg wanted at most [mg/kg]
   * @param totalLog hygiene [log₁₀]
   * @param killLog of it by heat, oxygen, additive [log₁₀]
   * @param goal what was wanted, or null when this release does not know its name
   * @param goalMet whether it was reached
   * @param soilLeft share of the worst soil that is left, 0 to 1, or null when it was not estimated
   * @param notRun whether it was ticked off sooner than it can run, so that nothing of this is so
   */
  public record Estimate(
      double residueMgKg,
      double residueTargetMgKg,
      double totalLog,
      double killLog,
      @Nullable HygieneGoal goal,
      boolean goalMet,
      @Nullable Double soilLeft,
      boolean notRun) {
    /** Returns the same estimate of a round that ran, or did not run. */
    public Estimate with(boolean didNotRun) {
      return new Estimate(
          residueMgKg, residueTargetMgKg, totalLog, killLog, goal, goalMet, soilLeft, didNotRun);
    }

    /** Returns the same estimate with no more hygiene than a household can claim. */
    public Estimate atMost(double mostLog) {
      return new Estimate(
          residueMgKg,
          residueTargetMgKg,
          Math.min(mostLog, totalLog),
          killLog,
          goal,
          goalMet,
          soilLeft,
          notRun);
    }
  }

  /**
   * What it took.
   *
   * @param litres water [L]
   * @param kwh electricity [kWh]
   * @param money in the household's currency
   * @param minutes in all [min]
   * @param attendedMinutes with a person [min]
   */
  public record Spent(
      double litres, double kwh, double money, double minutes, double attendedMinutes) {}

  /** Returns the same figures with another estimate. */
  public RoundFigures with(Estimate other) {
    return new RoundFigures(pieces, massKg, dose, bath, other, spent);
  }

  /**
   * Returns what is known of it when the machine cannot have run: nothing got warm, nothing was
   * rinsed, no soil left, and it took as long as it took.
   *
   * @param coldC the water that was in it [°C]
   * @param minutes how long it took [min]
   */
  public RoundFigures notWashed(double coldC, double minutes) {
    return new RoundFigures(
        pieces,
        massKg,
        dose,
        new Bath(bath.temperatureC, coldC, 0, 0, bath.spinRpm, bath.fill, bath.hardnessMmolL),
        new Estimate(
            estimate.residueMgKg,
            estimate.residueTargetMgKg,
            0,
            0,
            estimate.goal,
            false,
            1.0,
            estimate.notRun),
        new Spent(0, 0, 0, minutes, Math.min(spent.attendedMinutes, minutes)));
  }
}
