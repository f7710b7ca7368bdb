package org.nestrinse.app.problem;

/** Says that something cannot be done in the present state, and what would have to come first. */
public final class NotNow extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** Makes the error with a sentence for the person. */
  public NotNow(String sentence) {
    super(sentence);
  }
}
