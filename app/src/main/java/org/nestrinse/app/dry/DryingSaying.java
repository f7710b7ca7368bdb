package org.nestrinse.app.dry;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Why a way of drying takes and costs what it does. */
public enum DryingSaying implements Saying {
  POLICY_TITLE("policy", "when"),
  PIECES_WHERE("pieces", "kind", "where"),
  TOO_LATE,
  ELECTRICITY,
  COSTS,
  WEAR,
  DRYER_TITLE("kind", "when"),
  DRYER,
  WENT_IN,
  DRY_AT,
  WATER,
  HEAT,
  COOL_DOWN,
  TAKES;

  private final Set<String> valueNames;

  DryingSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
