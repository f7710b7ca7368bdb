package org.nestrinse.core.dry;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Why a piece dries when it dries. */
public enum DrySaying implements Saying {
  TITLE("kind", "when"),
  EVAPORATION,
  AFTER_SPIN,
  ONE_PIECE,
  ONE_FACE,
  AIR,
  HUMIDITY,
  AIR_SPEED,
  SUN,
  DRY_CHECKS,
  LEAVES,
  DRY;

  private final Set<String> valueNames;

  DrySaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
