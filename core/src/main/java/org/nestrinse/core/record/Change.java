package org.nestrinse.core.record;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** What can differ from one round to the next. */
enum Change implements Saying {
  METHOD("method"),
  TEMPERATURE("before", "now"),
  ADJUSTMENT("before", "now"),
  DOSE("before", "now"),
  MORE_RINSES("rinses"),
  FEWER_RINSES("rinses"),
  FULLER_DRUM,
  EMPTIER_DRUM,
  HARDNESS("hardness");

  private final Set<String> valueNames;

  Change(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
