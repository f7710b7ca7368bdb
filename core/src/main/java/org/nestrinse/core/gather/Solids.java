package org.nestrinse.core.gather;

import org.nestrinse.core.said.Saying;

/** How solids were dealt with before a piece went into the pail. */
public enum Solids implements Saying {
  NONE,
  LINER,
  SHAKEN,
  SPRAYED,
  STILL_ON;

  /** Returns whether the piece may go into a wash. */
  public boolean off() {
    return this != STILL_ON;
  }
}
