package org.nestrinse.core.wash.step;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.safety.Chemical;
import org.nestrinse.core.said.Said;

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
 * @param apart whether it is done in water of its own, beside the rest: covers by hand
 */
@RecordBuilder
public record Step(
    int number,
    Action action,
    Said title,
    Said detail,
    boolean wholeLoad,
    @Nullable MachineRun run,
    List<PlannedDose> doses,
    int minutes,
    Said reason,
    boolean apart) {
  /** How long stain remover is left to work before a piece goes in [min]; house figure. */
  public static final int TREAT_MINUTES = 10;

  /** Sorts of steps. */
  public enum Action {
    LOAD,
    RUN,
    /** A bath that a person does by hand. */
    BY_HAND,
    LOOK,
    TREAT,
    UNLOAD
  }

  public Step {
    doses = List.copyOf(doses);
  }

  /** Makes a step in the same water as the rest. */
  public Step(
      int number,
      Action action,
      Said title,
      Said detail,
      boolean wholeLoad,
      @Nullable MachineRun run,
      List<PlannedDose> doses,
      int minutes,
      Said reason) {
    this(number, action, title, detail, wholeLoad, run, doses, minutes, reason, false);
  }

  /** Returns the same step at another place in the order. */
  public Step at(int otherNumber) {
    return StepBuilder.builder(this).number(otherNumber).build();
  }

  /** Returns the same step with other doses. */
  public Step with(List<PlannedDose> otherDoses) {
    return StepBuilder.builder(this).doses(otherDoses).build();
  }

  /** Returns whether chlorine goes in. */
  public boolean chlorine() {
    return doses.stream().anyMatch(d -> d.product().has(Chemical.CHLORINE));
  }

  /** Returns the same steps, counted from 1. */
  public static List<Step> numbered(List<Step> steps) {
    List<Step> counted = new ArrayList<>();
    steps.forEach(s -> counted.add(s.at(counted.size() + 1)));
    return List.copyOf(counted);
  }

  /** Returns whether a person is needed, or the machine works alone. */
  public boolean attended() {
    return action != Action.RUN;
  }
}
