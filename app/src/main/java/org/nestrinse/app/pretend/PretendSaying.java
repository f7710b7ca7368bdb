package org.nestrinse.app.pretend;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Pretend devices */
public enum PretendSaying implements Saying {
  DEVICES_OFF,
  NUMBER_OF_ROUND,
  NOT_IN_MACHINE,
  HELD,
  WAITS,
  RINSES,
  SPINS,
  STEAMS,
  HEATS,
  WASHES,
  WEATHER_STATION;

  private final Set<String> valueNames;

  PretendSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
