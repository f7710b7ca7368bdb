package org.nestrinse.core.shelf;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Shelf: what is missing and what may be given */
public enum StockSaying implements Saying {
  RUNS_SHORT("kind", "bundle"),
  HOURS_OF_ONE_DAY,
  HOURS("from", "to"),
  ROWS("rows"),
  A_ROW_A_MONTH,
  SHARES_OF_ONE,
  NOT_WHILE_ANOTHER_RUNS,
  NOBODY_STARTS,
  NOBODY_ADDS,
  NOBODY_HANGS,
  QUIET_HOURS,
  INTO_DRYER("pieces", "dryer"),
  WASH_NOW,
  NIGHT_BY_DAY;

  private final Set<String> valueNames;

  StockSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
