package org.nestrinse.app.wash;

import java.util.Set;

/** Where a round is. */
public enum RoundState {
  /** Somebody tries it out; nothing of it counts. */
  PRACTISE,
  RUNNING,
  HANGING,
  SHELVED;

  /** It has left the machine. */
  static final Set<RoundState> PAST = Set.of(HANGING, SHELVED);

  /** It is not only practised. */
  static final Set<RoundState> TRUE = Set.of(RUNNING, HANGING, SHELVED);
}
