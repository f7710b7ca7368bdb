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
 * @param byTeaspoon whether {@code scoops} counts teaspoons instead of the household's scoop
 * @see "docs/models.md, section 3"
 */
public record Dose(
    double doseG,
    @Nullable Double doseMl,
    @Nullable Double scoops,
    double roundedDoseG,
    double massScale,
    double labelG,
    boolean capped,
    boolean byTeaspoon) {
  /** Powder for a bath by hand in medium water [mL/L]; 0.3 to 0.6 are usual. */
  public static final double HAND_ML_PER_L = 0.45;

  /** A teaspoon [mL]. */
  public static final double TEASPOON_ML = 5;

  private static final double MEDIUM_WATER_MMOL_L = 2;
  private static final double USUAL_DENSITY_G_ML = 1;
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

  /** Makes a dose in the household's scoops. */
  public Dose(
      double doseG,
      @Nullable Double doseMl,
      @Nullable Double scoops,
      double roundedDoseG,
      double massScale,
      double labelG,
      boolean capped) {
    this(doseG, doseMl, scoops, roundedDoseG, massScale, labelG, capped, false);
  }

  /**
   * Returns the dose of a bath by hand, which goes by its litres, in quarter teaspoons.
   *
   * @param label the label's row, which tells how the hardness changes it
   * @param litres water in the bath [L]
   * @param hardnessMmolL hardness of the water [mmol/L]
   * @param densityGMl density [g/mL], or null for that of water
   */
  public static Dose byHand(
      LabelRow label, double litres, double hardnessMmolL, @Nullable Double densityGMl) {
    Limits.WATER_L.check("litres", litres);
    Limits.HARDNESS_MMOL_L.check("hardnessMmolL", hardnessMmolL);
    double medium = label.at(MEDIUM_WATER_MMOL_L);
    double hardness = medium == 0 ? 1 : label.at(hardnessMmolL) / medium;
    double density = densityGMl == null ? USUAL_DENSITY_G_ML : densityGMl;
    double ml = HAND_ML_PER_L * litres * hardness;
    double spoons = Math.max(1, Math.rint(ml / TEASPOON_ML * QUARTERS)) / QUARTERS;
    return new Dose(
        ml * density,
        ml,
        spoons,
        spoons * TEASPOON_ML * density,
        hardness,
        HAND_ML_PER_L * density,
        false,
        true);
  }

  /** Returns so many times this dose, as it was really put in. */
  public Dose times(double share) {
    return new Dose(
        doseG * share,
        doseMl == null ? null : doseMl * share,
        scoops == null ? null : scoops * share,
        roundedDoseG * share,
        massScale,
        labelG,
        capped,
        byTeaspoon);
  }

  /** Returns a dose of so many millilitres, as a person puts it in. */
  public static Dose ofMl(double ml, @Nullable Double scoopMl, @Nullable Double densityGMl) {
    double grams = ml * (densityGMl == null ? USUAL_DENSITY_G_ML : densityGMl);
    return new Dose(grams, ml, scoopMl == null ? null : ml / scoopMl, grams, 1, 0, false);
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
