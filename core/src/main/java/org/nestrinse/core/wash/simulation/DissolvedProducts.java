package org.nestrinse.core.wash.simulation;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import org.nestrinse.core.bath.Solution;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.wash.step.Outcome;
import org.nestrinse.core.wash.step.PlannedDose;

/**
 * Every product that is dissolved in the water of a load, with what it carries over.
 *
 * @param solutions by product, in the order in which they went in
 */
record DissolvedProducts(Map<Product, Solution> solutions) {
  static final DissolvedProducts NONE = new DissolvedProducts(Map.of());

  private DissolvedProducts each(BiFunction<Product, Solution, Solution> change) {
    Map<Product, Solution> changed = new LinkedHashMap<>(solutions);
    changed.replaceAll(change);
    return new DissolvedProducts(changed);
  }

  private DissolvedProducts with(Product product, Solution solution) {
    Map<Product, Solution> more = new LinkedHashMap<>(solutions);
    more.put(product, solution);
    return new DissolvedProducts(more);
  }

  /**
   * Returns them in a new bath.
   *
   * @param doses of the step; what goes in later counts as none yet
   * @param retainedL water that the textile brings between its fibres [L]
   * @param carriedSorbedL water that it brings within them [L]
   * @param liquorL of the bath [L]
   * @param sorbedL water within the fibres of the load [L]
   */
  DissolvedProducts intoBath(
      List<PlannedDose> doses,
      double retainedL,
      double carriedSorbedL,
      double liquorL,
      double sorbedL) {
    DissolvedProducts all = this;
    for (PlannedDose dose : doses) {
      Solution before = solutions.getOrDefault(dose.product(), Solution.CLEAR);
      all = all.with(dose.product(), before);
    }
    return all.each(
        (product, solution) ->
            solution.intoBath(
                retainedL, carriedSorbedL, bathDoseG(doses, product), liquorL, sorbedL));
  }

  private static double bathDoseG(List<PlannedDose> doses, Product product) {
    return doses.stream()
        .filter(d -> d.into() == PlannedDose.Into.BATH && d.product().equals(product))
        .mapToDouble(d -> d.dose().roundedDoseG())
        .sum();
  }

  /**
   * Returns them with a dose that goes into the coming rinse: there as if it had been in the water
   * from the tap.
   *
   * @param rinseL fresh water [L]
   * @param heldL water that the textile holds, within its fibres too [L]
   */
  DissolvedProducts intoRinse(PlannedDose dose, double rinseL, double heldL) {
    double mixed = heldL + Solution.MIXING * rinseL;
    double before = dose.dose().roundedDoseG() / heldL * mixed / (rinseL + heldL);
    Solution carried = solutions.getOrDefault(dose.product(), Solution.CLEAR);
    return with(dose.product(), new Solution(carried.gramsPerL() + before));
  }

  /** Returns them after a rinse. */
  DissolvedProducts rinsed(double heldL, double sorbedL, double rinseL) {
    return each((product, solution) -> solution.rinsed(heldL, sorbedL, rinseL));
  }

  /** Returns all detergent together [g/L]. */
  double detergentGL() {
    return solutions.entrySet().stream()
        .filter(e -> e.getKey().purpose() == Product.Purpose.DETERGENT)
        .mapToDouble(e -> e.getValue().gramsPerL())
        .sum();
  }

  /** Returns each product [g/L]. */
  Map<Product, Double> gramsPerL() {
    Map<Product, Double> all = new LinkedHashMap<>();
    solutions.forEach((product, solution) -> all.put(product, solution.gramsPerL()));
    return all;
  }

  /** Returns what of each stays in the load once it is dry. */
  List<Outcome.Leftover> leftovers(double retainedL, TextileLoad load) {
    List<Outcome.Leftover> all = new ArrayList<>();
    solutions.forEach(
        (product, solution) ->
            all.add(
                new Outcome.Leftover(
                    product, solution.residueMgKg(retainedL, load.sorbedL(), load.massKg()))));
    return all;
  }
}
