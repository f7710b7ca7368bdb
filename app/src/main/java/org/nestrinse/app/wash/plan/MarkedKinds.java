package org.nestrinse.app.wash.plan;

import java.util.Set;

/** Which kinds still have a mark from an earlier wash; the record knows. */
public interface MarkedKinds {
  /** Returns the names of those kinds. */
  Set<String> names();
}
