package org.nestrinse.core.sort;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** What must not be washed together, and why */
public enum RuleSaying implements Saying {
  HEAT_APART,
  HEAT_REASON,
  ILLNESS_APART,
  ILLNESS_REASON,
  WOOL_APART,
  WOOL_REASON,
  TOILET_APART,
  TOILET_REASON,
  FOOD_APART,
  FOOD_REASON,
  WORKSHOP_APART,
  WORKSHOP_REASON,
  POLISH_APART,
  POLISH_REASON,
  DYE_APART,
  DYE_REASON,
  FIRST_APART,
  FIRST_REASON,
  SKIN_APART,
  SKIN_REASON,
  NEWBORN_APART,
  NEWBORN_REASON,
  CLOTHES_APART,
  CLOTHES_REASON,
  LINT_APART,
  LINT_REASON,
  GLASS_APART,
  GLASS_REASON,
  BINS_APART,
  BINS_REASON,
  WRAPPING_APART,
  WRAPPING_REASON;

  private final Set<String> valueNames;

  RuleSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
