package org.nestrinse.app.ledger;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** What is counted and what the places hold */
public enum LedgerSaying implements Saying {
  WAITING("counted", "held"),
  WASHING("counted", "held"),
  HANGING("counted", "held"),
  NOT_READABLE("where", "rows"),
  NOT_AS_WRITTEN("rows");

  private final Set<String> valueNames;

  LedgerSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
