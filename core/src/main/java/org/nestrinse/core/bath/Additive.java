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
 */
public record Additive(
    double doseMl, double claimLog, double minMlPerL, double minMinutes, double minC) {
  public Additive {
    Limits.ADDITIVE_ML.check("additive.doseMl", doseMl);
    Limits.CLAIM_LOG.check("additive.claimLog", claimLog);
    Limits.ML_PER_L.check("additive.minMlPerL", minMlPerL);
    Limits.MINUTES.check("additive.minMinutes", minMinutes);
    Limits.WATER_C.check("additive.minC", minC);
  }
}
