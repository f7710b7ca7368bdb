package org.nestrinse.app.store;

/** Says that the database could not be brought to this release, and that it is as it was. */
public final class MigrationFailed extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** Makes the error with a sentence for whoever started the application. */
  MigrationFailed(String sentence, Throwable cause) {
    super(sentence, cause);
  }
}
