package org.nestrinse.app.sort;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** How the mass of a load comes about. */
public enum SortSaying implements Saying {
  DRY_MASS,
  PIECES("pieces", "kind"),
  TOGETHER,
  MACHINE_TAKES,
  SOURCE,
  SET_ASIDE("rule", "reason"),
  AND_OTHER_KINDS("names", "more"),
  LEADS("pail", "due"),
  SINCE("time"),
  NEW_DYE,
  FROM_SHELF,
  PAIR("words");

  private final Set<String> valueNames;

  SortSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
