package org.nestrinse.core.gather;

import org.nestrinse.core.said.Saying;

/** What the person who uses a piece needs of its wash. */
public enum SkinNeed implements Saying {
  SENSITIVE,
  NEWBORN,
  ILL,
  /** A load with such a piece in it goes without enzymes and scent, so it may meet any soil. */
  PLAIN_WASH;
}
