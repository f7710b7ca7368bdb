package org.nestrinse.core.kit;

import java.util.List;
import org.nestrinse.core.units.Limits;

/**
 * The household's washing machine: a front loader.
 *
 * @param name what the household calls it
 * @param drumL drum volume [L]
 * @param capacityKg dry mass it is made for [kg]
 * @param drumRadiusM drum radius [m]
 * @param heaterW heater power [W], 0 for none
 * @param programmes its programmes, as on its dial
 */
public record Machine(
    String name,
    double drumL,
    double capacityKg,
    double drumRadiusM,
    double heaterW,
    List<Programme> programmes) {
  public Machine {
    Limits.DRUM_L.check("drumL", drumL);
    Limits.MASS_KG.check("capacityKg", capacityKg);
    Limits.DRUM_RADIUS_M.check("drumRadiusM", drumRadiusM);
    Limits.HEATER_W.check("heaterW", heaterW);
    programmes = List.copyOf(programmes);
  }
}
