package org.nestrinse.core.measure;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** What a log shows beside what the programme promises */
public enum MeasureSaying implements Saying {
  HEATER,
  NEVER_ON,
  WHOLE_RUN,
  HEATS_UP_IN,
  ELECTRICITY,
  HIGHEST,
  HELD,
  UP_TO("time"),
  WARMS_BY,
  READINGS("readings"),
  READING("number"),
  A_LATER_TIME,
  ONE_RUN;

  private final Set<String> valueNames;

  MeasureSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
