package org.nestrinse.app.sort;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Sort: what is not possible */
public enum SortRefusal implements Saying {
  ENTRY_THAT_WAITS,
  NO_LONGER_WAIT,
  IT_STAYS("reason"),
  A_KIND,
  NONE_IN_BASKET,
  NONE_FROM_SHELF,
  NOT_AS_BULK("reason"),
  LAST_OF_LOAD,
  NOT_IN_MACHINE,
  NOT_OPEN,
  A_LOT_OF_MOVING,
  A_LOAD,
  TO_ANOTHER_LOAD,
  PROPOSED_LOADS("numbers"),
  NOTHING_TO_ACCEPT,
  NOTHING_WAITS,
  NOTHING_MAY_GO("reason");

  private final Set<String> valueNames;

  SortRefusal(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
