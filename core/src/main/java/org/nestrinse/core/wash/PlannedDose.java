package org.nestrinse.core.wash;

import org.nestrinse.core.dose.Dose;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.units.Numbers;
import org.nestrinse.core.why.Why;

/**
 * A product and how much of it one bath gets.
 *
 * @param product the product
 * @param dose how much
 * @param basis what it was computed from
 * @param reason why this product
 */
public record PlannedDose(Product product, Dose dose, Dose.Basis basis, String reason) {

  /** Returns the amount in the measure people have in their hand. */
  public String measure() {
    Double scoops = dose.scoops();
    return scoops == null
        ? Numbers.of(dose.roundedDoseG(), 0)
            + (product.form() == Product.Form.LIQUID ? " mL" : " g")
        : Numbers.scoops(scoops);
  }

  /** Returns the reason of the amount. */
  public Why why() {
    Why.Builder why =
        Why.of(measure() + " of " + product.name(), reason)
            .line("water", Numbers.of(basis.hardnessMmolL(), 1) + " mmol/L")
            .line(
                "label at this hardness, for " + Numbers.of(basis.referenceMassKg(), 1) + " kg",
                Numbers.of(dose.labelG(), 0) + " g")
            .line(
                "load of " + Numbers.of(basis.massKg(), 1) + " kg",
                "× " + Numbers.fixed(dose.massScale(), 2))
            .line("share of this bath", "× " + Numbers.of(basis.phaseShare(), 2))
            .line("school", "× " + Numbers.of(basis.strength(), 2))
            .line("what you saw lately", "× " + Numbers.of(basis.trim(), 2))
            .total(
                "dose",
                Numbers.of(dose.doseG(), 0) + " g" + (dose.capped() ? ", the label's most" : ""));
    if (basis.scoopMl() != null && basis.densityGMl() != null) {
      why.line("scoop", Numbers.of(basis.scoopMl() * basis.densityGMl(), 0) + " g")
          .total(measure(), Numbers.of(dose.roundedDoseG(), 0) + " g");
    }
    return why.source("Estimate by docs/models.md, section 3. The label of your product wins.");
  }
}
