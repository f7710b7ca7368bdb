package org.nestrinse.app.store;

import org.jspecify.annotations.Nullable;

/** An entity whose rows keep a checksum. */
public interface Checked {
  /** Returns the checksum that was kept, or null when none was. */
  @Nullable String checksum();

  /** Keeps a checksum. */
  void checksum(String checksum);
}
