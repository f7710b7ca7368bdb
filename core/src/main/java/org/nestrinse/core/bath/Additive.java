package org.nestrinse.core.bath;

import org.nestrinse.core.units.Limits;

/**
 * A sanitising additive as its label describes it. Outside its own concentration, time and
 * temperature it counts for nothing.
 *
 * @param doseMl amount in this bath [mL]
 * @param claimLog reduction that the label claims [log₁₀]
 * @param minMlPerL least concentration [mL/L]
 * @param minMinutes least contact time
 * @param minC least temperature [°C]
 * @param cationic whether it is of the kind that detergent uses up
 * @param densityGMl its density [g/mL]
 * @param anionicG anionic surfactant that is carried into the bath [g]
 */
public record Additive(
    double doseMl,
    double claimLog,
    double minMlPerL,
    double minMinutes,
    double minC,
    boolean cationic,
    double densityGMl,
    double anionicG) {
  /** Share of a detergent that is anionic surfactant. */
  public static final double ANIONIC_SHARE = 0.15;

  public Additive {
    Limits.ADDITIVE_ML.check("additive.doseMl", doseMl);
    Limits.CLAIM_LOG.check("additive.claimLog", claimLog);
    Limits.ML_PER_L.check("additive.minMlPerL", minMlPerL);
    Limits.MINUTES.check("additive.minMinutes", minMinutes);
    Limits.WATER_C.check("additive.minC", minC);
    Limits.DENSITY_G_ML.check("additive.densityGMl", densityGMl);
    Limits.DOSE_G.check("additive.anionicG", anionicG);
  }

  /** Makes an additive that detergent does not use up. */
  public Additive(
      double doseMl, double claimLog, double minMlPerL, double minMinutes, double minC) {
    this(doseMl, claimLog, minMlPerL, minMinutes, minC, false, 1, 0);
  }

  /** Returns what is free to work: a cationic one loses as many grams as detergent brings [mL]. */
  double freeMl() {
    return cationic ? Math.max(0, doseMl - anionicG / densityGMl) : doseMl;
  }
}
