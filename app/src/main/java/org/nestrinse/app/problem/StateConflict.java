package org.nestrinse.app.problem;

import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;

/** Says that something cannot be done in the present state, and what would have to come first. */
public final class StateConflict extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient Said said;

  /** Makes the error with its message for the person. */
  public StateConflict(Said said) {
    super(said.toString());
    this.said = said;
  }

  /** Makes the error with its message for the person. */
  public StateConflict(Saying saying) {
    this(Said.of(saying));
  }

  /** Returns the message for the person. */
  public Said said() {
    return said;
  }
}
