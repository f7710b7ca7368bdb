package org.nestrinse.core.textile;

import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;

/**
 * What a piece can take.
 *
 * @param hottestWashC the hottest wash [°C]
 * @param fastestSpinRpm the fastest spin [rpm]
 * @param dryer the warmest dryer setting
 */
public record CareLimits(int hottestWashC, int fastestSpinRpm, DryerHeat dryer) {
  /** The fastest spin for pieces that set no limit of their own [rpm]. */
  public static final int NO_SPIN_LIMIT_RPM = 1600;

  /** The hottest wash of a part with elastic [°C]. */
  public static final int ELASTIC_WASH_C = 60;

  /** The fastest spin of a part with elastic [rpm]. */
  public static final int ELASTIC_SPIN_RPM = 1000;

  /**
   * The fastest spin for wool and silk [rpm]; felting comes from rubbing, creasing from the spin.
   */
  public static final int WOOL_SPIN_RPM = 800;

  private static final int INSERT_WASH_C = 60;
  private static final CareLimits ELASTIC =
      new CareLimits(ELASTIC_WASH_C, ELASTIC_SPIN_RPM, DryerHeat.NONE);

  /** The strictest limits of nothing: everything is allowed. */
  public static final CareLimits NO_LIMITS =
      new CareLimits(95, NO_SPIN_LIMIT_RPM, DryerHeat.NORMAL);

  /** Returns the usual limits of a material, with or without elastic. */
  public static CareLimits usual(Material material, boolean elastic) {
    int spin = material.animalFibre() ? WOOL_SPIN_RPM : NO_SPIN_LIMIT_RPM;
    CareLimits limits = new CareLimits(material.hottestWashC(), spin, material.dryer());
    return elastic ? limits.strictest(ELASTIC) : limits;
  }

  /** Returns the usual limits of microfibre in a nappy insert, which takes 60 and low heat. */
  static CareLimits microfibreInsert(boolean elastic) {
    CareLimits limits = new CareLimits(INSERT_WASH_C, NO_SPIN_LIMIT_RPM, DryerHeat.LOW);
    return elastic ? limits.strictest(ELASTIC) : limits;
  }

  /** Returns limits that satisfy both. */
  public CareLimits strictest(CareLimits other) {
    return new CareLimits(
        Math.min(hottestWashC, other.hottestWashC),
        Math.min(fastestSpinRpm, other.fastestSpinRpm),
        dryer.strictest(other.dryer));
  }

  /** Returns the limits: "up to 60°, spin up to 1000 rpm, tumble low". */
  public Said said() {
    boolean limited = fastestSpinRpm < NO_SPIN_LIMIT_RPM;
    Said said =
        Said.of(limited ? TextileSaying.CARE_SPIN : TextileSaying.CARE)
            .with("celsius", Quantity.celsius(hottestWashC))
            .with("dryer", dryer);
    return limited ? said.with("spin", Quantity.of(fastestSpinRpm, Unit.RPM)) : said;
  }
}
