package org.nestrinse.core.bath;

import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.Range;

/**
 * The water that a load keeps after a spin.
 *
 * @param relativeAcceleration the spin in multiples of gravity
 * @param litresPerKgCotton water kept by a kilogram of cotton [L/kg]
 * @param retainedL water kept by the whole load [L]
 * @see "docs/models.md, section 2; agrees with the residual-moisture classes of the EU
 *     washing-machine label"
 */
public record SpinRetention(
    double relativeAcceleration, double litresPerKgCotton, double retainedL) {
  /** Radius of an ordinary household drum [m]. */
  public static final double USUAL_RADIUS_M = 0.235;

  /** Water kept by a kilogram of cotton that was wrung by hand [L/kg]. */
  public static final double WRUNG_BY_HAND_L_KG = 1.3;

  private static final double GRAVITY_M_S2 = 9.80665;
  private static final double REFERENCE_G = 263;
  private static final double REFERENCE_L_KG = 0.60;
  private static final double EXPONENT = -0.29;
  private static final Range LITRES_PER_KG = new Range(0.35, 2.2, Unit.LITRE_PER_KG);

  /**
   * Returns what the load keeps.
   *
   * @param rpm spin speed [rpm], 0 for no spin, up to 2000
   * @param drumRadiusM drum radius [m], 0.05 to 1
   */
  public static SpinRetention of(TextileLoad load, double rpm, double drumRadiusM) {
    Limits.RPM.check("rpm", rpm);
    Limits.DRUM_RADIUS_M.check("drumRadiusM", drumRadiusM);
    double omega = 2 * Math.PI * rpm / 60;
    double g = omega * omega * drumRadiusM / GRAVITY_M_S2;
    double perKg =
        rpm == 0
            ? LITRES_PER_KG.max()
            : LITRES_PER_KG.clamp(REFERENCE_L_KG * Math.pow(g / REFERENCE_G, EXPONENT));
    return new SpinRetention(g, perKg, perKg * load.weighted(Material::spinFactor));
  }

  /** Returns what a load keeps that was wrung by hand. */
  public static SpinRetention wrung(TextileLoad load) {
    return new SpinRetention(
        0, WRUNG_BY_HAND_L_KG, WRUNG_BY_HAND_L_KG * load.weighted(Material::spinFactor));
  }
}
