package org.nestrinse.app.wash;

/** Where a round is. */
public enum RoundState {
  RUNNING,
  HANGING,
  SHELVED
}
