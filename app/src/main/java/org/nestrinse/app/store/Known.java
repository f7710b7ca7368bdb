package org.nestrinse.app.store;

import org.jspecify.annotations.Nullable;

/** A stored value, or what is careful instead of one that this release does not know. */
public final class Known {
  private Known() {}

  /** Returns the value, or {@code careful} when it could not be read. */
  public static <T> T or(@Nullable T value, T careful) {
    return value == null ? careful : value;
  }
}
