package org.nestrinse.app.gather.normal;

import java.util.Map;

/** The pails into which normal days bring something; told by whoever keeps them. */
public interface PailNames {
  /** Returns every pail's name by its number, the removed ones too. */
  Map<Long, String> all();

  /** Returns whether there is such a pail that is not removed. */
  boolean inUse(long pailId);
}
