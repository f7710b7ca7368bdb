package org.nestrinse.core.wash;

import org.jspecify.annotations.Nullable;
import org.nestrinse.core.dose.Dose;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.units.Numbers;
import org.nestrinse.core.why.Why;

/**
 * A product and how much of it one bath gets.
 *
 * @param product the product
 * @param dose how much
 * @param basis what it was computed from; null when the label gives a concentration
 * @param waterL the bath that the concentration is for [L]; 0 when the label gives grams
 * @param reason why this product
 * @param into whether it goes into the bath or into the last rinse
 */
public record PlannedDose(
    Product product,
    Dose dose,
    Dose.@Nullable Basis basis,
    double waterL,
    String reason,
    Into into) {

  /** Into which water of its run a product goes. */
  public enum Into {
    BATH,
    LAST_RINSE
  }

  /**
   * Returns whether it goes into the softener drawer, which is rinsed in at the last rinse.
   *
   * @param run the run that it belongs to, or null by hand
   */
  public boolean inSoftenerDrawer(@Nullable MachineRun run) {
    return run != null && (into == Into.LAST_RINSE || !run.washes());
  }

  /** Returns whether somebody said how many millilitres, with no label or litres behind it. */
  boolean byMillilitres() {
    return basis == null && waterL == 0;
  }

  /** Makes a dose by the grams of a label. */
  public PlannedDose(Product product, Dose dose, Dose.Basis basis, String reason) {
    this(product, dose, basis, 0, reason, Into.BATH);
  }

  /**
   * Returns the dose of a bath by hand, measured by its litres, in teaspoons.
   *
   * @param litres water in the bath [L]
   * @param hardnessMmolL hardness of the water [mmol/L]
   * @param strength lean 0.6, label 1.0, strong 1.2
   * @param massKg dry mass of the load, on which the label's maximum depends [kg]
   */
  static PlannedDose byHand(
      Product product,
      double litres,
      double hardnessMmolL,
      double strength,
      double massKg,
      String reason) {
    return new PlannedDose(
        product,
        Dose.byHand(
            product.byHandGramsPerL(),
            product.normal(),
            litres,
            hardnessMmolL,
            strength,
            product.mostG(massKg),
            product.densityGMl()),
        null,
        litres,
        reason,
        Into.BATH);
  }

  /** Returns so much of a product, because the person puts it in. */
  static PlannedDose besides(Product product, double ml, Into into, String reason) {
    return new PlannedDose(
        product, Dose.ofMl(ml, product.scoopMl(), product.densityGMl()), null, 0, reason, into);
  }

  /**
   * Returns the dose of a sanitising product that keeps its label's claim in so much water.
   *
   * @param moreMl more that detergent in the bath uses up [mL]
   */
  static PlannedDose byClaim(Product product, Product.Claim claim, double waterL, double moreMl) {
    return new PlannedDose(
        product,
        Dose.byConcentration(
            claim.minMlPerL(), waterL, moreMl, product.scoopMl(), product.densityGMl()),
        null,
        waterL,
        WashWords.sanitiserMeasured(),
        Into.BATH);
  }

  /**
   * Returns the dose of which only a share went in, or more.
   *
   * @param share 1 for all of it
   */
  public PlannedDose taken(double share) {
    return new PlannedDose(product, dose.times(share), basis, waterL, reason, into);
  }

  /** Returns the amount in the measure people have in their hand. */
  public String measure() {
    Double measured = dose.scoops();
    if (measured == null) {
      return weighed();
    }
    return switch (dose.unit()) {
      case SCOOP -> Numbers.scoops(measured);
      case TEASPOON -> Numbers.spoons(measured);
      case PIECE -> Numbers.pieces(measured, product.form().words());
    };
  }

  /** Returns the same amount in millilitres for liquids, in grams for the rest. */
  public String weighed() {
    double density = product.densityGMl() == null ? 1 : product.densityGMl();
    return product.form().liquid()
        ? Numbers.of(dose.roundedDoseG() / density, 0) + " mL"
        : Numbers.of(dose.roundedDoseG(), 0) + " g";
  }

  /** Returns the reason of the amount. */
  public Why why() {
    if (basis == null) {
      return dose.unit() == Dose.Unit.TEASPOON ? byLitre() : waterL > 0 ? byClaim() : asAdded();
    }
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

  private Why byLitre() {
    return Why.of(measure() + " of " + product.name(), reason)
        .line("water in the bath", Numbers.of(waterL, 1) + " L")
        .line("by hand", Numbers.of(dose.labelG(), 2) + " g for each litre")
        .line("for this hardness", "× " + Numbers.fixed(dose.massScale(), 2))
        .total("dose", Numbers.of(dose.doseG(), 1) + " g")
        .source("Estimate by docs/models.md, section 3. The label of your product wins.");
  }

  private Why asAdded() {
    return Why.of(measure() + " of " + product.name(), reason)
        .total("put in", Numbers.of(dose.roundedDoseG(), 0) + " g")
        .source("Your own choice. The label of your product wins.");
  }

  private Why byClaim() {
    Why.Builder why =
        Why.of(measure() + " of " + product.name(), reason)
            .line("water in the bath", Numbers.of(waterL, 1) + " L");
    if (product.claim() != null) {
      why.line("label, at least", Numbers.of(product.claim().minMlPerL(), 2) + " mL/L")
          .line("claims", Numbers.of(product.claim().log(), 1) + " log");
    }
    Double ml = dose.doseMl();
    return why.total("needed", Numbers.of(ml == null ? 0 : ml, 0) + " mL")
        .source("Estimate by docs/models.md, section 7. The label of your product wins.");
  }
}
