package org.nestrinse.core.wash;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One thing to do.
 *
 * @param number counted from 1
 * @param action what sort of thing
 * @param title what to do, in a few words
 * @param detail how, in a sentence
 * @param wholeLoad whether bulkers are in, or only the first set
 * @param run the machine run, when it is one
 * @param doses what goes in, by drawer
 * @param minutes how long it takes
 * @param reason why it is done
 */
public record Step(
    int number,
    Action action,
    String title,
    String detail,
    boolean wholeLoad,
    @Nullable MachineRun run,
    List<PlannedDose> doses,
    int minutes,
    String reason) {

  /** Sorts of steps. */
  public enum Action {
    LOAD,
    RUN,
    LOOK,
    UNLOAD
  }

  public Step {
    doses = List.copyOf(doses);
  }

  /** Returns whether a person is needed, or the machine works alone. */
  public boolean attended() {
    return action != Action.RUN;
  }
}
