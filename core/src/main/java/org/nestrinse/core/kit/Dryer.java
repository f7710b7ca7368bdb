package org.nestrinse.core.kit;

import org.nestrinse.core.said.Saying;
import org.nestrinse.core.units.Limits;

/**
 * A tumble dryer.
 *
 * @param name what the household calls it
 * @param type how it gets rid of the damp
 * @param capacityKg dry mass it is made for [kg]
 */
public record Dryer(String name, Type type, double capacityKg) {

  /** How a dryer gets rid of the damp, with what it uses for a kilogram of water. */
  public enum Type implements Saying {
    VENTED(1.00),
    CONDENSER(1.05),
    HEAT_PUMP(0.42);

    private final double kwhPerKg;

    Type(double kwhPerKg) {
      this.kwhPerKg = kwhPerKg;
    }

    /** Returns the energy for a kilogram of water at normal heat [kWh/kg]. */
    public double kwhPerKg() {
      return kwhPerKg;
    }
  }

  public Dryer {
    Limits.MASS_KG.check("capacityKg", capacityKg);
  }
}
