package org.nestrinse.core.run;

import java.util.ArrayList;
import java.util.List;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.wash.step.MachineRun;
import org.nestrinse.core.wash.step.Step;

/**
 * A part of one step with a clock of its own: somebody is called at its end.
 *
 * @param type what is done
 * @param seconds how long it takes [s]
 * @see "docs/models.md, timed parts of a step"
 */
public record Stage(Type type, long seconds) {
  private static final int SECONDS = 60;

  /** What is done. */
  public enum Type implements Saying {
    /** The machine runs until it is paused. */
    START,
    /** It stands, and the pieces soak. */
    PAUSE,
    GO_ON,
    PLUNGE,
    SOAK,
    PLUNGE_AGAIN,
    RINSE,
    WRING;

    /** Returns whether it may last longer when somebody has no time: the pieces only soak. */
    public boolean waits() {
      return this == PAUSE || this == SOAK;
    }
  }

  /**
   * Returns the parts of a step in their order; nothing for a step that is one thing only.
   *
   * @param more minutes that somebody gave it on top [min]; what soaks soaks longer, else the last
   *     part takes them
   */
  public static List<Stage> of(Step step, int more) {
    MachineRun run = step.run();
    List<Stage> stages = new ArrayList<>();
    if (run == null) {
      return stages;
    }
    if (step.action() == Step.Action.BY_HAND) {
      byHand(stages, step, run);
    } else if (run.pauseMinutes() > 0) {
      int rest = step.minutes() - MachineRun.PAUSE_AFTER_MINUTES - run.pauseMinutes();
      add(stages, Type.START, MachineRun.PAUSE_AFTER_MINUTES * SECONDS);
      add(stages, Type.PAUSE, run.pauseMinutes() * SECONDS);
      add(stages, Type.GO_ON, rest * SECONDS);
    }
    return longer(stages, more);
  }

  private static void byHand(List<Stage> stages, Step step, MachineRun run) {
    int work = run.minutes() - run.pauseMinutes();
    int fillings = Math.max(1, (step.minutes() - run.pauseMinutes()) / work);
    int plunged = run.programme().washMinutes() * SECONDS * fillings;
    if (run.washes()) {
      add(stages, Type.PLUNGE, plunged / 2);
      add(stages, Type.SOAK, run.pauseMinutes() * SECONDS);
      add(stages, Type.PLUNGE_AGAIN, plunged / 2);
    }
    for (int rinse = 0; rinse < run.rinses(); rinse++) {
      add(stages, Type.RINSE, Programme.HAND_RINSE_MINUTES * SECONDS * fillings);
    }
    add(stages, Type.WRING, Programme.WRING_MINUTES * SECONDS * fillings);
  }

  private static void add(List<Stage> stages, Type type, int seconds) {
    if (seconds > 0) {
      stages.add(new Stage(type, seconds));
    }
  }

  private static List<Stage> longer(List<Stage> stages, int more) {
    if (stages.isEmpty() || more == 0) {
      return stages;
    }
    int at = stages.size() - 1;
    for (int i = 0; i < stages.size(); i++) {
      at = stages.get(i).type.waits() ? i : at;
    }
    Stage longer = stages.get(at);
    stages.set(at, new Stage(longer.type, longer.seconds + (long) more * SECONDS));
    return stages;
  }
}
