package org.nestrinse.core.dose;

import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;

/**
 * How much of a product brings a volume of water to a strength: c₁v₁ = c₂v₂.
 *
 * @param productMl what goes in [mL]
 * @param waterL the water [L]
 * @see "docs/models.md, section 11"
 */
public record Dilution(double productMl, double waterL) {
  /** Strength of a product by its label. */
  public static final Range PERCENT = new Range(0.01, 100, Unit.PERCENT);

  /** Strength that is wanted. */
  public static final Range TARGET_MG_L = new Range(1, 5_000, Unit.MG_PER_L);

  /** Water in a vessel. */
  public static final Range WATER_L = new Range(0.05, 300, Unit.LITRE);

  /** Milligrams in a millilitre at one percent, which is 10 g in a litre. */
  private static final double MG_PER_ML_AND_PERCENT = 10;

  private static final double ML_PER_L = 1000;

  /**
   * Returns the dilution.
   *
   * @param productPercent strength of the product, {@link #PERCENT}
   * @param targetMgL strength wanted, {@link #TARGET_MG_L}; not above that of the product
   * @param waterL water, {@link #WATER_L}
   */
  public static Dilution of(double productPercent, double targetMgL, double waterL) {
    PERCENT.check("productPercent", productPercent);
    TARGET_MG_L.check("targetMgL", targetMgL);
    WATER_L.check("waterL", waterL);
    double mgPerMl = productPercent * MG_PER_ML_AND_PERCENT;
    if (targetMgL > mgPerMl * ML_PER_L) {
      throw new OutOfRange(
          "targetMgL",
          targetMgL,
          Said.of(Allowed.AT_MOST).with("most", Quantity.of(mgPerMl * ML_PER_L, Unit.MG_PER_L)));
    }
    return new Dilution(targetMgL * waterL / mgPerMl, waterL);
  }
}
