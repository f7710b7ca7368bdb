package org.nestrinse.app.kit;

import org.nestrinse.core.said.Saying;

/** What the household has and can remove. */
public enum Thing implements Saying {
  PERSON,
  KIND,
  PRODUCT,
  MACHINE,
  DRYER,
  PLACE
}
