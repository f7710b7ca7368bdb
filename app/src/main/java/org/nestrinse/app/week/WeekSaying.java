package org.nestrinse.app.week;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Week: steps, notes and what may be given */
public enum WeekSaying implements Saying {
  START_DAY,
  A_DAY_FROM("from", "to"),
  COMING_HOUR,
  NOT_MOVED,
  WASH_STEP,
  HOT_WASH_STEP,
  ADD_STEP,
  HANG_STEP,
  TURN_STEP,
  BRING_IN_STEP,
  FOLD_STEP,
  WAITED_TOO_LONG,
  NOTHING_CLEAN("uses"),
  NIGHT_PRICE,
  ABOUT_PIECES("pieces"),
  THERE("people"),
  AGAINST("notes"),
  BESIDE_NAPPIES;

  private final Set<String> valueNames;

  WeekSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
