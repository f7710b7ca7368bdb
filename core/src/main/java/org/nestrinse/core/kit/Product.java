package org.nestrinse.core.kit;

import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.dose.LabelRow;
import org.nestrinse.core.safety.Chemical;
import org.nestrinse.core.units.Limits;

/**
 * A washing product, as its label describes it.
 *
 * @param id the household's number for it
 * @param name by what it is: "bio powder"
 * @param purpose what it is for
 * @param form powder or liquid
 * @param enzymes whether it has enzymes
 * @param scented whether it is scented
 * @param coats whether it has softener or soap, which coat absorbent fibre
 * @param activator whether an oxygen whitener has an activator
 * @param normal label dose for normal soil
 * @param heavy label dose for heavy soil
 * @param referenceMassKg the load that the label speaks of [kg]
 * @param maxG the most it allows in one bath [g], or null
 * @param scoopMl volume of the household's scoop for it [mL], or null
 * @param densityGMl density as it lies in the scoop [g/mL], or null
 * @param packPrice price of a pack, in the household's currency
 * @param packG content of a pack [g]
 * @param claim what a sanitising product claims, or null
 * @param stated the chemical classes that its label states, or null to go by its purpose
 */
public record Product(
    long id,
    String name,
    Purpose purpose,
    Form form,
    boolean enzymes,
    boolean scented,
    boolean coats,
    boolean activator,
    LabelRow normal,
    LabelRow heavy,
    double referenceMassKg,
    @Nullable Double maxG,
    @Nullable Double scoopMl,
    @Nullable Double densityGMl,
    double packPrice,
    double packG,
    @Nullable Claim claim,
    @Nullable Set<Chemical> stated) {

  /**
   * What a sanitising product claims on its label. Outside its own concentration, time and
   * temperature it counts for nothing.
   *
   * @param log reduction claimed [log₁₀]
   * @param minMlPerL least concentration [mL/L]
   * @param minMinutes least contact time
   * @param minC least temperature [°C]
   */
  public record Claim(double log, double minMlPerL, double minMinutes, double minC) {
    public Claim {
      Limits.CLAIM_LOG.check("claim.log", log);
      Limits.ML_PER_L.check("claim.minMlPerL", minMlPerL);
      Limits.MINUTES.check("claim.minMinutes", minMinutes);
      Limits.WATER_C.check("claim.minC", minC);
    }
  }

  /** What a product is for. */
  public enum Purpose {
    DETERGENT,
    OXYGEN_WHITENER,
    SANITISER,
    SOFTENER,
    /** Vinegar, citric acid. */
    ACID,
    /** Washing soda. */
    SODA,
    CHLORINE_BLEACH,
    STAIN_REMOVER,
    /** Whatever else; what is in it is not known unless the label states it. */
    OTHER
  }

  /** How it comes. */
  public enum Form {
    POWDER,
    LIQUID
  }

  public Product {
    stated = stated == null ? null : Set.copyOf(stated);
    Limits.REFERENCE_MASS_KG.check("referenceMassKg", referenceMassKg);
    if (scoopMl != null) {
      Limits.SCOOP_ML.check("scoopMl", scoopMl);
    }
    if (densityGMl != null) {
      Limits.DENSITY_G_ML.check("densityGMl", densityGMl);
    }
  }

  /** Makes a product that claims nothing. */
  public Product(
      long id,
      String name,
      Purpose purpose,
      Form form,
      boolean enzymes,
      boolean scented,
      boolean coats,
      boolean activator,
      LabelRow normal,
      LabelRow heavy,
      double referenceMassKg,
      @Nullable Double maxG,
      @Nullable Double scoopMl,
      @Nullable Double densityGMl,
      double packPrice,
      double packG) {
    this(
        id,
        name,
        purpose,
        form,
        enzymes,
        scented,
        coats,
        activator,
        normal,
        heavy,
        referenceMassKg,
        maxG,
        scoopMl,
        densityGMl,
        packPrice,
        packG,
        null,
        null);
  }

  /**
   * Returns the chemical classes in it: what its label states, else what such products usually are.
   *
   * @see "docs/models.md, products that must not meet"
   */
  public Set<Chemical> chemicals() {
    if (stated != null) {
      return stated;
    }
    Set<Chemical> usual = EnumSet.noneOf(Chemical.class);
    switch (purpose) {
      case DETERGENT, STAIN_REMOVER -> {
        usual.add(Chemical.ANIONIC);
        if (form == Form.POWDER) {
          usual.add(Chemical.ALKALI);
        }
      }
      case OXYGEN_WHITENER -> usual.add(Chemical.PEROXIDE);
      case SANITISER, SOFTENER -> usual.add(Chemical.CATIONIC);
      case ACID -> usual.add(Chemical.ACID);
      case SODA -> usual.add(Chemical.ALKALI);
      case CHLORINE_BLEACH -> usual.add(Chemical.CHLORINE);
      case OTHER -> usual.add(Chemical.UNKNOWN);
    }
    if (enzymes) {
      usual.add(Chemical.ENZYME);
    }
    return usual;
  }

  /** Returns whether it has what a chemical class names. */
  public boolean has(Chemical chemical) {
    return chemicals().contains(chemical);
  }

  /** Returns the price of a gram, in the household's currency. */
  public double pricePerG() {
    return packG > 0 ? packPrice / packG : 0;
  }
}
