package org.nestrinse.app.calculators;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Calculators */
public enum CalculatorSaying implements Saying {
  OTHER_MATERIALS("reason");

  private final Set<String> valueNames;

  CalculatorSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
