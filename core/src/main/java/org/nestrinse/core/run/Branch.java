package org.nestrinse.core.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.wash.step.MachineRun;
import org.nestrinse.core.wash.step.Step;

/** What an answer makes of the steps that are still to come. */
public final class Branch {
  private static final int PIECES_MINUTES = 3;

  private Branch() {}

  /**
   * The steps after an answer.
   *
   * @param steps all steps, numbered anew
   * @param current the number of the step to do now
   * @param added what was added; nothing when nothing was
   */
  public record After(List<Step> steps, int current, Said added) {}

  /**
   * Returns the steps as an answer makes them. What is added comes before the current step, so that
   * its question is asked again, or right after it where that is not needed.
   *
   * @param steps all steps
   * @param current number of the step at which the question is answered
   * @param adds what the answer adds
   * @param machine the machine, for its rinse programme
   */
  public static After of(List<Step> steps, int current, Judgement.Adds adds, Machine machine) {
    return switch (adds) {
      case NOTHING -> new After(steps, current, Said.NOTHING);
      case FIRST_AGAIN -> inserted(steps, current, again(firstRun(steps, current), false));
      case RINSE_FIRST -> inserted(steps, current, rinse(steps, current, machine, false));
      case RINSE -> inserted(steps, current, rinse(steps, current, machine, true));
      case MAIN_AGAIN -> inserted(steps, current, again(mainRun(steps), true));
      case TREAT ->
          inserted(
              steps,
              current,
              Optional.of(
                  person(
                      Step.Action.TREAT,
                      Said.of(RunSaying.TREAT_TITLE),
                      Said.of(RunSaying.TREAT_DETAIL),
                      Step.TREAT_MINUTES,
                      Said.of(RunSaying.TREAT_REASON))));
      case MORE_PIECES ->
          inserted(
              steps,
              current,
              Optional.of(
                  person(
                      Step.Action.TREAT,
                      Said.of(RunSaying.ADD_TITLE),
                      Said.of(RunSaying.ADD_DETAIL),
                      PIECES_MINUTES,
                      Said.of(RunSaying.ADD_REASON))));
      case FEWER_PIECES ->
          inserted(
              steps,
              current,
              Optional.of(
                  person(
                      Step.Action.TREAT,
                      Said.of(RunSaying.TAKE_OUT_TITLE),
                      Said.of(RunSaying.TAKE_OUT_DETAIL),
                      PIECES_MINUTES,
                      Said.of(RunSaying.TAKE_OUT_REASON))));
    };
  }

  /**
   * Returns why a step may not be left out, or null when it may: loading, unloading and the only
   * main wash never.
   *
   * @param number of the step
   */
  public static @Nullable Said neverLeftOut(List<Step> steps, int number) {
    Step step = steps.get(number - 1);
    if (step.action() == Step.Action.LOAD || step.action() == Step.Action.UNLOAD) {
      return Said.of(RunSaying.NEVER_SKIP_LOADING);
    }
    boolean another = steps.stream().anyMatch(s -> s != step && washesAll(s));
    return washesAll(step) && !another ? Said.of(RunSaying.NEVER_SKIP_MAIN) : null;
  }

  private static boolean washesAll(Step step) {
    return step.wholeLoad() && step.run() != null && step.run().washes();
  }

  private static After inserted(List<Step> steps, int current, Optional<Step> added) {
    if (added.isEmpty()) {
      return new After(steps, current, Said.NOTHING);
    }
    List<Step> more = new ArrayList<>(steps);
    more.add(current - 1, added.get());
    return new After(Step.numbered(more), current, added.get().title());
  }

  private static Optional<Step> firstRun(List<Step> steps, int current) {
    return steps.stream()
        .filter(s -> s.number() < current && s.run() != null && !s.apart())
        .findFirst();
  }

  private static Optional<Step> mainRun(List<Step> steps) {
    return steps.stream().filter(Branch::washesAll).findFirst();
  }

  private static Optional<Step> again(Optional<Step> step, boolean whole) {
    return step.map(
        s ->
            new Step(
                s.number(),
                s.action(),
                Said.of(RunSaying.ONCE_MORE).with("step", s.title()),
                s.detail(),
                whole || s.wholeLoad(),
                s.run(),
                s.doses(),
                s.minutes(),
                Said.of(RunSaying.YOU_SAW_IT)));
  }

  /** A rinse by its own programme; by hand the last rinse of the routine again, once. */
  private static Optional<Step> rinse(
      List<Step> steps, int current, Machine machine, boolean whole) {
    if (machine.type().byHand()) {
      return steps.stream()
          .filter(s -> s.run() != null && !s.run().washes() && !s.apart() && s.number() < current)
          .reduce((a, b) -> b)
          .map(
              s -> {
                MachineRun once = new MachineRun(s.run().programme(), s.run().temperatureC(), 0, 0);
                return rinseStep(s.action(), once, Said.of(RunSaying.FILL_PLUNGE), whole);
              });
    }
    int spin =
        steps.stream()
            .filter(s -> s.run() != null && !s.apart())
            .mapToInt(s -> s.run().spinRpm())
            .max()
            .orElse(0);
    return machine.programmes().stream()
        .filter(p -> p.use() == Programme.Use.RINSE)
        .findFirst()
        .map(
            p -> {
              MachineRun run = new MachineRun(p, 0, 0, Math.min(spin, p.fastestSpinRpm()));
              return rinseStep(
                  Step.Action.RUN,
                  run,
                  Said.of(RunSaying.RUN_AT)
                      .with("programme", p.name())
                      .with("settings", run.settings()),
                  whole);
            });
  }

  private static Step rinseStep(Step.Action action, MachineRun run, Said detail, boolean whole) {
    return new Step(
        1,
        action,
        Said.of(RunSaying.RINSE_AGAIN),
        detail,
        whole,
        run,
        List.of(),
        run.minutes(),
        Said.of(RunSaying.YOU_SAW_IT));
  }

  private static Step person(
      Step.Action action, Said title, Said detail, int minutes, Said reason) {
    return new Step(1, action, title, detail, true, null, List.of(), minutes, reason);
  }
}
