package org.nestrinse.app.problem;

import org.nestrinse.core.said.Said;

/** Says that someone else has changed the same thing meanwhile, and carries what it is now. */
public final class Stale extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient Said said;
  private final transient Object current;

  /**
   * Makes the error.
   *
   * @param what the name of the thing, or {@link What} it is
   * @param current the present state, as the API would return it
   */
  public Stale(Object what, Object current) {
    super(String.valueOf(what));
    this.said = Said.of(ProblemSaying.CHANGED_MEANWHILE).with("what", Said.from(what));
    this.current = current;
  }

  /** Returns the message for the person. */
  public Said said() {
    return said;
  }

  /** Returns the present state. */
  public Object current() {
    return current;
  }
}
