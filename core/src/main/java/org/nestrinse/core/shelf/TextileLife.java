package org.nestrinse.core.shelf;

import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.Range;

/**
 * How much of its life a batch of pieces has used, in washes of an ordinary 40: heat, strong sun,
 * bleach and tumbling use more. A house scale.
 *
 * @param expected how many such washes its weakest part lasts
 * @param used how many it has had
 * @see "docs/models.md, wear of textiles"
 */
public record TextileLife(double expected, double used) {
  /** What a piece costs. */
  public static final Range PRICE = new Range(0, 500);

  /**
   * From this peak on a wash counts as a hot one: 60 as set, less what a machine falls short [°C].
   */
  public static final double HOT_C = 58;

  private static final double ORDINARY_C = 40;
  private static final double DOUBLES_EACH_K = 40;
  private static final double TENDER_DOUBLES_EACH_K = 25;
  private static final double SUN_PER_H = 0.1;
  private static final double OXYGEN = 0.1;
  private static final double CHLORINE = 3;
  private static final double TUMBLE_PER_H = 0.4;
  private static final double ELASTIC_WASHES = 250;

  /** From this share of its life on, a piece is looked at and near its end. */
  public static final double LOOK_FROM = 0.75;

  /**
   * What one round does to a piece.
   *
   * @param peakC hottest bath [°C]
   * @param oxygen whether oxygen whitener was in it
   * @param chlorine whether chlorine bleach was
   */
  public record Wash(double peakC, boolean oxygen, boolean chlorine) {
    public Wash {
      Limits.WATER_C.check("peakC", peakC);
    }
  }

  /** Returns how many ordinary washes the weakest part of a kind lasts. */
  public static double expected(Kind kind) {
    return kind.parts().stream()
        .mapToDouble(p -> p.elastic() ? Math.min(ELASTIC_WASHES, washes(p)) : washes(p))
        .min()
        .orElseThrow();
  }

  private static double washes(Part part) {
    return switch (part.material()) {
      case MICROFIBRE, LINEN -> 500;
      case COTTON, HEMP_COTTON, POLYESTER_FLEECE -> 400;
      case POLYCOTTON, NYLON -> 350;
      case BAMBOO_VISCOSE, LAMINATE -> 300;
      case WOOL, SILK -> 200;
    };
  }

  /** Returns what a round takes from a kind, in ordinary washes. */
  public static double takes(Kind kind, Wash wash) {
    boolean tender = kind.sunShy() || kind.has(Material.MICROFIBRE) || kind.animalFibre();
    double each = tender ? TENDER_DOUBLES_EACH_K : DOUBLES_EACH_K;
    double heat = Math.pow(2, (Math.max(wash.peakC, ORDINARY_C) - ORDINARY_C) / each);
    return heat + (wash.oxygen ? OXYGEN : 0) + (wash.chlorine ? CHLORINE : 0);
  }

  /**
   * Returns what drying takes from a kind, in ordinary washes.
   *
   * @param sunH hours of strong sun
   * @param tumbleH hours in the dryer
   */
  public static double dryingTakes(Kind kind, double sunH, double tumbleH) {
    return (kind.sunShy() ? SUN_PER_H * sunH : 0) + TUMBLE_PER_H * tumbleH;
  }

  /** Returns the share of its life that is used, more than 1 when it outlives the figure. */
  public double share() {
    return used / expected;
  }

  /** Returns whether its elastic and seams should be looked at before long. */
  public boolean look() {
    return share() >= LOOK_FROM;
  }

  /**
   * Returns what one use has cost so far, at least what it will have cost when it is worn out.
   *
   * @param price of one piece
   * @param washes it has had
   */
  public double costPerUse(double price, double washes) {
    PRICE.check("price", price);
    double perWash = washes == 0 ? 1 : Math.max(used, 1) / washes;
    return price * perWash / expected;
  }
}
