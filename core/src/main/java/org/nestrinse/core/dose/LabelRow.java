package org.nestrinse.core.dose;

import org.jspecify.annotations.Nullable;
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

  /** Returns the highest of its figures [g]. */
  public double highestG() {
    return Math.max(softG, Math.max(mediumG, hardG));
  }

  /** Returns the row with every figure multiplied. */
  public LabelRow times(double factor) {
    return new LabelRow(softG * factor, mediumG * factor, hardG * factor);
  }

  /**
   * Returns a row of which a label prints only a part. What is missing follows the typical label of
   * the product's form, scaled to what is printed.
   *
   * @param softG as printed, or null [g]
   * @param mediumG as printed, or null; a label with one dose means this one [g]
   * @param hardG as printed, or null [g]
   * @param typical the typical label of the form
   */
  public static LabelRow asPrinted(
      @Nullable Double softG, @Nullable Double mediumG, @Nullable Double hardG, LabelRow typical) {
    double sum = 0;
    int printed = 0;
    Double[] given = {softG, mediumG, hardG};
    double[] usual = {typical.softG, typical.mediumG, typical.hardG};
    for (int i = 0; i < given.length; i++) {
      if (given[i] != null) {
        sum += given[i] / usual[i];
        printed++;
      }
    }
    double factor = printed == 0 ? 1 : sum / printed;
    return new LabelRow(
        softG == null ? usual[0] * factor : softG,
        mediumG == null ? usual[1] * factor : mediumG,
        hardG == null ? usual[2] * factor : hardG);
  }
}
