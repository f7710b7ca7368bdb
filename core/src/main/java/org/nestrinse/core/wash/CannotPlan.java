package org.nestrinse.core.wash;

import org.nestrinse.core.said.Said;

/** Says why there is no routine for a load on this machine. */
public final class CannotPlan extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient Said said;

  /** Makes the error with its message for the person. */
  public CannotPlan(Said said) {
    super(said.toString());
    this.said = said;
  }

  /** Returns the message for the person. */
  public Said said() {
    return said;
  }
}
