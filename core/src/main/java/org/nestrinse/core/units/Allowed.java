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
  POINTS("points"),
  A_VALUE,
  TRUE_OR_FALSE,
  A_WHOLE_NUMBER,
  A_NUMBER,
  A_LIST,
  A_TEXT,
  CHARACTERS("count"),
  UP_TO("most"),
  UNREADABLE,
  SIGNS_TO_SEE,
  A_TIME_OF_DAY,
  SO_MANY("count");

  private final Set<String> valueNames;

  Allowed(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
