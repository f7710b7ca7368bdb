package org.nestrinse.core.wash.simulation;

import org.nestrinse.core.bath.BathWater;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.TextileLoad;

/**
 * The water that a machine takes for a bath: what the programme states or the household measured;
 * else by its level, as filled, or as an automatic front loader chooses.
 *
 * @see "docs/models.md, section 2"
 */
public final class Liquor {
  /** A tub in which pieces turn over in deep water: house figures [L] and [L/kg]. */
  private static final double DEEP_BASE_L = 15;

  private static final double DEEP_L_PER_ABSORBENT_KG = 10;

  /** A bucket or basin is filled to two thirds. */
  public static final double FILLED = 2.0 / 3;

  private Liquor() {}

  /** Returns the liquor of a washing bath [L]. */
  public static double main(Machine machine, Programme programme, TextileLoad load) {
    if (programme.mainL() != null) {
      return programme.mainL();
    }
    return deep(machine) ? level(machine, load) : BathWater.mainL(load);
  }

  /** Returns the fresh water of one rinse [L]. */
  public static double rinse(Machine machine, Programme programme, TextileLoad load) {
    if (programme.rinseL() != null) {
      return programme.rinseL();
    }
    return deep(machine) ? level(machine, load) : BathWater.rinseL(load);
  }

  private static boolean deep(Machine machine) {
    return machine.type() == Machine.Type.TOP_LOADER || machine.type() == Machine.Type.TWIN_TUB;
  }

  /** Returns the lowest level that covers the load; the highest when none does. */
  private static double level(Machine machine, TextileLoad load) {
    double wanted = DEEP_BASE_L + DEEP_L_PER_ABSORBENT_KG * load.weighted(Material::absorbency);
    if (machine.levelsL().isEmpty()) {
      return Math.min(wanted, machine.drumL());
    }
    return machine.levelsL().stream()
        .filter(l -> l >= wanted)
        .findFirst()
        .orElse(machine.levelsL().get(machine.levelsL().size() - 1));
  }
}
