package org.nestrinse.app.wash.plan;

import java.util.Set;

/** What stayed marked at earlier washes; told by whoever keeps what people saw. */
public interface MarkedKinds {
  /** Returns the names of the kinds of which something is still marked. */
  Set<String> names();
}
