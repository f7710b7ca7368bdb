package org.nestrinse.core.dose;

import org.nestrinse.core.units.Limits;

/**
 * One row of a product's label: the dose for soft, medium and hard water at one soil level.
 *
 * @param softG at 1.0 mmol/L and below [g]
 * @param mediumG at 2.0 mmol/L [g]
 * @param hardG at 3.0 mmol/L and above [g]
 */
public record LabelRow(double softG, double mediumG, double hardG) {
  private static final double SOFT = 1.0;
  private static final double MEDIUM = 2.0;
  private static final double HARD = 3.0;

  public LabelRow {
    Limits.LABEL_G.check("labelSoftG", softG);
    Limits.LABEL_G.check("labelMediumG", mediumG);
    Limits.LABEL_G.check("labelHardG", hardG);
  }

  /**
   * Returns the label dose for a hardness [g], straight lines between the nodes, constant outside.
   */
  public double at(double hardnessMmolL) {
    Limits.HARDNESS_MMOL_L.check("hardnessMmolL", hardnessMmolL);
    if (hardnessMmolL <= SOFT) {
      return softG;
    }
    if (hardnessMmolL <= MEDIUM) {
      return softG + (mediumG - softG) * (hardnessMmolL - SOFT);
    }
    return hardnessMmolL < HARD ? mediumG + (hardG - mediumG) * (hardnessMmolL - MEDIUM) : hardG;
  }
}
