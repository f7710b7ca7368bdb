package org.nestrinse.core.wash.step;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import org.nestrinse.core.bath.Cleaning;
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
 * @param soils what is left of each soil that the load brought, the worst first
 * @param leftovers what is left of each product on the textile
 */
@RecordBuilder
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
    double finalMoistureLKg,
    List<Cleaning> soils,
    List<Leftover> leftovers) {
  public Outcome {
    baths = List.copyOf(baths);
    contents = List.copyOf(contents);
    soils = List.copyOf(soils);
    leftovers = List.copyOf(leftovers);
  }

  /**
   * What is left of one product.
   *
   * @param product the product
   * @param mgKg on the dry textile [mg/kg]
   */
  public record Leftover(Product product, double mgKg) {}

  /** Returns what is left of the soil that comes out worst, or nothing when nothing was washed. */
  public Optional<Cleaning> worstSoil() {
    return soils.stream().findFirst();
  }

  /** Returns the colour that is left of the soil that stains most, or nothing when none stains. */
  public OptionalDouble stainLeft() {
    return soils.stream()
        .map(c -> c.stainLeft(hygiene.oxygenLog(), 0))
        .filter(Objects::nonNull)
        .mapToDouble(Double::doubleValue)
        .max();
  }

  /** Returns what is left of a product [mg/kg], 0 when none went in. */
  public double leftoverMgKg(Product product) {
    return leftovers.stream()
        .filter(l -> l.product.equals(product))
        .mapToDouble(Leftover::mgKg)
        .sum();
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
