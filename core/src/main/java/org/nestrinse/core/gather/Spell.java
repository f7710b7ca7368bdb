package org.nestrinse.core.gather;

import java.time.LocalDate;
import java.util.List;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.OutOfRange;

/**
 * Days that differ for someone.
 *
 * @param personId who
 * @param sort how they differ
 * @param from first day
 * @param to last day, not before the first
 */
public record Spell(long personId, Cause sort, LocalDate from, LocalDate to) {
  /** How days differ. */
  public enum Cause implements Saying {
    AWAY(0),
    VISITOR(2),
    ILLNESS(1.5);

    private final double factor;

    Cause(double factor) {
      this.factor = factor;
    }

    /** Returns how many times the usual comes in; house figures. */
    public double factor() {
      return factor;
    }
  }

  public Spell {
    if (to.isBefore(from)) {
      throw new OutOfRange("to", to, Said.of(Allowed.NOT_BEFORE).with("time", from));
    }
  }

  /** Returns whether a day lies in it. */
  public boolean covers(LocalDate day) {
    return !day.isBefore(from) && !day.isAfter(to);
  }

  /** Returns how many pieces of a habit a day brings, rounded up. */
  public static int count(NormalDay.Habit habit, LocalDate day, List<Spell> spells) {
    double factor =
        spells.stream()
            .filter(s -> s.personId == habit.personId() && s.covers(day))
            .mapToDouble(s -> s.sort.factor())
            .reduce(1, (a, b) -> a * b);
    return (int) Math.ceil(habit.count() * factor - 1e-9);
  }

  /** Returns whether a person is ill on a day. */
  public static boolean ill(long personId, LocalDate day, List<Spell> spells) {
    return spells.stream()
        .anyMatch(s -> s.personId == personId && s.sort == Cause.ILLNESS && s.covers(day));
  }
}
