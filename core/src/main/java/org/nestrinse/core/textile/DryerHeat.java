package org.nestrinse.core.textile;

import org.nestrinse.core.said.Saying;

/** How warm a tumble dryer may be for a piece, from never to normal. */
public enum DryerHeat implements Saying {
  NONE,
  NO_HEAT,
  LOW,
  NORMAL;

  /** Returns the stricter of the two. */
  public DryerHeat strictest(DryerHeat other) {
    return ordinal() <= other.ordinal() ? this : other;
  }
}
