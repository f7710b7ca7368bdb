package org.nestrinse.core.gather;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** What helps at the moment a piece comes in. */
public enum AdviceSaying implements Saying {
  FIRE,
  OTHER_BIN("bin"),
  GLOVES_APART,
  GLOVES_BLOOD,
  LIFT_OFF,
  SOLIDS_OFF,
  WRING,
  COLD_ONLY,
  MILK_ALONE,
  TABS,
  TABS_AND_INSERTS,
  NO_LINT,
  HANG_CLOTH,
  FOOD_OFF,
  SCRAPE_GREASE,
  WAX_APART,
  SHAKE_DIRT,
  OPEN_BAG,
  NO_SOAKING;

  private final Set<String> valueNames;

  AdviceSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
