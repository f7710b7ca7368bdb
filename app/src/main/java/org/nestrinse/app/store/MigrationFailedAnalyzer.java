package org.nestrinse.app.store;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Prints a failed migration as two sentences instead of a stack trace. */
final class MigrationFailedAnalyzer extends AbstractFailureAnalyzer<MigrationFailed> {
  @Override
  protected FailureAnalysis analyze(Throwable root, MigrationFailed cause) {
    return new FailureAnalysis(
        cause.getMessage(),
        "Start the release you had before; it opens this data folder as it did. What the database said: "
            + cause.getCause().getMessage(),
        cause);
  }
}
