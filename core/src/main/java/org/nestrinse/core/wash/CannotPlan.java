package org.nestrinse.core.wash;

/** Says in one sentence why there is no routine for a load on this machine. */
public final class CannotPlan extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** Makes the error with a sentence for the person. */
  public CannotPlan(String sentence) {
    super(sentence);
  }
}
