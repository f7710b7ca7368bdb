package org.nestrinse.app.problem;

/** Says that someone else has changed the same thing meanwhile, and carries what it is now. */
public final class Stale extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient Object current;

  /** Makes the error with the present state, as the API would return it. */
  public Stale(String what, Object current) {
    super("Someone else has changed " + what + " meanwhile. Look at both and choose.");
    this.current = current;
  }

  /** Returns the present state. */
  public Object current() {
    return current;
  }
}
