package org.nestrinse.app.store;

/** Says that a stored record cannot be read by this release; everything beside it can. */
public final class Unreadable extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** Makes the error. */
  Unreadable(RecordType type, Throwable cause) {
    super("not readable: " + type, cause);
  }
}
