package org.nestrinse.core.textile;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Care limits in words */
public enum TextileSaying implements Saying {
  CARE("celsius", "dryer"),
  CARE_SPIN("celsius", "spin", "dryer"),
  AT_LEAST_ONE_PART,
  IN_ALL("mass"),
  FROM_MATERIAL("limit", "material"),
  FROM_ELASTIC("limit");

  private final Set<String> valueNames;

  TextileSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
