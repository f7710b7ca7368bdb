package org.nestrinse.core.wash.simulation;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.Additive;
import org.nestrinse.core.bath.Cleaning;
import org.nestrinse.core.bath.HygienePhase;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.safety.Chemical;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.wash.step.Bath;
import org.nestrinse.core.wash.step.PlannedDose;
import org.nestrinse.core.wash.step.Step;

/**
 * A bath for the hygiene estimate, which waits for what the cleaning leaves in it.
 *
 * @param bathL water of the bath [L]
 * @param dissolved each product in it [g/L]
 * @param cleaningBath its number among the baths that clean
 */
record HygieneBath(
    Step step,
    TextileLoad load,
    double bathL,
    Bath bath,
    Map<Product, Double> dissolved,
    int cleaningBath) {
  /**
   * Returns it as the estimate takes it.
   *
   * @param soils what each bath leaves of the soils
   */
  HygienePhase phase(Machine machine, List<Cleaning> soils) {
    boolean steam = bath.type() == Bath.Type.STEAM;
    double oxygenG =
        steam
            ? 0
            : step.doses().stream()
                .filter(d -> d.into() == PlannedDose.Into.BATH)
                .filter(d -> d.product().purpose() == Product.Purpose.OXYGEN_WHITENER)
                .mapToDouble(d -> d.product().percarbonateG(d.dose().roundedDoseG()))
                .sum();
    boolean activator = step.doses().stream().anyMatch(d -> d.product().activator());
    return new HygienePhase(
        load,
        bathL,
        machine.drumL(),
        bath.profile(),
        Limits.DOSE_G.clamp(oxygenG),
        activator,
        CleaningLog.proteinBefore(soils, cleaningBath),
        steam ? null : additive());
  }

  /**
   * What claims to sanitise by its label; in the last rinse of a wash it has no bath of its own.
   */
  private @Nullable Additive additive() {
    for (PlannedDose dose : step.doses()) {
      Product product = dose.product();
      Product.Claim claim = product.claim();
      if (claim != null && dose.into() == PlannedDose.Into.BATH) {
        double density = product.densityGMl() == null ? 1 : product.densityGMl();
        double anionicG =
            dissolved.entrySet().stream()
                .filter(e -> !e.getKey().equals(product) && e.getKey().has(Chemical.ANIONIC))
                .mapToDouble(e -> e.getValue() * (bath.liquorL() + load.sorbedL()))
                .sum();
        return new Additive(
            Limits.ADDITIVE_ML.clamp(dose.dose().roundedDoseG() / density),
            claim.log(),
            claim.minMlPerL(),
            claim.minMinutes(),
            claim.minC(),
            product.has(Chemical.CATIONIC),
            density,
            Limits.DOSE_G.clamp(anionicG * Additive.ANIONIC_SHARE));
      }
    }
    return null;
  }
}
