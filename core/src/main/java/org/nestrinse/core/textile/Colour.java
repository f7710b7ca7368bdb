package org.nestrinse.core.textile;

import org.nestrinse.core.said.Saying;

/** Whether the dye of a kind may bleed into others while it is new. */
public enum Colour implements Saying {
  PALE,
  DARK;
}
