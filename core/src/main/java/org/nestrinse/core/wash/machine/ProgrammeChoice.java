package org.nestrinse.core.wash.machine;

import java.util.List;
import java.util.Optional;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.kit.Water;
import org.nestrinse.core.wash.step.WashJob;

/** What the machine offers for a load. */
public final class ProgrammeChoice {
  /** What people mix by hand, from cold to as hot as a tap may be [°C]. */
  private static final List<Integer> MIXED_C = List.of(15, 25, 30, 40, 45, 50, 55, 60);

  private ProgrammeChoice() {}

  /**
   * Returns the temperatures that a person may ask for with a load [°C]: what the programmes can be
   * set to, or by hand up to what the tap gives.
   */
  public static List<Integer> temperatures(WashJob job) {
    Machine machine = job.machine();
    if (!machine.type().byHand()) {
      return temperatures(machine, job.hasWool());
    }
    double hot = machine.hotFillC() == null ? Water.USUAL_HOT_TAP_C : machine.hotFillC();
    return MIXED_C.stream().filter(t -> t <= hot).toList();
  }

  /** Returns what the programmes for such a load can be set to [°C], coolest first. */
  static List<Integer> temperatures(Machine machine, boolean wool) {
    return machine.programmes().stream()
        .filter(p -> p.use() == use(wool))
        .flatMap(p -> p.temperaturesC().stream())
        .distinct()
        .sorted()
        .toList();
  }

  public static Programme.Use use(boolean wool) {
    return wool ? Programme.Use.WOOL : Programme.Use.WASH;
  }

  /** Returns the washing programme of this name, if it may wash such pieces. */
  public static Optional<Programme> named(Machine machine, String name, boolean wool) {
    return machine.programmes().stream()
        .filter(p -> p.name().equals(name) && p.washMinutes() > 0)
        .filter(p -> !wool || p.use() == Programme.Use.WOOL)
        .findFirst();
  }

  /** Returns the programme that only rinses. */
  public static Optional<Programme> rinse(List<Programme> programmes) {
    return programmes.stream().filter(p -> p.use() == Programme.Use.RINSE).findFirst();
  }
}
