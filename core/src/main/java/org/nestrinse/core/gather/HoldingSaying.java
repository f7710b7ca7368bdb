package org.nestrinse.core.gather;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Why soiled pieces can wait only so long. */
public enum HoldingSaying implements Saying {
  ILL,
  DAMP_CLOTH,
  CLOSED,
  URINE,
  BLOOD,
  OTHER;

  private final Set<String> valueNames;

  HoldingSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
