package org.nestrinse.core.gather;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** What new pieces need before their first use. */
public enum PrepSaying implements Saying {
  YOUR_SOAK,
  YOUR_WASHES,
  MICROFIBRE,
  ANIMAL,
  SLOW_FIBRE,
  COTTON,
  ONE_WASH,
  DARK("need"),
  OILS_SENSITISE;

  private final Set<String> valueNames;

  PrepSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
