package org.nestrinse.core.dose;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.Range;

/**
 * How much of a product a bath gets.
 *
 * @param doseG by the model, at most the product's maximum [g]
 * @param doseMl the same as volume [mL], null when the density is not known
 * @param scoops how many of {@code unit}: to the nearest quarter, sheets and tabs to the half;
 *     never rounded to zero, never above the maximum; null when nothing measures it
 * @param roundedDoseG what these weigh; the same as {@code doseG} when nothing measures it [g]; the
 *     bath models use this
 * @param massScale how the label dose is scaled for the mass of the load, 0.3 to 1.8
 * @param labelG the label dose for this hardness [g]
 * @param capped whether the most that the label allows cut it
 * @param unit what {@code scoops} counts
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
    Unit unit) {
  /** What a dose is counted in. */
  public enum Unit {
    /** The household's scoop or cap. */
    SCOOP,
    TEASPOON,
    /** One sheet, tab or capsule. */
    PIECE
  }

  /** A teaspoon [mL]. */
  public static final double TEASPOON_ML = 5;

  private static final double MEDIUM_WATER_MMOL_L = 2;
  private static final double USUAL_DENSITY_G_ML = 1;
  private static final double SCALE_BASE = 0.25;
  private static final double SCALE_PER_REFERENCE = 0.75;
  private static final Range MASS_SCALE = new Range(0.3, 1.8);
  private static final double QUARTERS = 4;
  private static final double HALVES = 2;

  /** Factor on the highest figure of its row where a label prints no maximum. */
  private static final double MOST_OF_ROW = 1.5;

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
   * @param pieceG what one sheet or tab weighs [g], or null when it is not counted in pieces
   */
  @RecordBuilder
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
      @Nullable Double densityGMl,
      @Nullable Double pieceG) {
    /** Makes the basis of a product that is measured by a scoop. */
    public Basis(
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
      this(
          massKg,
          label,
          referenceMassKg,
          hardnessMmolL,
          phaseShare,
          strength,
          trim,
          maxG,
          scoopMl,
          densityGMl,
          null);
    }

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
    this(doseG, doseMl, scoops, roundedDoseG, massScale, labelG, capped, Unit.SCOOP);
  }

  /**
   * Returns how a label's dose is scaled for a load, 0.3 to 1.8.
   *
   * @param massKg dry mass of the load [kg]
   * @param referenceMassKg the mass that the label speaks of [kg]
   */
  public static double massScale(double massKg, double referenceMassKg) {
    return MASS_SCALE.clamp(SCALE_BASE + SCALE_PER_REFERENCE * massKg / referenceMassKg);
  }

  /**
   * Returns the most of a product that its label allows in one bath [g].
   *
   * @param printedG the maximum that is printed, or null
   * @param label the row that holds
   * @param massScale from {@link #massScale}
   */
  public static double mostG(@Nullable Double printedG, LabelRow label, double massScale) {
    return printedG == null ? MOST_OF_ROW * label.highestG() * massScale : printedG;
  }

  /**
   * Returns the dose of a bath by hand, which goes by its litres, in quarter teaspoons.
   *
   * @param gramsPerL for a litre of medium water [g/L]
   * @param label the label's row, which tells how the hardness changes it
   * @param litres water in the bath [L]
   * @param hardnessMmolL hardness of the water [mmol/L]
   * @param strength lean 0.6, label 1.0, strong 1.2
   * @param mostG the most that the label allows [g]
   * @param densityGMl density [g/mL], or null for that of water
   */
  public static Dose byHand(
      double gramsPerL,
      LabelRow label,
      double litres,
      double hardnessMmolL,
      double strength,
      double mostG,
      @Nullable Double densityGMl) {
    Limits.WATER_L.check("litres", litres);
    Limits.HARDNESS_MMOL_L.check("hardnessMmolL", hardnessMmolL);
    Limits.STRENGTH.check("strength", strength);
    double medium = label.at(MEDIUM_WATER_MMOL_L);
    double hardness = medium == 0 ? 1 : label.at(hardnessMmolL) / medium;
    double density = densityGMl == null ? USUAL_DENSITY_G_ML : densityGMl;
    double wanted = gramsPerL * litres * hardness * strength;
    double grams = Math.min(wanted, mostG);
    double spoonG = TEASPOON_ML * density;
    double step = Spoons.step(grams / spoonG);
    double spoons = step * measured(grams, spoonG * step, 1, mostG);
    return new Dose(
        grams,
        grams / density,
        spoons,
        spoons * spoonG,
        hardness,
        gramsPerL,
        wanted > mostG,
        Unit.TEASPOON);
  }

  /** Returns this dose multiplied, as it really went in. */
  public Dose times(double share) {
    return new Dose(
        doseG * share,
        doseMl == null ? null : doseMl * share,
        scoops == null ? null : scoops * share,
        roundedDoseG * share,
        massScale,
        labelG,
        capped,
        unit);
  }

  /** Returns a dose in millilitres, as a person adds it. */
  public static Dose ofMl(double ml, @Nullable Double scoopMl, @Nullable Double densityGMl) {
    double grams = ml * (densityGMl == null ? USUAL_DENSITY_G_ML : densityGMl);
    return new Dose(grams, ml, scoopMl == null ? null : ml / scoopMl, grams, 1, 0, false);
  }

  /** Returns the dose. */
  public static Dose of(Basis b) {
    double scale = massScale(b.massKg, b.referenceMassKg);
    double label = b.label.at(b.hardnessMmolL);
    double wanted = label * scale * b.phaseShare * b.strength * b.trim;
    double most = mostG(b.maxG, b.label, scale);
    boolean capped = wanted > most;
    double dose = Math.min(wanted, most);
    Double ml = b.densityGMl == null ? null : dose / b.densityGMl;
    if (b.pieceG != null) {
      double pieces = measured(dose, b.pieceG, HALVES, most);
      double grams = pieces * b.pieceG;
      return new Dose(dose, ml, pieces, grams, scale, label, capped, Unit.PIECE);
    }
    if (b.scoopMl == null || b.densityGMl == null) {
      return new Dose(dose, ml, null, dose, scale, label, capped);
    }
    double scoopG = b.scoopMl * b.densityGMl;
    double scoops = measured(dose, scoopG, QUARTERS, most);
    return new Dose(dose, ml, scoops, scoops * scoopG, scale, label, capped);
  }

  /**
   * Returns how many of a measure come nearest to some grams, in its parts: never none of what is
   * wanted, and down rather than above the maximum.
   */
  private static double measured(double grams, double measureG, double parts, double mostG) {
    if (grams == 0) {
      return 0;
    }
    double steps = Math.max(1, Math.rint(grams / measureG * parts));
    if (steps / parts * measureG > mostG * (1 + 1e-9)) {
      steps = Math.max(1, Math.floor(mostG / measureG * parts + 1e-9));
    }
    return steps / parts;
  }

  /**
   * Returns the dose that makes a bath as strong as a label asks, rounded up to a quarter scoop so
   * that it is never weaker.
   *
   * @param mlPerL concentration wanted [mL/L]
   * @param litres the bath [L]
   * @param moreMl more that is used up by what is in the bath already [mL]
   * @param scoopMl volume of the scoop [mL], or null
   * @param densityGMl density [g/mL], or null for that of water
   */
  public static Dose byConcentration(
      double mlPerL,
      double litres,
      double moreMl,
      @Nullable Double scoopMl,
      @Nullable Double densityGMl) {
    Limits.ML_PER_L.check("mlPerL", mlPerL);
    double ml = mlPerL * litres + moreMl;
    double density = densityGMl == null ? USUAL_DENSITY_G_ML : densityGMl;
    if (scoopMl == null) {
      return new Dose(ml * density, ml, null, Math.ceil(ml) * density, 1, 0, false);
    }
    double scoops = Math.ceil(ml / scoopMl * QUARTERS - 1e-9) / QUARTERS;
    return new Dose(ml * density, ml, scoops, scoops * scoopMl * density, 1, 0, false);
  }
}
