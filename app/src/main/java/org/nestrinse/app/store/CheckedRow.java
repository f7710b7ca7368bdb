package org.nestrinse.app.store;

import jakarta.persistence.EntityListeners;
import jakarta.persistence.MappedSuperclass;
import org.jspecify.annotations.Nullable;

/** A row that keeps a checksum of its own columns. */
@MappedSuperclass
@EntityListeners(Checksums.class)
public abstract class CheckedRow {
  /** Null in rows written before there were checksums. */
  @Nullable String checksum;

  /** Returns whether it is as it was written, or was written before checksums were. */
  public boolean intact() {
    return checksum == null || checksum.equals(Checksums.of(this));
  }

  /** Takes what stands in it now as written. */
  protected void renew() {
    checksum = Checksums.of(this);
  }
}
