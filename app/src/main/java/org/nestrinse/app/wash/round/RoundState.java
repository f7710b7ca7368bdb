package org.nestrinse.app.wash.round;

import java.util.Set;

/** Where a round is. */
public enum RoundState {
  /** Somebody tries it out; nothing of it counts. */
  PRACTISE,
  /** It was started and then stopped: its pieces went back into their load. */
  STOPPED,
  RUNNING,
  HANGING,
  SHELVED,
  /** Taken out of the record; it can be brought back. */
  REMOVED;

  /** It has left the machine. */
  static final Set<RoundState> PAST = Set.of(HANGING, SHELVED);

  /** Not in the record. */
  static final Set<RoundState> NO_WASH = Set.of(PRACTISE, STOPPED, REMOVED);

  /** It is not only practised. */
  static final Set<RoundState> TRUE = Set.of(RUNNING, HANGING, SHELVED);
}
