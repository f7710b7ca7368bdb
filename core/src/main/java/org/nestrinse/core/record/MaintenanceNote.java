package org.nestrinse.core.record;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Whether the machine is due for an empty hot wash. */
enum MaintenanceNote implements Saying {
  DUE("days", "rounds", "cool"),
  LATER("days", "rounds", "cool", "everyDays", "everyCool");

  private final Set<String> valueNames;

  MaintenanceNote(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
