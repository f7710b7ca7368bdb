package org.nestrinse.core.bath;

import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.TextileLoad;

/**
 * The water that an automatic front loader takes, which follows how much the load drinks.
 *
 * @see "docs/models.md, section 2"
 */
public final class BathWater {
  private static final double MAIN_BASE_L = 5.0;
  private static final double MAIN_L_PER_ABSORBENT_KG = 2.6;
  private static final double RINSE_BASE_L = 6.0;
  private static final double RINSE_L_PER_ABSORBENT_KG = 3.0;

  private BathWater() {}

  /** Returns the liquor of a main bath [L]. */
  public static double mainL(TextileLoad load) {
    return MAIN_BASE_L + MAIN_L_PER_ABSORBENT_KG * load.weighted(Material::absorbency);
  }

  /** Returns the fresh water of one rinse [L]. */
  public static double rinseL(TextileLoad load) {
    return RINSE_BASE_L + RINSE_L_PER_ABSORBENT_KG * load.weighted(Material::absorbency);
  }
}
