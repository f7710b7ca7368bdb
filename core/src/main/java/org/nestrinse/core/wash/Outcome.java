package org.nestrinse.core.wash;

import java.util.List;
import java.util.Map;
import org.nestrinse.core.bath.HygieneEstimate;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.bath.ResidueTarget;
import org.nestrinse.core.kit.Product;

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
 * @param contents what is dissolved in each bath, in the order of {@code baths}
 * @param wear how hard it is on the fibres, an ordinary wash at 40 being 1
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
    List<Contents> contents,
    double wear,
    double finalMoistureLKg) {
  public Outcome {
    baths = List.copyOf(baths);
    contents = List.copyOf(contents);
  }

  /**
   * What is dissolved in one bath, mixed.
   *
   * @param step the number of its step
   * @param apart whether it is water of its own, beside the rest
   * @param gramsPerL concentration by product [g/L]
   * @param rinseFactor what one more rinse before it would leave of what is carried in, 0 to 1
   */
  public record Contents(
      int step, boolean apart, Map<Product, Double> gramsPerL, double rinseFactor) {
    public Contents {
      gramsPerL = Map.copyOf(gramsPerL);
    }
  }

  /** Returns the whole cost, in the household's currency. */
  public double cost() {
    return energyCost + waterCost + productCost;
  }

  /** Returns whether the residue meets its target. */
  public boolean residueMet() {
    return residueMgKg <= residueTarget.mgKg();
  }

  /**
   * Returns what may be dissolved in the last water so that the residue just meets its target
   * [g/L]; 0 when there is no residue. Residue grows with that concentration, so the target does
   * too.
   */
  public double targetGL() {
    double last = 0;
    for (int i = 0; i < baths.size(); i++) {
      boolean rinsed = baths.get(i).type() != Bath.Type.SPIN && !contents.get(i).apart();
      last = rinsed ? baths.get(i).detergentGL() : last;
    }
    return residueMgKg <= 0 ? 0 : last * residueTarget.mgKg() / residueMgKg;
  }
}
