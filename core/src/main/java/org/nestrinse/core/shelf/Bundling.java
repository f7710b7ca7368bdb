package org.nestrinse.core.shelf;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Kind;

/**
 * The most valuable set of bundles that clean pieces make. Wanted bundles count fully, more of the
 * everyday ones a tenth; each step down the order of preference takes a little, a part left out
 * takes a third. Found exactly: numbers of bundles by branch and bound, the pieces for them by the
 * cheapest flow.
 *
 * @param made what is made, by recipe, each in its layers
 * @param value of all together
 * @param missing which one piece more would help most, or null when none would
 * @see "docs/models.md, bundles"
 */
public record Bundling(List<Made> made, double value, @Nullable Missing missing) {
  private static final double TINY = 1e-9;

  public Bundling {
    made = List.copyOf(made);
  }

  /**
   * Bundles of one recipe that are put together alike.
   *
   * @param recipe how
   * @param count how many in all
   * @param without how many of them go without an optional part
   * @param uses what goes in, by kind and from the skin outwards, for all of them together
   */
  public record Made(Recipe recipe, int count, int without, List<Use> uses) {}

  /**
   * Pieces of one kind in bundles.
   *
   * @param kind which
   * @param part for which part
   * @param pieces how many
   * @param substitute whether something else would be preferred
   */
  public record Use(Kind kind, RecipeSaying part, int pieces, boolean substitute) {}

  /**
   * The piece that is missed most.
   *
   * @param kind one more of it
   * @param recipe would make one more of these
   * @param words the same in words
   */
  public record Missing(Kind kind, Recipe recipe, Said words) {}

  /** Returns how many bundles of a recipe there are. */
  public int count(Recipe recipe) {
    return made.stream().filter(m -> m.recipe.equals(recipe)).mapToInt(Made::count).sum();
  }

  /** Returns how many of them go without an optional part. */
  public int without(Recipe recipe) {
    return made.stream().filter(m -> m.recipe.equals(recipe)).mapToInt(Made::without).sum();
  }

  /**
   * Returns the best set.
   *
   * @param clean clean pieces by kind
   * @param wanted how many bundles of each recipe are wanted; none when not named
   */
  public static Bundling of(Map<Kind, Integer> clean, Map<Recipe, Integer> wanted) {
    Solution best = new Search(clean, wanted).best();
    return new Bundling(best.made(), best.value, missing(clean, wanted, best));
  }

  /** Returns the best set without asking what is missing. */
  public static Bundling quickly(Map<Kind, Integer> clean, Map<Recipe, Integer> wanted) {
    Solution best = new Search(clean, wanted).best();
    return new Bundling(best.made(), best.value, null);
  }

  private static @Nullable Missing missing(
      Map<Kind, Integer> clean, Map<Recipe, Integer> wanted, Solution best) {
    Missing most = null;
    double gain = TINY;
    for (Kind kind : clean.keySet()) {
      Map<Kind, Integer> more = new LinkedHashMap<>(clean);
      more.merge(kind, 1, Integer::sum);
      Solution then = new Search(more, wanted).best();
      for (Recipe recipe : Recipe.ALL) {
        boolean oneMore = then.count(recipe) > best.count(recipe);
        if (oneMore && then.value - best.value > gain) {
          gain = then.value - best.value;
          Said words =
              Said.of(StockSaying.RUNS_SHORT)
                  .with("kind", kind.plural())
                  .with("bundle", recipe.name());
          most = new Missing(kind, recipe, words);
        }
      }
    }
    return most;
  }

  /** Bundles of a recipe, wanted ones or those beyond. */
  private record Tier(Recipe recipe, double worth, int most) {}

  private record Solution(
      List<Tier> tiers, int[] counts, Map<Integer, List<Use>> uses, double value) {
    int count(Recipe recipe) {
      int sum = 0;
      for (int i = 0; i < counts.length; i++) {
        sum += tiers.get(i).recipe.equals(recipe) ? counts[i] : 0;
      }
      return sum;
    }

    List<Made> made() {
      List<Made> all = new ArrayList<>();
      for (Recipe recipe : Recipe.ALL) {
        int count = count(recipe);
        if (count == 0) {
          continue;
        }
        Map<String, Use> merged = new TreeMap<>();
        Map<RecipeSaying, Integer> filled = new TreeMap<>();
        for (int i = 0; i < counts.length; i++) {
          if (tiers.get(i).recipe.equals(recipe)) {
            for (Use u : uses.getOrDefault(i, List.of())) {
              filled.merge(u.part, u.pieces, Integer::sum);
              merged.merge(
                  u.part + "/" + u.kind.id(),
                  u,
                  (a, b) -> new Use(a.kind, a.part, a.pieces + b.pieces, a.substitute));
            }
          }
        }
        int without =
            recipe.parts().stream()
                .filter(Recipe.Part::optional)
                .mapToInt(p -> count * p.count() - filled.getOrDefault(p.name(), 0))
                .max()
                .orElse(0);
        List<Use> layered =
            merged.values().stream()
                .sorted(
                    Comparator.<Use>comparingInt(u -> Recipe.layer(u.kind))
                        .thenComparing(u -> u.kind.id()))
                .toList();
        all.add(new Made(recipe, count, without, layered));
      }
      return all;
    }
  }

  private static final class Search {
    private final List<Kind> kinds;
    private final int[] supply;
    private final List<Tier> tiers = new ArrayList<>();
    private final int[] counts;
    private Solution best;

    Search(Map<Kind, Integer> clean, Map<Recipe, Integer> wanted) {
      kinds = List.copyOf(clean.keySet());
      supply = kinds.stream().mapToInt(k -> Math.max(0, clean.get(k))).toArray();
      for (Recipe recipe : Recipe.ALL) {
        int want = Math.max(0, wanted.getOrDefault(recipe, 0));
        if (want > 0) {
          tiers.add(new Tier(recipe, recipe.value(), want));
        }
        if (recipe.fills()) {
          tiers.add(new Tier(recipe, recipe.value() * Recipe.BEYOND, Integer.MAX_VALUE));
        }
      }
      tiers.sort(Comparator.comparing(t -> -t.worth));
      counts = new int[tiers.size()];
      best = new Solution(tiers, counts.clone(), Map.of(), 0);
    }

    Solution best() {
      descend(0, 0);
      return best;
    }

    private void descend(int tier, double worth) {
      if (tier == tiers.size()) {
        Flow flow = Flow.of(kinds, supply, tiers, counts, tier);
        if (flow != null && worth - flow.cost() > best.value + TINY) {
          best = new Solution(tiers, counts.clone(), flow.uses(), worth - flow.cost());
        }
        return;
      }
      double later = 0;
      for (int i = tier + 1; i < tiers.size(); i++) {
        later += tiers.get(i).worth * most(i, tier);
      }
      for (int n = most(tier, tier); n >= 0; n--) {
        counts[tier] = n;
        double value = worth + n * tiers.get(tier).worth;
        if (value + later <= best.value + TINY) {
          break;
        }
        Flow flow = Flow.of(kinds, supply, tiers, counts, tier + 1);
        if (flow != null && value - flow.cost() + laterAfter(tier) > best.value + TINY) {
          descend(tier + 1, value);
        }
      }
      counts[tier] = 0;
    }

    private double laterAfter(int tier) {
      double later = 0;
      for (int i = tier + 1; i < tiers.size(); i++) {
        later += tiers.get(i).worth * most(i, tier + 1);
      }
      return later;
    }

    /**
     * At most so many of a tier when the tiers before {@code decided} have their pieces: no part
     * has more pieces than serve for it, less those that others need and can take from nowhere
     * else.
     */
    private int most(int tier, int decided) {
      int most = tiers.get(tier).most;
      for (Recipe.Part part : tiers.get(tier).recipe.parts()) {
        if (part.optional()) {
          continue;
        }
        int there = 0;
        for (int k = 0; k < kinds.size(); k++) {
          there += part.rank(kinds.get(k)) >= 0 ? supply[k] : 0;
        }
        for (int i = 0; i < decided; i++) {
          for (Recipe.Part other : tiers.get(i).recipe.parts()) {
            if (!other.optional() && within(other, part)) {
              there -= counts[i] * other.count();
            }
          }
        }
        most = Math.min(most, Math.max(0, there) / part.count());
      }
      return most;
    }

    private boolean within(Recipe.Part other, Recipe.Part part) {
      return kinds.stream().allMatch(k -> other.rank(k) < 0 || part.rank(k) >= 0);
    }
  }

  /**
   * The cheapest way to give the parts of decided bundles their pieces: successive shortest paths
   * from the parts to the kinds.
   */
  private record Flow(double cost, Map<Integer, List<Use>> uses) {
    static @Nullable Flow of(
        List<Kind> kinds, int[] supply, List<Tier> tiers, int[] counts, int decided) {
      List<int[]> demands = new ArrayList<>();
      for (int t = 0; t < decided; t++) {
        for (int p = 0; counts[t] > 0 && p < tiers.get(t).recipe.parts().size(); p++) {
          demands.add(new int[] {t, p});
        }
      }
      int parts = demands.size();
      int none = kinds.size();
      int[] left = new int[none + 1];
      System.arraycopy(supply, 0, left, 0, none);
      left[none] = Integer.MAX_VALUE;
      int[][] flow = new int[parts][none + 1];
      double[][] price = new double[parts][none + 1];
      for (int d = 0; d < parts; d++) {
        Tier tier = tiers.get(demands.get(d)[0]);
        Recipe.Part part = tier.recipe.parts().get(demands.get(d)[1]);
        for (int k = 0; k <= none; k++) {
          int rank = k == none ? -1 : part.rank(kinds.get(k));
          price[d][k] =
              k == none
                  ? (part.optional() ? tier.worth * Recipe.WITHOUT : Double.POSITIVE_INFINITY)
                  : rank < 0 ? Double.POSITIVE_INFINITY : tier.worth * Recipe.PER_RANK * rank;
        }
      }
      double cost = 0;
      for (int d = 0; d < parts; d++) {
        Tier tier = tiers.get(demands.get(d)[0]);
        int open = counts[demands.get(d)[0]] * tier.recipe.parts().get(demands.get(d)[1]).count();
        while (open > 0) {
          double pushed = push(d, open, left, flow, price);
          if (pushed < 0) {
            return null;
          }
          open -= (int) pushed;
        }
      }
      Map<Integer, List<Use>> uses = new LinkedHashMap<>();
      for (int d = 0; d < parts; d++) {
        int t = demands.get(d)[0];
        Recipe.Part part = tiers.get(t).recipe.parts().get(demands.get(d)[1]);
        for (int k = 0; k <= none; k++) {
          if (flow[d][k] > 0) {
            cost += flow[d][k] * price[d][k];
            if (k < none) {
              Use use = new Use(kinds.get(k), part.name(), flow[d][k], part.rank(kinds.get(k)) > 0);
              uses.computeIfAbsent(t, key -> new ArrayList<>()).add(use);
            }
          }
        }
      }
      return new Flow(cost, uses);
    }

    /**
     * Sends what one cheapest path carries from a part to kinds with pieces left; -1 without one.
     */
    private static int push(int from, int open, int[] left, int[][] flow, double[][] price) {
      int parts = flow.length;
      int kinds = left.length;
      double[] toPart = new double[parts];
      double[] toKind = new double[kinds];
      int[] partFrom = new int[parts];
      int[] kindFrom = new int[kinds];
      java.util.Arrays.fill(toPart, Double.POSITIVE_INFINITY);
      java.util.Arrays.fill(toKind, Double.POSITIVE_INFINITY);
      toPart[from] = 0;
      partFrom[from] = -1;
      boolean changed = true;
      while (changed) {
        changed = false;
        for (int d = 0; d < parts; d++) {
          for (int k = 0; k < kinds; k++) {
            if (toPart[d] + price[d][k] < toKind[k] - TINY) {
              toKind[k] = toPart[d] + price[d][k];
              kindFrom[k] = d;
              changed = true;
            }
            if (flow[d][k] > 0 && toKind[k] - price[d][k] < toPart[d] - TINY) {
              toPart[d] = toKind[k] - price[d][k];
              partFrom[d] = k;
              changed = true;
            }
          }
        }
      }
      int end = -1;
      for (int k = 0; k < kinds; k++) {
        if (left[k] > 0 && toKind[k] < Double.POSITIVE_INFINITY) {
          end = end < 0 || toKind[k] < toKind[end] - TINY ? k : end;
        }
      }
      if (end < 0) {
        return -1;
      }
      int carries = Math.min(open, left[end]);
      for (int k = end, d = kindFrom[end]; d != from; ) {
        k = partFrom[d];
        carries = Math.min(carries, flow[d][k]);
        d = kindFrom[k];
      }
      left[end] -= carries;
      int k = end;
      int d = kindFrom[end];
      flow[d][k] += carries;
      while (d != from) {
        k = partFrom[d];
        flow[d][k] -= carries;
        d = kindFrom[k];
        flow[d][k] += carries;
      }
      return carries;
    }
  }
}
