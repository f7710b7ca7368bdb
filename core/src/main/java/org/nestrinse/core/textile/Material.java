package org.nestrinse.core.textile;

import org.nestrinse.core.said.Saying;

/**
 * What textiles are made of, with the constants that the models need.
 *
 * @see "docs/models.md, section 1"
 */
public enum Material implements Saying {
  COTTON(1.00, 1.00, 7.5, 0.62, 0.30, 0.085, 60, DryerHeat.NORMAL, true),
  LINEN(0.90, 0.95, 7.0, 0.65, 0.28, 0.120, 60, DryerHeat.NORMAL, false),
  BAMBOO_VISCOSE(1.20, 1.45, 7.5, 0.60, 0.35, 0.130, 60, DryerHeat.LOW, true),
  HEMP_COTTON(1.10, 1.15, 7.0, 0.62, 0.32, 0.100, 60, DryerHeat.LOW, true),
  MICROFIBRE(0.90, 0.45, 9.0, 0.60, 0.25, 0.012, 40, DryerHeat.NO_HEAT, false),
  POLYESTER_FLEECE(0.40, 0.30, 12.0, 0.75, 0.15, 0.004, 60, DryerHeat.LOW, true),
  LAMINATE(0.15, 0.15, 9.0, 0.85, 0.05, 0.004, 60, DryerHeat.NONE, false),
  POLYCOTTON(0.70, 0.70, 7.5, 0.65, 0.25, 0.045, 60, DryerHeat.LOW, false),
  WOOL(1.00, 0.90, 9.0, 0.70, 0.40, 0.160, 30, DryerHeat.NONE, false),
  /** House figures: like other thin synthetics; heat creases it for good. */
  NYLON(0.40, 0.40, 8.0, 0.70, 0.15, 0.040, 40, DryerHeat.LOW, false),
  /** House figures: between wool and viscose; treated like wool by every rule. */
  SILK(0.90, 0.90, 8.0, 0.65, 0.35, 0.110, 30, DryerHeat.NONE, false);

  private final double absorbency;
  private final double spinFactor;
  private final double looseBulkLKg;
  private final double wetPack;
  private final double sorptionLKg;
  private final double regain;
  private final int hottestWashC;
  private final DryerHeat dryer;
  private final boolean givesLint;

  Material(
      double absorbency,
      double spinFactor,
      double looseBulkLKg,
      double wetPack,
      double sorptionLKg,
      double regain,
      int hottestWashC,
      DryerHeat dryer,
      boolean givesLint) {
    this.absorbency = absorbency;
    this.spinFactor = spinFactor;
    this.looseBulkLKg = looseBulkLKg;
    this.wetPack = wetPack;
    this.sorptionLKg = sorptionLKg;
    this.regain = regain;
    this.hottestWashC = hottestWashC;
    this.dryer = dryer;
    this.givesLint = givesLint;
  }

  /** Returns how much bath water a kilogram takes up, cotton being 1. */
  public double absorbency() {
    return absorbency;
  }

  /** Returns how much water a kilogram keeps after a spin, cotton being 1. */
  public double spinFactor() {
    return spinFactor;
  }

  /** Returns the volume of a dry kilogram lying loosely in a drum [L/kg]. */
  public double looseBulkLKg() {
    return looseBulkLKg;
  }

  /** Returns the volume once wet, as a share of the dry one. */
  public double wetPack() {
    return wetPack;
  }

  /**
   * Returns the water that is held so close to the fibre that rinsing must dilute it too [L/kg].
   */
  public double sorptionLKg() {
    return sorptionLKg;
  }

  /** Returns the moisture of the fibre in air of 65 % relative humidity [kg/kg dry]. */
  public double regain() {
    return regain;
  }

  /**
   * Returns the hottest wash that is usual for coloured pieces [°C]; a care label may say
   * otherwise.
   */
  public int hottestWashC() {
    return hottestWashC;
  }

  /** Returns how warm a dryer may be. */
  public DryerHeat dryer() {
    return dryer;
  }

  /** Returns whether it is wool or silk, which enzymes, heat and rubbing ruin. */
  public boolean animalFibre() {
    return this == WOOL || this == SILK;
  }

  /** Returns whether it sheds lint that microfibre would hold on to. */
  public boolean givesLint() {
    return givesLint;
  }
}
