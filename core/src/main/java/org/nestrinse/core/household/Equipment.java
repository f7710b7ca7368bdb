package org.nestrinse.core.household;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.SpinRetention;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.kit.Tariff;

/**
 * What a household washes and dries with.
 *
 * @param machine its machine, or null while none is set up
 * @param dryers its tumble dryers
 * @param places where things hang
 * @param tariff what electricity and water cost
 */
public record Equipment(
    @Nullable Machine machine, List<Dryer> dryers, List<Place> places, Tariff tariff) {
  public Equipment {
    dryers = List.copyOf(dryers);
    places = List.copyOf(places);
  }

  /** Returns the radius of the drum, or a usual one while no machine is set up [m]. */
  public double drumRadiusM() {
    return machine == null ? SpinRetention.USUAL_RADIUS_M : machine.drumRadiusM();
  }
}
