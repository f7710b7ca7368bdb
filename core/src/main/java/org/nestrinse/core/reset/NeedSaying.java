package org.nestrinse.core.reset;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Whether a reset is needed */
public enum NeedSaying implements Saying {
  ONE_PIECE_FIRST("because"),
  NOT_NEEDED,
  OTHER_CAUSE("because", "cause"),
  TOO_OFTEN("times", "because"),
  TOO_OFTEN_LIKELY("times", "because", "cause"),
  NEVER_YET,
  DAYS_AGO("days"),
  WANTED("because", "last", "recipe");

  private final Set<String> valueNames;

  NeedSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
