package org.nestrinse.core.kit;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.dose.Dose;
import org.nestrinse.core.dose.LabelRow;
import org.nestrinse.core.safety.Chemical;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.units.Limits;

/**
 * A washing product, as its label describes it.
 *
 * @param id the household's number for it
 * @param name by what it is: "bio powder"
 * @param purpose what it is for
 * @param form powder, liquid, concentrate, sheet or tab
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
 * @param stated further chemical classes that its label states, or null when nobody read it
 * @param pieceG what one sheet, tab or capsule weighs [g], or null when it is measured
 * @param percarbonateShare how much of a whitener is percarbonate, 0 to 1, or null for {@link
 *     #USUAL_PERCARBONATE}
 * @param staysIn whether its label says that it stays in after the last rinse; null for no
 */
@RecordBuilder
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
    @Nullable Set<Chemical> stated,
    @Nullable Double pieceG,
    @Nullable Double percarbonateShare,
    @Nullable Boolean staysIn) {
  /** How much of a boxed whitener is percarbonate when its label does not say. */
  public static final double USUAL_PERCARBONATE = 0.4;

  /** The load to which the grams of a product are brought before they are compared [kg]. */
  private static final double EVERYDAY_LOAD_KG = 4.5;

  /** A medium dose of everyday powder for that load [g]. */
  private static final double EVERYDAY_POWDER_G = 70;

  /** By hand, for a litre of medium water: everyday powder [g] or liquid [mL]. */
  private static final double BY_HAND_PER_L = 1;

  private static final double CONCENTRATE_BY_HAND_PER_L = 0.4;

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

  /** How it comes, with the label that such a product usually has at 4.5 kg. */
  public enum Form implements Saying {
    POWDER(new LabelRow(50, 70, 90), 0.65),
    LIQUID(new LabelRow(51.5, 72.1, 92.7), 1.03),
    CONCENTRATE(new LabelRow(21, 29.4, 37.8), 1.05),
    /** Its label counts sheets: 1, 1 and 2. */
    SHEET(new LabelRow(1, 1, 2), 1),
    /** Tabs and capsules: 1, 1 and 2. */
    TAB(new LabelRow(1, 1, 2), 1);

    private final LabelRow typical;
    private final double densityGMl;

    Form(LabelRow typical, double densityGMl) {
      this.typical = typical;
      this.densityGMl = densityGMl;
    }

    /** Returns the usual label at 4.5 kg: grams, or pieces for what is counted in pieces. */
    public LabelRow typicalLabel() {
      return typical;
    }

    /** Returns its usual density as it lies in a scoop or pours [g/mL]. */
    public double usualDensityGMl() {
      return densityGMl;
    }

    /** Returns whether it is counted in pieces. */
    public boolean pieces() {
      return this == SHEET || this == TAB;
    }

    /** Returns whether it is liquid, so that it pours and coats. */
    public boolean liquid() {
      return this == LIQUID || this == CONCENTRATE;
    }
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
    if (pieceG != null) {
      Limits.PIECE_G.check("pieceG", pieceG);
    }
    if (percarbonateShare != null) {
      Limits.PHASE_SHARE.check("percarbonateShare", percarbonateShare);
    }
  }

  /** Makes a product that is measured, as its label claims and states. */
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
      double packG,
      @Nullable Claim claim,
      @Nullable Set<Chemical> stated) {
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
        claim,
        stated,
        null,
        null,
        null);
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
   * Returns the chemical classes in it: those of its kind, whatever boxes are ticked, and those
   * that its label states. Something else of which nobody read the label counts as unknown.
   *
   * @see "docs/models.md, products that must not meet"
   */
  public Set<Chemical> chemicals() {
    Set<Chemical> all = EnumSet.noneOf(Chemical.class);
    if (stated != null) {
      all.addAll(stated);
    }
    switch (purpose) {
      case DETERGENT, STAIN_REMOVER -> {
        all.add(Chemical.ANIONIC);
        if (!form.liquid()) {
          all.add(Chemical.ALKALI);
        }
      }
      case OXYGEN_WHITENER -> all.add(Chemical.PEROXIDE);
      case SOFTENER -> all.add(Chemical.CATIONIC);
      case SANITISER -> {
        if (all.isEmpty()) {
          all.add(form.liquid() ? Chemical.CATIONIC : Chemical.PEROXIDE);
        }
      }
      case ACID -> all.add(Chemical.ACID);
      case SODA -> all.add(Chemical.ALKALI);
      case CHLORINE_BLEACH -> all.add(Chemical.CHLORINE);
      case OTHER -> {
        if (all.isEmpty()) {
          all.add(Chemical.UNKNOWN);
        }
      }
    }
    if (enzymes) {
      all.add(Chemical.ENZYME);
    }
    return all;
  }

  /**
   * Returns whether a sanitiser is made for the last rinse: one that detergent would use up. Any
   * other works in the main wash, with the detergent.
   */
  public boolean forLastRinse() {
    return has(Chemical.CATIONIC);
  }

  /**
   * Returns an amount of it [g] as grams of everyday powder, by what its label makes of a medium
   * load, so that concentrates, sheets and tabs count by their label and not by their weight [g].
   */
  public double everydayG(double grams) {
    double medium = gramsOf(normal).mediumG();
    double scale = Dose.massScale(EVERYDAY_LOAD_KG, referenceMassKg);
    return medium <= 0 ? grams : grams * EVERYDAY_POWDER_G / (medium * scale);
  }

  /** Returns a row of its label in grams; the label of sheets and tabs counts pieces. */
  public LabelRow gramsOf(LabelRow row) {
    return pieceG == null ? row : row.times(pieceG);
  }

  /** Returns the percarbonate in an amount of a whitener [g]. */
  public double percarbonateG(double grams) {
    return grams * (percarbonateShare == null ? USUAL_PERCARBONATE : percarbonateShare);
  }

  /** Returns what goes into a litre of medium water by hand [g/L]. */
  public double byHandGramsPerL() {
    if (pieceG != null) {
      return pieceG * normal.mediumG() * BY_HAND_PER_L / EVERYDAY_POWDER_G;
    }
    double density = densityGMl == null ? 1 : densityGMl;
    return switch (form) {
      case CONCENTRATE -> CONCENTRATE_BY_HAND_PER_L * density;
      case LIQUID -> BY_HAND_PER_L * density;
      case POWDER, SHEET, TAB -> BY_HAND_PER_L;
    };
  }

  /**
   * Returns the most that its label allows in one bath [g].
   *
   * @param massKg dry mass of the load [kg]
   */
  public double mostG(double massKg) {
    LabelRow row = gramsOf(heavy.highestG() > normal.highestG() ? heavy : normal);
    return Dose.mostG(maxG, row, Dose.massScale(massKg, referenceMassKg));
  }

  /** Returns whether it has what a chemical class names. */
  public boolean has(Chemical chemical) {
    return chemicals().contains(chemical);
  }

  /** Returns the price of a gram, in the household's currency. */
  public double pricePerG() {
    return packG > 0 ? packPrice / packG : 0;
  }

  /** Returns whether it is a detergent for delicate skin: no enzymes, no scent, no coating. */
  public boolean plainDetergent() {
    return purpose == Purpose.DETERGENT && !enzymes && !scented && !coats;
  }
}
