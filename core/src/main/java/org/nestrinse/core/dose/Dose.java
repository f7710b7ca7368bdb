package org.nestrinse.core.dose;

import org.jspecify.annotations.Nullable;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.Range;

/**
 * How much of a product a bath gets.
 *
 * @param doseG by the model, at most the product's maximum [g]
 * @param doseMl the same as volume [mL], null when the density is not known
 * @param scoops to the nearest quarter, never rounded to zero, null when there is no scoop
 * @param roundedDoseG what these scoops weigh, or whole grams without a scoop [g]; the bath models
 *     use this
 * @param massScale how the label dose is scaled for the mass of the load, 0.6 to 1.8
 * @param labelG the label dose for this hardness [g]
 * @param capped whether the product's maximum cut it
 * @see "docs/models.md, section 3"
 */
public record Dose(
    double doseG,
    @Nullable Double doseMl,
    @Nullable Double scoops,
    double roundedDoseG,
    double massScale,
    double labelG,
    boolean capped) {
  private static final double SCALE_BASE = 0.45;
  private static final double SCALE_PER_REFERENCE = 0.55;
  private static final Range MASS_SCALE = new Range(0.6, 1.8, "");
  private static final double QUARTERS = 4;

  /**
   * What the dose depends on.
   *
   * @param massKg dry mass of the load [kg]
   * @param label the label's row for the soil
   * @param referenceMassKg the mass the label speaks of [kg]
   * @param hardnessMmolL hardness of the water [mmol/L]
   * @param phaseShare share of the dose that this bath gets, 0 to 1
   * @param strength the school's strength, lean 0.6, label 1.0, strong 1.2
   * @param trim the learned correction, 0.6 to 1.4
   * @param maxG the most the product allows [g], or null
   * @param scoopMl volume of the scoop [mL], or null
   * @param densityGMl density as it lies in the scoop [g/mL], or null
   */
  public record Basis(
      double massKg,
      LabelRow label,
      double referenceMassKg,
      double hardnessMmolL,
      double phaseShare,
      double strength,
      double trim,
      @Nullable Double maxG,
      @Nullable Double scoopMl,
      @Nullable Double densityGMl) {
    public Basis {
      Limits.MASS_KG.check("load", massKg);
      Limits.REFERENCE_MASS_KG.check("referenceMassKg", referenceMassKg);
      Limits.HARDNESS_MMOL_L.check("hardnessMmolL", hardnessMmolL);
      Limits.PHASE_SHARE.check("phaseShare", phaseShare);
      Limits.STRENGTH.check("strength", strength);
      Limits.TRIM.check("trim", trim);
      if (maxG != null) {
        Limits.DOSE_G.check("maxG", maxG);
      }
      if (scoopMl != null) {
        Limits.SCOOP_ML.check("scoopMl", scoopMl);
      }
      if (densityGMl != null) {
        Limits.DENSITY_G_ML.check("densityGMl", densityGMl);
      }
    }
  }

  /** Returns the dose. */
  public static Dose of(Basis b) {
    double scale =
        MASS_SCALE.clamp(SCALE_BASE + SCALE_PER_REFERENCE * b.massKg / b.referenceMassKg);
    double label = b.label.at(b.hardnessMmolL);
    double wanted = label * scale * b.phaseShare * b.strength * b.trim;
    boolean capped = b.maxG != null && wanted > b.maxG;
    double dose = capped && b.maxG != null ? b.maxG : wanted;
    Double ml = b.densityGMl == null ? null : dose / b.densityGMl;
    if (ml == null || b.scoopMl == null || b.densityGMl == null) {
      return new Dose(dose, ml, null, Math.rint(dose), scale, label, capped);
    }
    double scoopG = b.scoopMl * b.densityGMl;
    double quarters = dose == 0 ? 0 : Math.max(1, Math.rint(dose / scoopG * QUARTERS));
    double most = b.maxG == null ? Double.POSITIVE_INFINITY : b.maxG;
    if (quarters / QUARTERS * scoopG > most && quarters > 1) {
      quarters = Math.floor(most / scoopG * QUARTERS);
    }
    double scoops = quarters / QUARTERS;
    return new Dose(dose, ml, scoops, scoops * scoopG, scale, label, capped);
  }

  /**
   * Returns the dose that makes a bath as strong as a label asks, rounded up to a quarter scoop so
   * that it is never weaker.
   *
   * @param mlPerL concentration wanted [mL/L]
   * @param litres the bath [L]
   * @param scoopMl volume of the scoop [mL], or null
   * @param densityGMl density [g/mL], or null for that of water
   */
  public static Dose byConcentration(
      double mlPerL, double litres, @Nullable Double scoopMl, @Nullable Double densityGMl) {
    Limits.ML_PER_L.check("mlPerL", mlPerL);
    double ml = mlPerL * litres;
    double density = densityGMl == null ? 1 : densityGMl;
    if (scoopMl == null) {
      return new Dose(ml * density, ml, null, Math.ceil(ml) * density, 1, 0, false);
    }
    double scoops = Math.ceil(ml / scoopMl * QUARTERS - 1e-9) / QUARTERS;
    return new Dose(ml * density, ml, scoops, scoops * scoopMl * density, 1, 0, false);
  }
}
