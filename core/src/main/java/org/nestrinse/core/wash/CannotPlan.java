package org.nestrinse.core.wash;

import org.nestrinse.core.said.Said;

/** Says why there is no routine for a load on this machine. */
public final class CannotPlan extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient Said said;

  /** Makes the error with what the person is told. */
  public CannotPlan(Said said) {
    super(said.toString());
    this.said = said;
  }

  /** Returns what the person is told. */
  public Said said() {
    return said;
  }
}
