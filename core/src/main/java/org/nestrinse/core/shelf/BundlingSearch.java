package org.nestrinse.core.shelf;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Finds the most valuable numbers of bundles by branch and bound. Bundles that share no pieces are
 * searched apart. It begins as a person would, with as many of the most valuable as can be made,
 * and takes the best it has after {@value #PATIENCE} tries.
 */
final class BundlingSearch {
  static final double TINY = 1e-9;

  private static final int PATIENCE = 2000;

  /** Share of a bundle's worth in a piece that is not the scarcest: more than a stand-in costs. */
  private static final double SHARE = 0.12;

  private final BundlesToMake toMake;

  /** The tiers of this group, the most valuable first. */
  private final List<Integer> group;

  private final int[] counts;

  /** What it costs to leave out a piece of a bundle that is made, by tier and part. */
  private final double[][] leftOut;

  /** The worth of a bundle, shared out over its pieces, by tier and part. */
  private final double[][] shares;

  private int tried;
  private Found best;

  private BundlingSearch(BundlesToMake toMake, List<Integer> group) {
    this.toMake = toMake;
    this.group = group;
    counts = new int[toMake.tiers().size()];
    leftOut = new double[counts.length][];
    shares = new double[counts.length][];
    for (int tier : group) {
      leftOut[tier] = leftOut(tier);
      shares[tier] = shares(tier);
    }
    best = new Found(counts.clone(), Map.of(), 0);
  }

  /** Returns the best of all groups together. */
  static Found best(BundlesToMake toMake) {
    int[] counts = new int[toMake.tiers().size()];
    Map<Integer, List<Bundling.Use>> uses = new HashMap<>();
    double value = 0;
    for (List<Integer> group : toMake.groups()) {
      BundlingSearch search = new BundlingSearch(toMake, group);
      search.descend(0, 0);
      group.forEach(t -> counts[t] = search.best.counts[t]);
      uses.putAll(search.best.uses);
      value += search.best.value;
    }
    return new Found(counts, uses, value);
  }

  private double[] leftOut(int tier) {
    double[] price = new double[toMake.rank()[tier].length];
    for (int p = 0; p < price.length; p++) {
      price[p] =
          toMake.part(tier, p).optional()
              ? toMake.tiers().get(tier).worth() * Recipe.WITHOUT
              : Double.POSITIVE_INFINITY;
    }
    return price;
  }

  /**
   * Splits the worth of one bundle over its pieces: an optional part gets what leaving it out would
   * cost, each other part {@value #SHARE}, and the scarcest part the rest.
   */
  private double[] shares(int tier) {
    double worth = toMake.tiers().get(tier).worth();
    double[] share = leftOut(tier);
    int scarcest = -1;
    double rest = 1;
    for (int p = 0; p < share.length; p++) {
      Recipe.Part part = toMake.part(tier, p);
      if (part.optional()) {
        rest -= Recipe.WITHOUT * part.count();
        continue;
      }
      share[p] = worth * SHARE / part.count();
      rest -= SHARE;
      if (scarcest < 0 || enough(tier, p) < enough(tier, scarcest)) {
        scarcest = p;
      }
    }
    share[scarcest] += worth * rest / toMake.part(tier, scarcest).count();
    return share;
  }

  /** Pieces that serve for a part, for each one that all bundles together could need of them. */
  private double enough(int tier, int part) {
    double needed = 0;
    for (int other : group) {
      for (int q = 0; q < toMake.rank()[other].length; q++) {
        if (!toMake.part(other, q).optional() && toMake.within(other, q, tier, part)) {
          needed += toMake.part(other, q).count() * (double) most(other, 0);
        }
      }
    }
    return toMake.there(tier, part) / needed;
  }

  private void descend(int at, double worth) {
    if (at == group.size()) {
      BundlingFlow flow = BundlingFlow.of(toMake, counts, leftOut);
      if (flow != null && worth - flow.cost() > best.value + TINY) {
        best = new Found(counts.clone(), flow.uses(), worth - flow.cost());
      }
      return;
    }
    int tier = group.get(at);
    double each = toMake.tiers().get(tier).worth();
    double later = laterThan(at, at);
    for (int n = most(tier, at); n >= 0; n--) {
      counts[tier] = n;
      double value = worth + n * each;
      if (value + later <= best.value + TINY) {
        break;
      }
      if ((tried < PATIENCE || best.uses.isEmpty()) && atMost(at, value) > best.value + TINY) {
        descend(at + 1, value);
      }
    }
    counts[tier] = 0;
  }

  /**
   * An upper bound of the value once the tiers up to this one are decided. For the later tiers each
   * piece counts its own share of the worth, as if half a bundle were worth something. Minus
   * infinity when the decided bundles cannot be made.
   */
  private double atMost(int at, double worth) {
    int[] most = counts.clone();
    double[][] prices = leftOut.clone();
    double value = worth;
    for (int i = at + 1; i < group.size(); i++) {
      int tier = group.get(i);
      most[tier] = most(tier, at + 1);
      prices[tier] = shares[tier];
      value += toMake.tiers().get(tier).worth() * most[tier];
    }
    BundlingFlow flow = BundlingFlow.of(toMake, most, prices);
    tried++;
    return flow == null ? Double.NEGATIVE_INFINITY : value - flow.cost();
  }

  /** What the tiers after this one are worth at most when the first {@code decided} are. */
  private double laterThan(int at, int decided) {
    double later = 0;
    for (int i = at + 1; i < group.size(); i++) {
      later += toMake.tiers().get(group.get(i)).worth() * most(group.get(i), decided);
    }
    return later;
  }

  /**
   * At most so many of a tier when the first {@code decided} of the group have their pieces: no
   * part has more pieces than serve for it, less those that others need and can take from nowhere
   * else.
   */
  private int most(int tier, int decided) {
    int most = toMake.tiers().get(tier).most();
    for (int p = 0; p < toMake.rank()[tier].length; p++) {
      if (toMake.part(tier, p).optional()) {
        continue;
      }
      int there = toMake.there(tier, p);
      for (int i = 0; i < decided; i++) {
        int other = group.get(i);
        for (int q = 0; counts[other] > 0 && q < toMake.rank()[other].length; q++) {
          Recipe.Part taking = toMake.part(other, q);
          if (!taking.optional() && toMake.within(other, q, tier, p)) {
            there -= counts[other] * taking.count();
          }
        }
      }
      most = Math.min(most, Math.max(0, there) / toMake.part(tier, p).count());
    }
    return most;
  }

  /**
   * What was found.
   *
   * @param counts how many bundles by tier
   * @param uses which pieces go into them, by tier
   * @param value of all together
   */
  record Found(int[] counts, Map<Integer, List<Bundling.Use>> uses, double value) {
    int count(BundlesToMake toMake, Recipe recipe) {
      int sum = 0;
      for (int i = 0; i < counts.length; i++) {
        sum += toMake.tiers().get(i).recipe().equals(recipe) ? counts[i] : 0;
      }
      return sum;
    }

    /** Returns the bundles by recipe, each with its pieces from the skin outwards. */
    List<Bundling.Made> made(BundlesToMake toMake) {
      return Recipe.ALL.stream()
          .filter(recipe -> count(toMake, recipe) > 0)
          .map(recipe -> made(toMake, recipe))
          .toList();
    }

    private Bundling.Made made(BundlesToMake toMake, Recipe recipe) {
      int count = count(toMake, recipe);
      Map<String, Bundling.Use> merged = new TreeMap<>();
      Map<RecipeSaying, Integer> filled = new TreeMap<>();
      for (int i = 0; i < counts.length; i++) {
        if (toMake.tiers().get(i).recipe().equals(recipe)) {
          for (Bundling.Use u : uses.getOrDefault(i, List.of())) {
            filled.merge(u.part(), u.pieces(), Integer::sum);
            merged.merge(u.part() + "/" + u.kind().id(), u, Found::together);
          }
        }
      }
      int without =
          recipe.parts().stream()
              .filter(Recipe.Part::optional)
              .mapToInt(p -> count * p.count() - filled.getOrDefault(p.name(), 0))
              .max()
              .orElse(0);
      List<Bundling.Use> layered = new ArrayList<>(merged.values());
      layered.sort(
          Comparator.<Bundling.Use>comparingInt(u -> Recipe.layer(u.kind()))
              .thenComparing(u -> u.kind().id()));
      return new Bundling.Made(recipe, count, without, layered);
    }

    private static Bundling.Use together(Bundling.Use one, Bundling.Use other) {
      return new Bundling.Use(
          one.kind(), one.part(), one.pieces() + other.pieces(), one.substitute());
    }
  }
}
