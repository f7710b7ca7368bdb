package org.nestrinse.core.shelf;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Why a round stands where it stands in the week. */
public enum WeekReason implements Saying {
  WASH("when"),
  BEST_HOUR,
  ABOUT,
  PIECES("pieces"),
  RUNS,
  OLDEST_WAITED,
  MAY_WAIT,
  WITHOUT_CLEAN,
  THERE,
  ONE_OR_OTHER("people"),
  AGAINST,
  COSTS;

  private final Set<String> valueNames;

  WeekReason(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
