package org.nestrinse.core.wash.simulation;

import org.nestrinse.core.bath.BathTemperature;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.wash.step.MachineRun;
import org.nestrinse.core.wash.step.WashJob;

/**
 * What steam takes that condenses on the textile instead of a bath.
 *
 * @param heatingKwh heat until the textile is hot [kWh]
 * @param steamL water that condenses [L]
 * @param upMinutes until the textile is hot [min]
 * @param holdingKwh heat that keeps it hot [kWh]
 */
record SteamHeat(double heatingKwh, double steamL, double upMinutes, double holdingKwh) {
  private static final double MINUTES_PER_HOUR = 60;
  private static final double W_PER_KW = 1000;
  private static final double J_PER_KWH = 3.6e6;

  /** Share of the steam's heat that gets into the textile. */
  private static final double EFFICIENCY = 0.7;

  /** Heat that condensing steam gives off [J/kg]. */
  private static final double STEAM_J_KG = 2.4e6;

  private static final double LEAST_W = 1000;

  /** However short a steam programme is, it washes for so long before [min]. */
  private static final double LEAST_WASH_BEFORE = 15;

  /**
   * Returns it for a load.
   *
   * @param celsius of the steam [°C]
   * @param heldL water that the textile holds [L]
   */
  static SteamHeat of(WashJob job, int celsius, TextileLoad load, double heldL) {
    double capacity =
        load.massKg() * BathTemperature.TEXTILE_J_KG_K
            + heldL * BathTemperature.WATER_J_L_K
            + BathTemperature.MACHINE_J_K;
    double warmer = celsius - job.roomC();
    double heating = capacity * warmer / EFFICIENCY / J_PER_KWH;
    double watts = Math.max(LEAST_W, job.machine().heaterW());
    double holding =
        BathTemperature.USUAL_LOSS_W_K
            * warmer
            * Programme.STEAM_HOLD_MINUTES
            / MINUTES_PER_HOUR
            / W_PER_KW;
    return new SteamHeat(
        heating,
        heating * J_PER_KWH / STEAM_J_KG,
        heating * W_PER_KW / watts * MINUTES_PER_HOUR,
        holding);
  }

  /** Returns how long the pieces are washed before the steam comes [min]. */
  double washMinutes(MachineRun run) {
    return Math.max(
        LEAST_WASH_BEFORE, run.bathMinutes() - (upMinutes + Programme.STEAM_HOLD_MINUTES));
  }
}
