package org.nestrinse.app.setup;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** How far a house is set up. */
public enum SetUpSaying implements Saying {
  NOT_YET,
  PIECES("pieces"),
  WATER("hardness", "places"),
  OF_THE_CATALOGUE;

  private final Set<String> valueNames;

  SetUpSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
