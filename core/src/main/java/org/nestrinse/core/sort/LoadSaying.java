package org.nestrinse.core.sort;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Sorting: why a load is as it is */
public enum LoadSaying implements Saying {
  NOT_WITH_LOAD("number", "reason"),
  SHARE_ALTHOUGH("one", "other", "reason"),
  PLAIN_WASH,
  NEEDS_FOR_OTHERS("celsius"),
  NEEDS_FOR_GOAL("celsius", "kind", "goal"),
  NO_WARMER("celsius", "kind"),
  ALL_TOLERATE("celsius"),
  BULK_BRINGS("pieces", "from", "to"),
  FULL_ENOUGH("share"),
  TIGHT("share"),
  THIN_NONE_LEFT("share"),
  THIN_NONE_FITS("share", "kind", "reason"),
  MAY_NOT("kind", "reason"),
  BETTER_NOT("kind", "reason"),
  WRAPS,
  TOO_DELICATE("celsius", "load"),
  NOT_WITH("kind", "reason"),
  IN_BASKET,
  SOAKED_IN_OIL,
  SPREAD_OUTDOORS,
  GOAL_TOO_HOT("kind", "celsius", "goal", "needed"),
  BY_HAND_TWICE("celsius"),
  TOO_LARGE("kind", "machine"),
  LARGER_MACHINE,
  NOTHING_DUE,
  TOO_LITTLE_ALONE,
  LOAD_SAYS("number", "reason"),
  TIGHTER_THAN_WORTH,
  TOO_FULL("share"),
  OILY,
  CHILLS("kind", "celsius", "least"),
  DOES_NOT_GO_IN("share"),
  TOO_HEAVY("mass", "most"),
  STAY_APART("one", "other", "reason"),
  FINE_FROM("one", "other", "celsius", "reason"),
  FINE_TOGETHER("celsius"),
  WEAK_AND_NEEDY("weak", "celsius", "needy", "needed"),
  DRUM_EMPTY,
  FULL_TOO_LITTLE("share"),
  FULL_A_LITTLE_LOW("share", "from", "to"),
  FULL_GOOD("share"),
  FULL_A_LITTLE_HIGH("share"),
  FULL_TOO_MUCH("share"),
  PIECES_THERE,
  A_LOAD_THERE,
  KEPT_BACK,
  WAIT_UNTIL("time"),
  BY_HAND,
  SHORT_PROGRAMME("programme"),
  NOW_ANYWAY,
  THIN("share", "instead"),
  COULD_HAVE_WAITED("time"),
  NO_ROOM,
  GO_SEPARATELY("pieces", "reason");

  private final Set<String> valueNames;

  LoadSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
