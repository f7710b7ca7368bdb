package org.nestrinse.core.why;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Where a reason comes from. */
public enum WhySource implements Saying {
  SECTION("section"),
  /** A dose, which the label of the product overrules. */
  DOSE("section");

  private final Set<String> valueNames;

  WhySource(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
