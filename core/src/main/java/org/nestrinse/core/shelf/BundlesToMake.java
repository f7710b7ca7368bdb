package org.nestrinse.core.shelf;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.nestrinse.core.textile.Kind;

/**
 * What is clean, which bundles could be made of it, and which piece serves for which part of them.
 *
 * @param alike what there is: kinds that serve for the same parts, in the same rank
 * @param supply how many pieces of each
 * @param tiers bundles of each recipe, wanted ones and those beyond, the most valuable first
 * @param rank by tier, part and piece: 0 for the preferred, -1 for one that does not serve
 */
record BundlesToMake(List<Alike> alike, int[] supply, List<Tier> tiers, int[][][] rank) {
  /**
   * Bundles of a recipe, wanted ones or those beyond.
   *
   * @param recipe how they are made
   * @param worth value of one
   * @param most so many at most
   */
  record Tier(Recipe recipe, double worth, int most) {}

  /**
   * Kinds that may stand for each other in every part.
   *
   * @param kinds which
   * @param pieces how many of each
   */
  record Alike(List<Kind> kinds, List<Integer> pieces) {}

  static BundlesToMake of(Map<Kind, Integer> clean, Map<Recipe, Integer> wanted) {
    List<Tier> tiers = new ArrayList<>();
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
    Map<List<Integer>, List<Kind>> byRanks = new LinkedHashMap<>();
    clean
        .keySet()
        .forEach(k -> byRanks.computeIfAbsent(ranks(tiers, k), r -> new ArrayList<>()).add(k));
    List<Alike> alike =
        byRanks.values().stream()
            .map(
                kinds ->
                    new Alike(kinds, kinds.stream().map(k -> Math.max(0, clean.get(k))).toList()))
            .toList();
    int[] supply = alike.stream().mapToInt(a -> a.pieces.stream().mapToInt(n -> n).sum()).toArray();
    int[][][] rank = new int[tiers.size()][][];
    for (int t = 0; t < rank.length; t++) {
      List<Recipe.Part> parts = tiers.get(t).recipe.parts();
      rank[t] = new int[parts.size()][];
      for (int p = 0; p < rank[t].length; p++) {
        Recipe.Part part = parts.get(p);
        rank[t][p] = alike.stream().mapToInt(a -> part.rank(a.kinds.get(0))).toArray();
      }
    }
    return new BundlesToMake(alike, supply, tiers, rank);
  }

  private static List<Integer> ranks(List<Tier> tiers, Kind kind) {
    return tiers.stream().flatMap(t -> t.recipe.parts().stream()).map(p -> p.rank(kind)).toList();
  }

  /** Returns the same with one piece more. */
  BundlesToMake withOneMore(int of) {
    int[] more = supply.clone();
    more[of]++;
    return new BundlesToMake(alike, more, tiers, rank);
  }

  Recipe.Part part(int tier, int part) {
    return tiers.get(tier).recipe.parts().get(part);
  }

  /** Returns the tiers in groups: those of two groups have no piece that serves for both. */
  List<List<Integer>> groups() {
    List<List<Integer>> groups = new ArrayList<>();
    for (int t = 0; t < rank.length; t++) {
      List<Integer> joined = new ArrayList<>();
      for (List<Integer> group : List.copyOf(groups)) {
        int tier = t;
        if (group.stream().anyMatch(other -> share(other, tier))) {
          joined.addAll(group);
          groups.remove(group);
        }
      }
      joined.add(t);
      joined.sort(Comparator.naturalOrder());
      groups.add(joined);
    }
    return groups;
  }

  private boolean share(int one, int other) {
    for (int k = 0; k < supply.length; k++) {
      if (supply[k] > 0 && serves(one, k) && serves(other, k)) {
        return true;
      }
    }
    return false;
  }

  private boolean serves(int tier, int kind) {
    for (int[] part : rank[tier]) {
      if (part[kind] >= 0) {
        return true;
      }
    }
    return false;
  }

  /** Returns whether every kind that serves for one part serves for the other, too. */
  boolean within(int tier, int part, int otherTier, int otherPart) {
    for (int k = 0; k < supply.length; k++) {
      if (rank[tier][part][k] >= 0 && rank[otherTier][otherPart][k] < 0) {
        return false;
      }
    }
    return true;
  }

  /** Returns how many pieces serve for a part. */
  int there(int tier, int part) {
    int there = 0;
    for (int k = 0; k < supply.length; k++) {
      there += rank[tier][part][k] >= 0 ? supply[k] : 0;
    }
    return there;
  }
}
