package org.nestrinse.core.shelf;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Bundles and their parts */
public enum RecipeSaying implements Saying {
  DAY_BUNDLE,
  ALL_IN_ONE,
  FLAT_WITH_COVER,
  SANITARY_PAD,
  NURSING_PADS,
  NAP_BUNDLE,
  POCKET_NIGHT_BUNDLE,
  NIGHT_BUNDLE,
  SWIM_BUNDLE,
  BED_PAD,
  CABIN_KIT,
  SHELL,
  BOOSTER,
  MAIN_INSERT,
  FLAT_OR_PREFOLD,
  COVER,
  THIRSTY_INSERT,
  QUICK_INSERT,
  NIGHT_FITTED,
  BATHROOM_CLOTHS,
  GLASS_CLOTHS,
  KITCHEN_CLOTHS;

  private final Set<String> valueNames;

  RecipeSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
