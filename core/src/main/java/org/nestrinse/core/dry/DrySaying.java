package org.nestrinse.core.dry;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Why a piece dries when it dries. */
public enum DrySaying implements Saying {
  TITLE("kind", "when"),
  EVAPORATION,
  AFTER_SPIN,
  ONE_PIECE,
  ONE_FACE,
  AIR,
  HUMIDITY,
  AIR_SPEED,
  SUN,
  DRY_CHECKS,
  LEAVES,
  DRY,
  A_PLACE_TO_HANG,
  ONLY_WHAT_TUMBLES,
  BRING_IN("place"),
  BRING_IN_BEFORE_RAIN("place"),
  BRING_IN_BEFORE_DAMP("place"),
  BRING_IN_BEFORE_NIGHT("place"),
  TAKE_OUT("place"),
  HANG("place"),
  HANG_CLOSE("place"),
  MOVE("place"),
  MOVE_CLOSE("place"),
  SHADE_HOT,
  SHADE_ENOUGH_SUN,
  INSIDE_OUT,
  THICK_SIDE_TO_SUN,
  INTO_DRYER("dryer", "heat", "time"),
  WEIGHED_PROVEN,
  WEIGHED,
  NO_ROOM,
  DAMP_TOO_LONG,
  WILL_SMELL,
  TOO_CLOSE,
  CARRIED_INSIDE("place"),
  TOO_EARLY,
  AS_PLANNED,
  FASTER("factor", "before"),
  SLOWER("factor", "before");

  private final Set<String> valueNames;

  DrySaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
