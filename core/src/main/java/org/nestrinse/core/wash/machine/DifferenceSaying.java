package org.nestrinse.core.wash.machine;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** What is wanted of the machine beside what it gives */
public enum DifferenceSaying implements Saying {
  TEMPERATURE,
  WASHING_TIME,
  MOVEMENT,
  RINSES,
  SPIN,
  WHITENER,
  IN_ITS_DRAWER,
  IN_THE_DRUM,
  SOAK_PAUSE,
  DOES_NOT_PAUSE,
  RUNS;

  private final Set<String> valueNames;

  DifferenceSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
