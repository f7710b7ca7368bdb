package org.nestrinse.core.bath;

import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.TextileLoad;

/**
 * The water that an automatic front loader takes, which follows how much the load drinks.
 *
 * @see "docs/models.md, section 2"
 */
public final class BathWater {
  private static final double BASE_L = 4.0;
  private static final double MAIN_L_PER_ABSORBENT_KG = 2.2;
  private static final double RINSE_L_PER_ABSORBENT_KG = 1.4;

  /** The pump runs dry below these [L]. */
  private static final double LEAST_MAIN_L = 7;

  private static final double LEAST_RINSE_L = 6;

  private BathWater() {}

  /** Returns all the water of a main bath, what the pieces bring included [L]. */
  public static double mainL(TextileLoad load) {
    return Math.max(
        LEAST_MAIN_L, BASE_L + MAIN_L_PER_ABSORBENT_KG * load.weighted(Material::absorbency));
  }

  /** Returns the fresh water of one rinse [L]. */
  public static double rinseL(TextileLoad load) {
    return Math.max(
        LEAST_RINSE_L, BASE_L + RINSE_L_PER_ABSORBENT_KG * load.weighted(Material::absorbency));
  }
}
