package org.nestrinse.app.wear;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** How much of its life a kind has used. */
public enum WearSaying implements Saying {
  TITLE("kind", "share"),
  COUNTED,
  WASHES,
  HOT,
  BLEACHED,
  STRONG_SUN,
  IN_DRYER,
  USED,
  ORDINARY("washes"),
  WEAKEST,
  SHARE,
  ONE_COSTS,
  USE_COSTS,
  ONLY_CLEAN("clean");

  private final Set<String> valueNames;

  WearSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
