package org.nestrinse.app.gather;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Gather: what is not possible, and what may be given */
public enum GatherRefusal implements Saying {
  NAME_TAKEN("name"),
  STILL_WAITING("pail"),
  NORMAL_DAY_BRINGS("pail"),
  EMPTIED_ALREADY("pail", "when"),
  A_KIND,
  A_PAIL,
  A_PERSON,
  WHAT_IS_ON_IT,
  IN_A_LOAD,
  SO_MANY_WAIT("most"),
  WITHIN_DAYS("days"),
  NO_LONGER_WAIT,
  WASHED_OR_IN_LOAD,
  SOAK_NO_HELP,
  SOAKS_ALREADY,
  NOT_SOAKING,
  TAKEN_BACK,
  SPELL_RANGE("days"),
  NOT_IN_NORMAL_DAY,
  NO_WIPES;

  private final Set<String> valueNames;

  GatherRefusal(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
