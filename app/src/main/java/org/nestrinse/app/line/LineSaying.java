package org.nestrinse.app.line;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** The line: how each station stands */
public enum LineSaying implements Saying {
  NOTHING_WAITING,
  WAITING_DUE("pieces", "oldest"),
  WAITING("pieces", "oldest", "when"),
  LOADS_READY("loads"),
  NOTHING_TO_SORT,
  LOADS_TO_MAKE("loads"),
  NOT_READABLE,
  NOTHING_RUNNING,
  YOU("step"),
  DONE("step"),
  LEFT("step", "minutes"),
  NOTHING_HANGING,
  MAY_BE_DRY("pieces", "ready"),
  HANGING("pieces"),
  HANGING_NEXT("pieces", "next", "when"),
  NOTHING_IN_USE,
  ENOUGH_UNTIL("when");

  private final Set<String> valueNames;

  LineSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
