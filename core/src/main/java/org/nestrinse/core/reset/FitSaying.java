package org.nestrinse.core.reset;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Whether a piece may go through a reset */
public enum FitSaying implements Saying {
  ANIMAL_FIBRE("fibre"),
  LUKEWARM_RINSE,
  NOT_FAST,
  NOT_TRIED,
  UNTIL_THEN("recipe"),
  INSTEAD("recipe"),
  MAY_HOLD_OIL,
  NO_BOIL("materials"),
  ELASTIC_NO_BOIL,
  LABEL_ENDS_AT("celsius"),
  ELASTIC_NO_SOAK,
  LAMINATE_NO_SOAK,
  CHLORINE_RUINS,
  CHLORINE_ONLY_WHITE,
  CHLORINE_BLEACHES;

  private final Set<String> valueNames;

  FitSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
