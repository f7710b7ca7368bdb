package org.nestrinse.core.wash;

import java.util.List;
import org.nestrinse.core.bath.HygieneEstimate;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.bath.ResidueTarget;

/**
 * What a routine does and costs, from the simulation of its baths.
 *
 * @param baths every bath in order
 * @param hygiene what it does to germs
 * @param goal what was wanted
 * @param verdict whether that is reached
 * @param residueMgKg detergent left on the textile [mg/kg]
 * @param residueTarget what was wanted
 * @param sudsVisible whether suds show in the last rinse
 * @param litres water from the tap [L]
 * @param kwh electricity [kWh]
 * @param energyCost electricity, in the household's currency
 * @param waterCost water
 * @param productCost products
 * @param minutes everything, waiting included
 * @param attendedMinutes minutes with a person
 * @param peakC highest temperature of any bath [°C]
 * @param finalMoistureLKg water left per kilogram of cotton after the last spin [L/kg]
 */
public record Outcome(
    List<Bath> baths,
    HygieneEstimate hygiene,
    HygieneGoal goal,
    HygieneGoal.Verdict verdict,
    double residueMgKg,
    ResidueTarget residueTarget,
    boolean sudsVisible,
    double litres,
    double kwh,
    double energyCost,
    double waterCost,
    double productCost,
    double minutes,
    double attendedMinutes,
    double peakC,
    double finalMoistureLKg) {
  public Outcome {
    baths = List.copyOf(baths);
  }

  /** Returns the whole cost, in the household's currency. */
  public double cost() {
    return energyCost + waterCost + productCost;
  }

  /** Returns whether the residue meets its target. */
  public boolean residueMet() {
    return residueMgKg <= residueTarget.mgKg();
  }
}
