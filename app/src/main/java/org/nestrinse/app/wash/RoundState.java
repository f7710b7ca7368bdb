package org.nestrinse.app.wash;

/** Where a round is. */
public enum RoundState {
  /** Only practised: nothing of it is kept. */
  PRACTISE,
  RUNNING,
  HANGING,
  SHELVED
}
