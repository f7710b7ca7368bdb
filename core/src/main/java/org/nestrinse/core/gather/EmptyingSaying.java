package org.nestrinse.core.gather;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** What to do when a pail is emptied. */
public enum EmptyingSaying implements Saying {
  MESH_LINER,
  BAG,
  TIP,
  WASH_HANDS,
  RINSE_COLD,
  RINSE_TWICE,
  WIPE("amount", "cleaner", "water"),
  NO_STANDING_WATER,
  LINER_IN("liner"),
  WASH_HANDS_LAST;

  private final Set<String> valueNames;

  EmptyingSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
