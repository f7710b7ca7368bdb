package org.nestrinse.app.reset;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Reset: what is not possible, and what may be given */
public enum ResetRefusal implements Saying {
  BORAX_OFF,
  NO_BLEACH,
  A_KIND,
  NONE_CLEAN("kind"),
  SO_MANY_CLEAN("clean", "kind"),
  GOING,
  A_REQUEST,
  STOP("kind", "reason", "instead"),
  READ_FIRST("titles"),
  STEP_FIRST("number", "step"),
  NOT_LOOKED_AT,
  NO_STEP_TICKED,
  WET_ALREADY,
  EVERY_STEP_DONE,
  OVER,
  CONTENTS("pieces"),
  SPOONS_OF("spoons", "product"),
  TITLE("recipe", "pieces");

  private final Set<String> valueNames;

  ResetRefusal(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
