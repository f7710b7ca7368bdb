package org.nestrinse.core.reset;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** What a recipe takes out of what */
public enum TakesOut implements Saying {
  SIMMER_POT,
  SIMMER_POT_BORAX,
  OVERNIGHT_DETERGENT,
  OVERNIGHT_ACID,
  MINERAL_SOAK,
  RINSE_OUT,
  CHLORINE_SOAK;

  private final Set<String> valueNames;

  TakesOut(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
