package org.nestrinse.core.judge;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * How likely each cause is, given what was seen: Bayes' rule over one cause and over two at once,
 * the signs taken as independent given the causes.
 *
 * @param causes each cause, by itself or as one of two
 * @param pair two causes that together explain far more than any single one, or null
 */
record CauseWeights(Map<Cause, Double> causes, CauseWeights.@Nullable Pair pair) {
  /** So often an observation is misread; then it may have been any other value. */
  private static final double MISREAD = 0.08;

  /** Factor by which two causes at once are rarer than chance. */
  private static final double PAIR_PRIOR = 0.2;

  /** Weight of two causes, over the best single one, at which both are named. */
  private static final double PAIR_NAMED = 2;

  /** Two causes leave this much chance that a sign is as it should be. */
  private static final double LEAST_GOOD = 0.02;

  private static final CauseTable TABLE = CauseTable.TABLE;

  /** How often each cause shows each value of each sign, by the table. */
  private static final Map<Sign, Map<String, double[]>> SHOWS = shows();

  /**
   * Something that was seen.
   *
   * @param weight how often it counts
   */
  record Evidence(Sign sign, String value, double weight) {}

  /** Two causes at once. */
  record Pair(Cause one, Cause other) {}

  /** Returns them for what was seen. */
  static CauseWeights of(List<Evidence> evidence) {
    Map<Cause, Double> logs = new EnumMap<>(Cause.class);
    for (Cause cause : Cause.values()) {
      double log = Math.log(TABLE.prior(cause));
      for (Evidence e : evidence) {
        log += e.weight * Math.log(likelihood(cause, e.sign, e.value));
      }
      logs.put(cause, log);
    }
    Map<Pair, Double> pairs = new LinkedHashMap<>();
    for (Cause one : Cause.values()) {
      for (Cause other : Cause.values()) {
        if (one.compareTo(other) < 0 && other != Cause.OTHER) {
          double log = Math.log(PAIR_PRIOR * TABLE.prior(one) * TABLE.prior(other));
          for (Evidence e : evidence) {
            log += e.weight * Math.log(misread(both(one, other, e.sign, e.value), e.sign));
          }
          pairs.put(new Pair(one, other), log);
        }
      }
    }
    double top =
        Stream.concat(logs.values().stream(), pairs.values().stream())
            .mapToDouble(Double::doubleValue)
            .max()
            .orElse(0);
    Map<Cause, Double> shares = new EnumMap<>(Cause.class);
    logs.forEach((cause, log) -> shares.put(cause, Math.exp(log - top)));
    double single = shares.values().stream().mapToDouble(Double::doubleValue).max().orElse(0);
    double sum = shares.values().stream().mapToDouble(Double::doubleValue).sum();
    Pair named = null;
    double most = PAIR_NAMED * single;
    for (Map.Entry<Pair, Double> e : pairs.entrySet()) {
      double weight = Math.exp(e.getValue() - top);
      sum += weight;
      shares.merge(e.getKey().one, weight, Double::sum);
      shares.merge(e.getKey().other, weight, Double::sum);
      if (weight >= most) {
        most = weight;
        named = e.getKey();
      }
    }
    double all = sum;
    shares.replaceAll((cause, share) -> share / all);
    return new CauseWeights(shares, named);
  }

  private static Map<Sign, Map<String, double[]>> shows() {
    Map<Sign, Map<String, double[]>> all = new EnumMap<>(Sign.class);
    for (Sign sign : Sign.values()) {
      Map<String, double[]> ofSign = new HashMap<>();
      for (Sign.Value v : sign.all()) {
        ofSign.put(
            v.id(),
            Arrays.stream(Cause.values())
                .mapToDouble(c -> TABLE.likelihood(c, sign, v.id()))
                .toArray());
      }
      all.put(sign, ofSign);
    }
    return all;
  }

  private static double shows(Cause cause, Sign sign, String value) {
    return SHOWS.get(sign).get(value)[cause.ordinal()];
  }

  /** The chance that people report this value when this is the cause, misreadings included. */
  static double likelihood(Cause cause, Sign sign, String value) {
    return misread(shows(cause, sign, value), sign);
  }

  private static double misread(double likelihood, Sign sign) {
    int others = sign.all().size() - 1;
    return (1 - MISREAD) * likelihood + MISREAD * (1 - likelihood) / others;
  }

  /** How often a sign is so when there are two causes: either one shows it. */
  private static double both(Cause one, Cause other, Sign sign, String value) {
    double wrong = 0;
    double mine = 0;
    for (Sign.Value v : sign.all()) {
      if (!sign.good(v.id())) {
        double shows = 1 - (1 - shows(one, sign, v.id())) * (1 - shows(other, sign, v.id()));
        wrong += shows;
        mine = v.id().equals(value) ? shows : mine;
      }
    }
    double scale = Math.min(1, (1 - LEAST_GOOD) / Math.max(wrong, LEAST_GOOD));
    return sign.good(value) ? 1 - wrong * scale : mine * scale;
  }

  /** How often all other causes together show it, each as often as it is one. */
  static double others(Cause cause, Evidence e) {
    double sum = 0;
    double weight = 0;
    for (Cause other : Cause.values()) {
      if (other != cause) {
        sum += TABLE.prior(other) * likelihood(other, e.sign, e.value);
        weight += TABLE.prior(other);
      }
    }
    return sum / weight;
  }
}
