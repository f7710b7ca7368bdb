package org.nestrinse.app.kit;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Kit: what is not possible, and what may be given */
public enum KitRefusal implements Saying {
  NO_ZONE("zone"),
  A_ZONE,
  A_CURRENCY,
  HOUSEHOLD_QUESTIONS,
  KIND_NAME_TAKEN("name"),
  NAME_TAKEN("name"),
  OF_THIS_MACHINE,
  WASHING_PROGRAMME,
  ONE_OR_MORE_MINUTES,
  NO_MACHINE,
  MEND_FILE,
  PEAK_KEPT("programme", "celsius"),
  PEAK_READ("programme", "celsius"),
  HEATER_KEPT("programme", "celsius"),
  HEATER_READ("programme", "celsius"),
  A_LOG,
  COMMA_SEPARATED,
  COLUMNS("count"),
  TWO_COLUMNS("unit"),
  A_LATER_TIME,
  LENGTH_OR_PIECES,
  WEIGHT_OF_ONE("form"),
  NOT_LESS_THAN_SOFT("grams"),
  NOT_LESS_THAN_MEDIUM("grams"),
  SO_MANY_ELSEWHERE("least"),
  NOT_THERE("owned", "waiting", "washing", "hanging", "clean", "more"),
  STILL_ELSEWHERE("count", "kind");

  private final Set<String> valueNames;

  KitRefusal(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
