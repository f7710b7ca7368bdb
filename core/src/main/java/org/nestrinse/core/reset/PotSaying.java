package org.nestrinse.core.reset;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** A reset, step by step */
public enum PotSaying implements Saying {
  TOO_SMALL_FOR("kind"),
  AT_LEAST_FOR_IT("litres"),
  FOR_WHAT("takesOut", "temper", "time"),
  RINSE_OF("number", "of"),
  RINSE_HOT("pieces", "machine"),
  PLENTY_OF_COLD,
  TO_THE_BOIL,
  NOBODY_LEAVES,
  LOOK_AT_WATER,
  FILL_WATER("water", "temper"),
  HANG_THEM,
  DROP_AFTER,
  STRONGER_BURNER("water"),
  NEEDS_CHLORINE_IN_KIT,
  START_CLEAN,
  CARE("title", "sentence"),
  BATCH_IN,
  BATCH_OF_IN("number", "of"),
  IN_WITH_TONGS("pieces"),
  IN_PRESSED("pieces"),
  LIFT_OUT,
  WRING_OUT,
  FILL,
  FILL_OF("number", "of"),
  AT_THE_BOIL,
  SOAK,
  KEEP_BOILING,
  TURN_OVER,
  LEAVE_OVERNIGHT,
  CLOSING_WASH,
  CLOSING_WASH_OF("number", "of"),
  CLOSING_ALL("machine", "rinses"),
  CLOSING_SOME("machine", "rinses");

  private final Set<String> valueNames;

  PotSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
