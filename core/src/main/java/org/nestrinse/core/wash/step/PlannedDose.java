package org.nestrinse.core.wash.step;

import org.jspecify.annotations.Nullable;
import org.nestrinse.core.dose.Dose;
import org.nestrinse.core.dose.Spoons;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.WashSaying;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;
import org.nestrinse.core.why.WhySource;

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
    Product product, Dose dose, Dose.@Nullable Basis basis, double waterL, Said reason, Into into) {

  /** Digits of a quarter. */
  private static final int QUARTERS = 2;

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
  public boolean byMillilitres() {
    return basis == null && waterL == 0;
  }

  /** Makes a dose by the grams of a label. */
  public PlannedDose(Product product, Dose dose, Dose.Basis basis, Said reason) {
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
  public static PlannedDose byHand(
      Product product,
      double litres,
      double hardnessMmolL,
      double strength,
      double massKg,
      Said reason) {
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

  /** Returns an amount of a product that the person adds. */
  public static PlannedDose besides(Product product, double ml, Into into, Said reason) {
    return new PlannedDose(
        product, Dose.ofMl(ml, product.scoopMl(), product.densityGMl()), null, 0, reason, into);
  }

  /**
   * Returns the dose of a sanitising product that keeps its label's claim in this much water.
   *
   * @param moreMl more that detergent in the bath uses up [mL]
   */
  public static PlannedDose byClaim(
      Product product, Product.Claim claim, double waterL, double moreMl) {
    return new PlannedDose(
        product,
        Dose.byConcentration(
            claim.minMlPerL(), waterL, moreMl, product.scoopMl(), product.densityGMl()),
        null,
        waterL,
        WashPhrase.SANITISER_MEASURED.said(),
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
  public Said measure() {
    Double measured = dose.scoops();
    if (measured == null) {
      return weighed();
    }
    return switch (dose.unit()) {
      case SCOOP -> Said.from(new Quantity(measured, ownMeasure(), QUARTERS));
      case TEASPOON -> Said.from(Spoons.of(measured));
      case PIECE ->
          Said.from(
              new Quantity(
                  measured,
                  product.form() == Product.Form.SHEET ? Unit.SHEET : Unit.TAB,
                  QUARTERS));
    };
  }

  /** What comes in a bottle is measured by its cap. */
  private Unit ownMeasure() {
    return switch (product.form()) {
      case LIQUID, CONCENTRATE -> Unit.CAP;
      case POWDER, SHEET, TAB -> Unit.SCOOP;
    };
  }

  /** Returns the same amount in millilitres for liquids, in grams for the rest. */
  public Said weighed() {
    double density = product.densityGMl() == null ? 1 : product.densityGMl();
    return Said.from(
        product.form().liquid()
            ? Quantity.of(dose.roundedDoseG() / density, Unit.MILLILITRE)
            : Quantity.of(dose.roundedDoseG(), Unit.GRAM));
  }

  /** Returns the reason of the amount. */
  public Why why() {
    if (basis == null) {
      return dose.unit() == Dose.Unit.TEASPOON ? byLitre() : waterL > 0 ? byClaim() : asAdded();
    }
    Why.Builder why =
        Why.of(title(), reason)
            .line(WashSaying.WATER, new Quantity(basis.hardnessMmolL(), Unit.MMOL_PER_L, 1))
            .line(
                Said.of(WashSaying.LABEL_AT).with("mass", kg(basis.referenceMassKg())),
                Quantity.of(dose.labelG(), Unit.GRAM))
            .line(
                Said.of(WashSaying.LOAD_OF).with("mass", kg(basis.massKg())),
                times(dose.massScale()))
            .line(WashSaying.SHARE_OF_BATH, times(basis.phaseShare()))
            .line(WashSaying.METHOD, times(basis.strength()))
            .line(WashSaying.SEEN_LATELY, times(basis.trim()));
    Quantity grams = Quantity.of(dose.doseG(), Unit.GRAM);
    why.total(
        WashSaying.DOSE, dose.capped() ? Said.of(WashSaying.CAPPED).with("grams", grams) : grams);
    if (basis.scoopMl() != null && basis.densityGMl() != null) {
      why.line(WashSaying.SCOOP, Quantity.of(basis.scoopMl() * basis.densityGMl(), Unit.GRAM))
          .total(measure(), Quantity.of(dose.roundedDoseG(), Unit.GRAM));
    }
    return why.by(Model.DOSE, WhySource.LABEL_FIRST);
  }

  private Said title() {
    return Said.of(WashSaying.DOSE_TITLE)
        .with("measure", measure())
        .with("product", product.name());
  }

  private static Quantity kg(double kg) {
    return new Quantity(kg, Unit.KILOGRAM, 1);
  }

  private static Quantity times(double factor) {
    return new Quantity(factor, Unit.TIMES, 2);
  }

  private Why byLitre() {
    return Why.of(title(), reason)
        .line(WashSaying.IN_BATH, new Quantity(waterL, Unit.LITRE, 1))
        .line(
            WashSaying.BY_HAND,
            Said.of(WashSaying.PER_LITRE).with("grams", new Quantity(dose.labelG(), Unit.GRAM, 2)))
        .line(WashSaying.FOR_HARDNESS, times(dose.massScale()))
        .total(WashSaying.DOSE, new Quantity(dose.doseG(), Unit.GRAM, 1))
        .by(Model.DOSE, WhySource.LABEL_FIRST);
  }

  private Why asAdded() {
    return Why.of(title(), reason)
        .total(WashSaying.PUT_IN, Quantity.of(dose.roundedDoseG(), Unit.GRAM))
        .source(WashSaying.OWN_CHOICE);
  }

  private Why byClaim() {
    Why.Builder why =
        Why.of(title(), reason).line(WashSaying.IN_BATH, new Quantity(waterL, Unit.LITRE, 1));
    if (product.claim() != null) {
      why.line(
              WashSaying.LABEL_AT_LEAST,
              new Quantity(product.claim().minMlPerL(), Unit.ML_PER_L, 2))
          .line(WashSaying.CLAIMS, new Quantity(product.claim().log(), Unit.LOG, 1));
    }
    Double ml = dose.doseMl();
    return why.total(WashSaying.NEEDED, Quantity.of(ml == null ? 0 : ml, Unit.MILLILITRE))
        .by(Model.GERMS, WhySource.LABEL_FIRST);
  }
}
