package org.nestrinse.core.wash;

import java.util.List;
import java.util.Optional;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Programme;

/** What the machine offers for a load. */
final class ProgrammeChoice {
  private ProgrammeChoice() {}

  /** Returns what the programmes for such a load can be set to [°C], coolest first. */
  static List<Integer> temperatures(Machine machine, boolean wool) {
    return machine.programmes().stream()
        .filter(p -> p.use() == use(wool))
        .flatMap(p -> p.temperaturesC().stream())
        .distinct()
        .sorted()
        .toList();
  }

  static Programme.Use use(boolean wool) {
    return wool ? Programme.Use.WOOL : Programme.Use.WASH;
  }

  /** Returns the programme that only rinses. */
  static Optional<Programme> rinse(List<Programme> programmes) {
    return programmes.stream().filter(p -> p.use() == Programme.Use.RINSE).findFirst();
  }
}
