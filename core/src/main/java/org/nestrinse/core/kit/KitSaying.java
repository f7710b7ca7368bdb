package org.nestrinse.core.kit;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** What stands in Kit */
public enum KitSaying implements Saying {
  AT_LEAST_ONE_TEMPERATURE,
  ROOM_AIR("celsius", "damp"),
  FAN,
  ROOM_FOR("room"),
  DRAWS("power"),
  SOFT,
  MEDIUM,
  HARD;

  private final Set<String> valueNames;

  KitSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
