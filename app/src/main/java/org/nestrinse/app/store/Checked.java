package org.nestrinse.app.store;

import org.jspecify.annotations.Nullable;

/** An entity whose rows keep a checksum. */
public interface Checked {
  /** Returns the checksum that was kept, or null when none was. */
  @Nullable String checksum();

  /** Returns whether it is as it was written, or was written before checksums were. */
  default boolean intact() {
    return Checksums.matches(this);
  }

  /** Keeps a checksum. */
  void checksum(String checksum);
}
