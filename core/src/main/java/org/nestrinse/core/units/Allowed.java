package org.nestrinse.core.units;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** What may be given, and what was given instead */
public enum Allowed implements Saying {
  RANGE("from", "to"),
  AT_LEAST("least"),
  AT_MOST("most"),
  LATER_THAN("time"),
  NOT_BEFORE("time"),
  ONE_OF("choices"),
  AT_LEAST_ONE,
  EMPTY,
  MISSING,
  POINTS("points");

  private final Set<String> valueNames;

  Allowed(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
