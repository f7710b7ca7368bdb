package org.nestrinse.app.problem;

import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;

/** Says that something asked for by number is not there. */
public final class NotFound extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient Said said;

  /** Makes the error: "There is no pail 17." */
  public NotFound(Saying what, long id) {
    super(what.key() + "=" + id);
    this.said = Said.of(ProblemSaying.NO_SUCH).with("what", what).with("id", String.valueOf(id));
  }

  /** Makes the error with a message of its own. */
  public NotFound(Saying message) {
    super(message.key());
    this.said = message.said();
  }

  /** Returns the message for the person. */
  public Said said() {
    return said;
  }
}
