package org.nestrinse.core.sort;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Why a drum is as full as it is, and what would fill it. */
public enum FillSaying implements Saying {
  WANTED_TITLE("pieces", "kind"),
  WANTED,
  FROM,
  IN_IT_NOW,
  MISSING,
  ONE_DRY("kind"),
  WANTED_TOTAL,
  FULL("share"),
  SETTLED("from", "to", "machine"),
  FIRST_SET_DRY,
  FIRST_SET_WASHED,
  BULKERS_DRY,
  DRUM,
  IN_MAIN_WASH;

  private final Set<String> valueNames;

  FillSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
