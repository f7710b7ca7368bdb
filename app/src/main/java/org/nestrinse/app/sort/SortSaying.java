package org.nestrinse.app.sort;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** How the mass of a load comes about. */
public enum SortSaying implements Saying {
  DRY_MASS,
  PIECES("pieces", "kind"),
  TOGETHER,
  MACHINE_TAKES,
  SOURCE;

  private final Set<String> valueNames;

  SortSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
