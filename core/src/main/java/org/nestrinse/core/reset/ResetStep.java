package org.nestrinse.core.reset;

import java.util.List;
import org.nestrinse.core.said.Said;

/**
 * One thing to do in a reset.
 *
 * @param number from 1 on
 * @param action what sort of thing
 * @param title a few words
 * @param detail what to do
 * @param minutes how long [min]
 * @param attended whether a person stays with it
 * @param stirEveryMinutes how often it is stirred [min]; 0 for never
 * @param amounts what goes in
 */
public record ResetStep(
    int number,
    Action action,
    Said title,
    Said detail,
    int minutes,
    boolean attended,
    int stirEveryMinutes,
    List<ResetRecipe.Amount> amounts) {
  public ResetStep {
    amounts = List.copyOf(amounts);
  }

  /** What sort of thing it is. */
  public enum Action {
    FILL,
    HEAT,
    PUT_IN,
    WORK,
    /** Out, and a look at the water. */
    LOOK,
    /** A rinse without detergent; the person says whether suds show. */
    RINSE,
    /** A wash without detergent, of several batches together. */
    CLOSING_WASH,
    HANG
  }

  /** Returns whether the water is looked at. */
  public boolean asksWater() {
    return action == Action.LOOK || action == Action.RINSE;
  }

  static ResetStep of(Action action, Said title, Said detail, double minutes, boolean attended) {
    return new ResetStep(
        1, action, title, detail, (int) Math.ceil(minutes), attended, 0, List.of());
  }

  /** Returns the same steps numbered from 1 on. */
  public static List<ResetStep> numbered(List<ResetStep> steps) {
    return java.util.stream.IntStream.range(0, steps.size())
        .mapToObj(i -> steps.get(i).numbered(i + 1))
        .toList();
  }

  ResetStep numbered(int other) {
    return new ResetStep(
        other, action, title, detail, minutes, attended, stirEveryMinutes, amounts);
  }

  ResetStep with(List<ResetRecipe.Amount> goesIn) {
    return new ResetStep(
        number, action, title, detail, minutes, attended, stirEveryMinutes, goesIn);
  }

  ResetStep stirred(int everyMinutes) {
    return new ResetStep(number, action, title, detail, minutes, attended, everyMinutes, amounts);
  }
}
