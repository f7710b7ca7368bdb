package org.nestrinse.app.problem;

/** Says that something asked for by number is not there. */
public final class NotFound extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** Makes the error: "There is no pail 17." */
  public NotFound(String what, long id) {
    super("There is no " + what + " " + id + ".");
  }
}
