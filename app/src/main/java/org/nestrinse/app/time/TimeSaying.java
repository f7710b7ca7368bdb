package org.nestrinse.app.time;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Moments near now */
public enum TimeSaying implements Saying {
  TODAY("time"),
  TOMORROW("time"),
  YESTERDAY("time"),
  WEEKDAY("day", "time"),
  DATE("day", "time"),
  DAY_AND_DATE("day", "date");

  private final Set<String> valueNames;

  TimeSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
