package org.nestrinse.app.rhythm;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Until when something lasts, and how many are enough. */
public enum RhythmSaying implements Saying {
  UNTIL("need", "when"),
  COVER,
  CLEAN_NOW,
  NORMAL_DAY,
  CLEAN_UNTIL,
  COMES_BACK("when"),
  MISSING_FROM,
  REMEDY,
  BY_TRIGGER("need"),
  EVERY("need", "days"),
  YEARS,
  OWNED,
  SLOWEST,
  DAYS("days"),
  ENOUGH,
  RUNS,
  WAITS,
  SHORT_DAYS,
  WITH_MORE,
  WATER,
  ELECTRICITY,
  COST,
  WORK,
  EACH_WASHED,
  TIMES_A_YEAR("times"),
  REMEDY_WORDS("what", "count", "ready", "money");

  private final Set<String> valueNames;

  RhythmSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
