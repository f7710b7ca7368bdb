package org.nestrinse.app.gather;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** What waits, how long it can, and what a pail, a wipe and new pieces need. */
public enum GatherSaying implements Saying {
  WASHES_NEEDED,
  WASHED,
  SOAKS_COUNT,
  STILL_TO_COME,
  NEXT_WASH,
  BETWEEN,
  READY,
  WIPES_TITLE("pieces", "kind"),
  WIPES,
  USED_A_DAY,
  DAYS,
  ONE_WIPE,
  WATER_TO_MARK,
  PIECES("pieces"),
  ALL_PLACES,
  ASSUMED,
  TOGETHER,
  COUNTED,
  EARLIEST,
  CLOCK("what"),
  FULL("pail"),
  RUNS_OUT("what"),
  FIRST_OVER,
  PIECES_SOIL("pieces", "soil"),
  CAME_IN,
  MAY_WAIT,
  DUE,
  PAIL_FULL("share"),
  LOOSE,
  PIECES_TAKE,
  FULL_TOTAL,
  DILUTION,
  WANTED,
  WATER,
  FORMULA("wanted", "water", "percent"),
  NOW,
  FULL_THEN("pail"),
  IS_FULL("pail"),
  LASTS_UNTIL("what", "when"),
  LASTS_UNTIL_THEN("what"),
  CLOTHS_SOUR("pail", "limit"),
  PAIL_REACHES("pail", "limit", "soil"),
  PIECES_AND_SOIL("pieces", "soil"),
  LINER_IN("liner"),
  CLOSED,
  TODAY_PART("part"),
  DAY_PART("day", "part"),
  AWAY("person"),
  VISITOR("person"),
  ILL("person"),
  IS_READY,
  NEW;

  private final Set<String> valueNames;

  GatherSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
