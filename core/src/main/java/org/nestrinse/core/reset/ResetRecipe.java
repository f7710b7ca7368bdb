package org.nestrinse.core.reset;

import java.util.List;
import org.nestrinse.core.dose.Spoons;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;

/**
 * A way to take residue out, by the litre.
 *
 * @see "docs/models.md, section 11"
 */
public enum ResetRecipe implements Saying {
  SIMMER_POT(List.of(Salt.ml(ResetSalt.WASHING_SODA, 12, 1.1)), Temper.BOIL, new Course(15, 5)),
  SIMMER_POT_BORAX(
      List.of(Salt.ml(ResetSalt.WASHING_SODA, 8, 1.1), Salt.ml(ResetSalt.BORAX, 8, 0.95)),
      Temper.BOIL,
      new Course(15, 5)),
  OVERNIGHT_DETERGENT(
      List.of(Salt.ml(ResetSalt.CLOTH_DETERGENT, 8, 1.02)), Temper.WARM, new Course(12 * 60, 0)),
  OVERNIGHT_ACID(
      List.of(Salt.ml(ResetSalt.WHITE_VINEGAR, 30, 1.0)), Temper.WARM, new Course(12 * 60, 0)),
  MINERAL_SOAK(List.of(Salt.citrate()), Temper.AS_PIECES_BEAR, new Course(5 * 60, 60)),
  RINSE_OUT(List.of(), Temper.AS_PIECES_BEAR, new Course(15, 0)),
  CHLORINE_SOAK(List.of(), Temper.COLD, new Course(10, 5));

  /** A vessel is filled so far at most. */
  public static final double FILLED = 2.0 / 3;

  /** Dry textile that can still be stirred in a litre [g/L]. */
  static final double ROOM_G_L = 70;

  /** The same [kg/L]. */
  public static final double ROOM_KG_L = ROOM_G_L / 1000;

  /** Active chlorine in a soak [mg/L]. */
  public static final double CHLORINE_MG_L = 200;

  /** Above this hardness citrate is topped up [mmol/L]. */
  static final double SOFT_ENOUGH_MMOL_L = 2;

  private final List<Salt> salts;
  private final Temper temper;
  private final Course course;

  ResetRecipe(List<Salt> salts, Temper temper, Course course) {
    this.salts = salts;
    this.temper = temper;
    this.course = course;
  }

  /** How warm the water is. */
  public enum Temper implements Saying {
    COLD(20),
    WARM(38),
    AS_PIECES_BEAR(55),
    BOIL(98);

    private final double peakC;

    Temper(double peakC) {
      this.peakC = peakC;
    }

    /** Returns how warm the water usually gets, for wear and record [°C]; house figures. */
    public double peakC() {
      return peakC;
    }
  }

  /** How long it works [min], and how often it is stirred [min], 0 for never. */
  private record Course(int minutes, int stirEveryMinutes) {}

  /**
   * What goes in by the litre.
   *
   * @param product plain name
   * @param perL amount for a litre, in its unit
   * @param perLAndMmol amount added for a litre and each mmol/L above {@link #SOFT_ENOUGH_MMOL_L}
   * @param unit "mL" or "g"
   * @param densityGMl as it lies in a spoon [g/mL]
   */
  public record Salt(
      ResetSalt product, double perL, double perLAndMmol, String unit, double densityGMl) {
    private static final String ML = "mL";

    static Salt ml(ResetSalt product, double mlPerL, double densityGMl) {
      return new Salt(product, mlPerL, 0, ML, densityGMl);
    }

    static Salt chlorine() {
      return new Salt(ResetSalt.CHLORINE_BLEACH, 0, 0, ML, 1.1);
    }

    static Salt citrate() {
      return new Salt(ResetSalt.SODIUM_CITRATE, 5, 1, "g", 0.9);
    }

    /** Returns how much goes into this much water of this hardness, in its unit. */
    double in(double waterL, double hardnessMmolL) {
      double above = Math.max(0, hardnessMmolL - SOFT_ENOUGH_MMOL_L);
      return waterL * (perL + perLAndMmol * above);
    }

    /** Returns this much of it, in its unit, in spoons and in grams. */
    Amount amount(double amount) {
      return new Amount(
          product.said(), amount, unit, Said.from(Spoons.ofMl(ml(amount))), grams(amount));
    }

    /** Returns the nearest amount to this that spoons can measure. */
    Amount measured(double amount) {
      double ml = Spoons.nearestMl(ml(amount));
      return amount(unit.equals(ML) ? ml : ml * densityGMl);
    }

    private double ml(double amount) {
      return unit.equals(ML) ? amount : amount / densityGMl;
    }

    private double grams(double amount) {
      return unit.equals(ML) ? amount * densityGMl : amount;
    }
  }

  /**
   * How much of something.
   *
   * @param product plain name
   * @param amount in its unit
   * @param unit "mL" or "g"
   * @param spoons in spoons
   * @param grams the same [g]
   */
  public record Amount(Said product, double amount, String unit, Said spoons, double grams) {}

  /** Returns what it takes out of what. */
  public TakesOut takesOut() {
    return TakesOut.valueOf(name());
  }

  /** Returns what goes in by the litre; nothing for the recipes that have no salt of their own. */
  public List<Salt> salts() {
    return salts;
  }

  /** Returns how warm its water is. */
  public Temper temper() {
    return temper;
  }

  /** Returns how long a batch stays in [min]. */
  public int minutes() {
    return course.minutes;
  }

  /** Returns how often it is stirred [min]; 0 for never. */
  public int stirEveryMinutes() {
    return course.stirEveryMinutes;
  }

  /** Returns whether the pieces boil. */
  public boolean boils() {
    return temper == Temper.BOIL;
  }
}
