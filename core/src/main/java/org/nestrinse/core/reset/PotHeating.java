package org.nestrinse.core.reset;

import org.nestrinse.core.bath.BathTemperature;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.OutOfRange;

/** How long a pot takes to the boil, by Newton's law of cooling. */
final class PotHeating {
  /** So much of a burner's heat gets into the pot. */
  private static final double BURNER_SHARE = 0.65;

  /** A pot with its lid on, in a kitchen [W/K]. */
  private static final double POT_LOSS_W_K = 3.5;

  private static final double BOIL_C = 100;
  private static final double LONGEST_HEATING_MIN = 240;
  private static final double SECONDS_PER_MINUTE = 60;

  private PotHeating() {}

  /**
   * Returns the minutes to the boil: C·dT/dt = P − UA·(T − T_room), solved for 100 °C. The pot
   * itself takes up little; it stays on the burner, so that the pieces count as cold.
   *
   * @param waterL in the pot [L]
   * @param massKg of the dry pieces [kg]
   * @throws OutOfRange when the burner is too weak for it
   */
  static double minutes(ResetPlan.Question q, double massKg, double waterL) {
    double capacity =
        waterL * BathTemperature.WATER_J_L_K
            + massKg * BathTemperature.TEXTILE_J_KG_K
            + BathTemperature.POT_J_K;
    double hottest = q.roomC() + q.burnerW() * BURNER_SHARE / POT_LOSS_W_K;
    double left = (hottest - BOIL_C) / (hottest - q.tapC());
    double minutes =
        left <= 0
            ? Double.POSITIVE_INFINITY
            : -Math.log(left) * capacity / POT_LOSS_W_K / SECONDS_PER_MINUTE;
    if (minutes > LONGEST_HEATING_MIN) {
      throw new OutOfRange(
          "burnerW",
          q.burnerW(),
          Said.of(PotSaying.STRONGER_BURNER).with("water", new Quantity(waterL, Unit.LITRE, 1)));
    }
    return Math.max(0, minutes);
  }
}
