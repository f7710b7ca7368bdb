package org.nestrinse.app.record;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** What a month, a person or a kind costs. */
public enum RecordSaying implements Saying {
  COST_TITLE("money", "what"),
  COST,
  ROUNDS,
  WATER,
  ELECTRICITY,
  DETERGENT,
  WORK,
  PIECES,
  IN_ALL,
  ONE_USE;

  private final Set<String> valueNames;

  RecordSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
