package org.nestrinse.core.record;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.nestrinse.core.said.Said;

/** Past rounds in their order, each with what it did differently from the wash before it. */
public final class Story {
  private Story() {}

  /**
   * A round in its place.
   *
   * @param round the round
   * @param changes what it did differently; nothing for a reset and for the first wash
   */
  public record Entry(PastRound round, List<Said> changes) {}

  /**
   * Returns the rounds with their changes. A reset has none, and the wash after it is compared with
   * the last wash before the reset.
   *
   * @param rounds oldest first
   * @param method the name of a method by its short name
   */
  public static List<Entry> of(List<PastRound> rounds, Function<String, Said> method) {
    List<Entry> all = new ArrayList<>();
    PastRound before = null;
    for (PastRound round : rounds) {
      boolean compared = before != null && round.washed();
      all.add(new Entry(round, compared ? Changes.between(before, round, method) : List.of()));
      before = round.washed() ? round : before;
    }
    return all;
  }
}
