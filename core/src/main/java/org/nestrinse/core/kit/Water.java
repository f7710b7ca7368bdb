package org.nestrinse.core.kit;

import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.Limits;

/**
 * The tap water.
 *
 * @param hardnessMmolL total hardness [mmol/L], 0 to 10
 * @param inletC temperature of the cold tap [°C]
 */
public record Water(double hardnessMmolL, double inletC) {
  /** What comes from a hot tap that nobody measured [°C]. */
  public static final double USUAL_HOT_TAP_C = 50;

  private static final double SOFT_BELOW = 1.5;
  private static final double HARD_ABOVE = 2.5;

  public Water {
    Limits.HARDNESS_MMOL_L.check("hardnessMmolL", hardnessMmolL);
    Limits.WATER_C.check("inletC", inletC);
  }

  /** Returns the hardness in a word. */
  public Said said() {
    if (hardnessMmolL < SOFT_BELOW) {
      return KitSaying.SOFT.said();
    }
    return (hardnessMmolL > HARD_ABOVE ? KitSaying.HARD : KitSaying.MEDIUM).said();
  }
}
