package org.nestrinse.core.textile;

import org.jspecify.annotations.Nullable;

/**
 * What the care label of a kind says, as far as somebody typed it. It wins over what its materials
 * usually take; where it says nothing, they decide.
 *
 * @param hottestWashC the hottest wash [°C], or null
 * @param fastestSpinRpm the fastest spin [rpm], or null
 * @param dryer the warmest dryer setting, or null
 */
public record CareLabel(
    @Nullable Integer hottestWashC, @Nullable Integer fastestSpinRpm, @Nullable DryerHeat dryer) {

  /** Returns whether nothing was typed. */
  public boolean blank() {
    return hottestWashC == null && fastestSpinRpm == null && dryer == null;
  }

  /** Returns the limits of pieces that would usually take this. */
  public CareLimits over(CareLimits usual) {
    return new CareLimits(
        hottestWashC == null ? usual.hottestWashC() : hottestWashC,
        fastestSpinRpm == null ? usual.fastestSpinRpm() : fastestSpinRpm,
        dryer == null ? usual.dryer() : dryer);
  }
}
