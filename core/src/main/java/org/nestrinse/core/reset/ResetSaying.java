package org.nestrinse.core.reset;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** How long a reset takes, and what goes in. */
public enum ResetSaying implements Saying {
  TITLE("time", "recipe"),
  VESSEL("takesOut"),
  ROOM,
  FILLING,
  BATCHES,
  EACH("product"),
  SPOONS("spoons", "amount"),
  UNTIL_BOILING,
  STAYS_IN,
  RINSES,
  YOUR_TIME,
  IN_ALL;

  private final Set<String> valueNames;

  ResetSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
