package org.nestrinse.core.judge;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.nestrinse.core.judge.CauseWeights.Evidence;

/** Chooses the checks that tell most for their work. */
final class TellingChecks {
  private static final int MOST_CHECKS = 4;

  /** Less than this is not worth a check [bit]. */
  private static final double LEAST_BITS = 0.02;

  private TellingChecks() {}

  /** Returns them, the most telling for its work first. */
  static List<Diagnosis.NextCheck> of(Map<Cause, Double> posterior, List<Evidence> evidence) {
    List<Diagnosis.NextCheck> all = new ArrayList<>();
    double now = bits(posterior);
    for (Sign sign : Sign.values()) {
      boolean known = evidence.stream().anyMatch(e -> e.sign() == sign);
      if (!sign.check() || known) {
        continue;
      }
      double left = 0;
      List<Diagnosis.Outcome> outcomes = new ArrayList<>();
      for (Sign.Value value : sign.all()) {
        double likely = 0;
        for (Cause cause : Cause.values()) {
          likely += shareOf(cause, posterior) * CauseWeights.likelihood(cause, sign, value.id());
        }
        List<Evidence> with = new ArrayList<>(evidence);
        with.add(new Evidence(sign, value.id(), 1));
        Map<Cause, Double> then = CauseWeights.of(with).causes();
        left += likely * bits(then);
        Cause first =
            then.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow().getKey();
        outcomes.add(
            new Diagnosis.Outcome(
                value.id(),
                value.words(),
                likely,
                first,
                Math.min(Diagnosis.MOST_SURE, then.get(first))));
      }
      if (now - left >= LEAST_BITS) {
        all.add(new Diagnosis.NextCheck(sign, now - left, sign.minutes(), outcomes));
      }
    }
    all.sort(Comparator.comparing(c -> -c.worth()));
    return all.stream().limit(MOST_CHECKS).toList();
  }

  /** Shares of causes add up to more than one where two come at once; among themselves to one. */
  private static double shareOf(Cause cause, Map<Cause, Double> posterior) {
    return posterior.get(cause)
        / posterior.values().stream().mapToDouble(Double::doubleValue).sum();
  }

  /** How much is still open [bit]. */
  private static double bits(Map<Cause, Double> posterior) {
    return Arrays.stream(Cause.values())
        .map(cause -> shareOf(cause, posterior))
        .filter(p -> p > 0)
        .mapToDouble(p -> -p * Math.log(p) / Math.log(2))
        .sum();
  }
}
