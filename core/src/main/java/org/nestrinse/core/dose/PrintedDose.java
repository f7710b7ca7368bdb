package org.nestrinse.core.dose;

import org.jspecify.annotations.Nullable;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;

/**
 * A dose as a label prints it.
 *
 * @param amount how much of the unit
 * @param unit in what
 */
public record PrintedDose(double amount, Unit unit) {
  /** What a label counts in. */
  public enum Unit {
    GRAM,
    MILLILITRE,
    SCOOP,
    CAP,
    PIECE
  }

  public PrintedDose {
    Limits.PRINTED_LABEL_G.check("dose", amount);
  }

  /**
   * Returns the same in what a label row holds: grams, or pieces for what is counted in pieces.
   *
   * @param densityGMl of the product [g/mL]
   * @param scoopMl what the scoop or cap holds [mL], or null
   * @throws OutOfRange when scoops are printed and nobody says how large one is
   */
  public double forLabel(double densityGMl, @Nullable Double scoopMl) {
    return switch (unit) {
      case GRAM, PIECE -> amount;
      case MILLILITRE -> amount * densityGMl;
      case SCOOP, CAP -> {
        if (scoopMl == null) {
          throw new OutOfRange("scoopMl", Allowed.MISSING, DoseSaying.WHAT_A_SCOOP_HOLDS);
        }
        yield amount * Limits.SCOOP_ML.check("scoopMl", scoopMl.doubleValue()) * densityGMl;
      }
    };
  }
}
