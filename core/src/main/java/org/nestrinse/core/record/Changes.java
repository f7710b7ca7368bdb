package org.nestrinse.core.record;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;

/** What was done differently from one round to the next. */
public final class Changes {
  private static final double DOSE_SHARE = 0.12;
  private static final double TRIM = 0.05;
  private static final double FILL = 0.2;
  private static final double HARDNESS_MMOL_L = 0.3;

  private Changes() {}

  /**
   * Returns what a round did differently from the one before; nothing when all was as usual.
   *
   * @param method the name of a method by its short name
   */
  public static List<Said> between(PastRound before, PastRound now, Function<String, Said> method) {
    List<Said> all = new ArrayList<>();
    RoundFigures.Bath bath = now.bath();
    RoundFigures.Bath bathBefore = before.bath();
    if (!before.school().equals(now.school())) {
      all.add(Said.of(Change.METHOD).with("method", method.apply(now.school())));
    }
    if (bathBefore.temperatureC() != bath.temperatureC()) {
      all.add(
          from(
              Change.TEMPERATURE,
              Quantity.celsius(bathBefore.temperatureC()),
              Quantity.celsius(bath.temperatureC())));
    }
    if (Math.abs(now.dose().trim() - before.dose().trim()) > TRIM) {
      all.add(from(Change.ADJUSTMENT, times(before.dose().trim()), times(now.dose().trim())));
    }
    Double share = now.dose().share();
    Double shareBefore = before.dose().share();
    if (share != null && shareBefore != null && Math.abs(share - shareBefore) > DOSE_SHARE) {
      all.add(from(Change.DOSE, Quantity.share(shareBefore), Quantity.share(share)));
    }
    int rinses = bath.rinses() - bathBefore.rinses();
    if (rinses != 0) {
      all.add(
          Said.of(rinses > 0 ? Change.MORE_RINSES : Change.FEWER_RINSES)
              .with("rinses", Math.abs(rinses)));
    }
    if (Math.abs(bath.fill() - bathBefore.fill()) > FILL) {
      all.add(Said.of(bath.fill() > bathBefore.fill() ? Change.FULLER_DRUM : Change.EMPTIER_DRUM));
    }
    if (Math.abs(bath.hardnessMmolL() - bathBefore.hardnessMmolL()) > HARDNESS_MMOL_L) {
      all.add(
          Said.of(Change.HARDNESS)
              .with("hardness", new Quantity(bath.hardnessMmolL(), Unit.MMOL_PER_L, 1)));
    }
    return all;
  }

  private static Said from(Change change, Quantity before, Quantity now) {
    return Said.of(change).with("before", before).with("now", now);
  }

  private static Quantity times(double factor) {
    return new Quantity(factor, Unit.TIMES, 1);
  }
}
