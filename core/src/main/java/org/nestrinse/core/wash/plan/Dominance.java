package org.nestrinse.core.wash.plan;

import java.util.List;
import java.util.Optional;
import org.nestrinse.core.bath.Cleaning;
import org.nestrinse.core.wash.step.Outcome;

/** Which routine is no better than another in anything that is compared, and worse in something. */
public final class Dominance {
  /** Differences below this share of a figure are none. */
  private static final double SAME = 0.005;

  private Dominance() {}

  /** Returns a routine that is at least as good in everything and better in something, if any. */
  public static Optional<Routine> by(Routine routine, List<Routine> all) {
    return all.stream()
        .filter(other -> other != routine && dominates(other.outcome(), routine.outcome()))
        .findFirst();
  }

  private static boolean dominates(Outcome one, Outcome other) {
    double[] good = figures(one);
    double[] bad = figures(other);
    boolean better = false;
    for (int i = 0; i < good.length; i++) {
      double margin = SAME * Math.max(Math.abs(good[i]), Math.abs(bad[i]));
      if (good[i] > bad[i] + margin) {
        return false;
      }
      better |= good[i] < bad[i] - margin;
    }
    return better;
  }

  /** All of them better when smaller. */
  private static double[] figures(Outcome o) {
    return new double[] {
      o.worstSoil().map(Cleaning::soilLeft).orElse(0.0),
      -o.hygiene().totalLog(),
      -o.hygiene().killLog(),
      o.verdict().met() ? 0 : 1,
      o.residueMgKg(),
      o.litres(),
      o.kwh(),
      o.cost(),
      o.minutes(),
      o.attendedMinutes(),
      o.wear()
    };
  }
}
