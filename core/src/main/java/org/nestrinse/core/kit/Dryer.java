package org.nestrinse.core.kit;

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
  public enum Type {
    VENTED("vented", 1.00),
    CONDENSER("condenser", 1.05),
    HEAT_PUMP("heat pump", 0.42);

    private final String words;
    private final double kwhPerKg;

    Type(String words, double kwhPerKg) {
      this.words = words;
      this.kwhPerKg = kwhPerKg;
    }

    /** Returns the name a person uses. */
    public String words() {
      return words;
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
