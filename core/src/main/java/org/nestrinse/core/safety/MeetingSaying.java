package org.nestrinse.core.safety;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** What happens when two products meet */
public enum MeetingSaying implements Saying {
  CHLORINE_GAS,
  CHLORAMINE,
  OXYGEN_BURST,
  ORGANOCHLORINES,
  MAY_BE_TOXIC,
  PERACETIC_ACID,
  FIZZ,
  STICKY_FILM,
  ENZYMES_DESTROYED;

  private final Set<String> valueNames;

  MeetingSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
