package org.nestrinse.core.textile;

import org.nestrinse.core.said.Saying;

/** What a kind touches in use, which decides what it may be washed with. */
public enum Bin implements Saying {
  BODY,
  HOUSE,
  KITCHEN,
  BATHROOM,
  GLASS,
  GENERAL,
  POLISH,
  WORKSHOP;
}
