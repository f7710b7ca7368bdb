package org.nestrinse.core.shelf;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.textile.Kind;

/**
 * The cheapest way to give the parts of bundles their pieces: successive shortest paths from the
 * parts to the kinds.
 *
 * @param cost what is lost by parts left out and by pieces that are not the preferred
 * @param uses which pieces go into the bundles, by tier
 */
record BundlingFlow(double cost, Map<Integer, List<Bundling.Use>> uses) {
  /**
   * Returns the cheapest way to make so many bundles of each tier, or null if there is none.
   *
   * @param toMake what there is
   * @param counts how many bundles by tier
   * @param leftOut what it costs to leave out a piece, by tier and part
   */
  static @Nullable BundlingFlow of(BundlesToMake toMake, int[] counts, double[][] leftOut) {
    List<int[]> demands = new ArrayList<>();
    for (int t = 0; t < counts.length; t++) {
      for (int p = 0; counts[t] > 0 && p < toMake.rank()[t].length; p++) {
        demands.add(new int[] {t, p});
      }
    }
    int parts = demands.size();
    int none = toMake.alike().size();
    int[] left = Arrays.copyOf(toMake.supply(), none + 1);
    left[none] = Integer.MAX_VALUE;
    int[][] flow = new int[parts][none + 1];
    double[][] price = new double[parts][];
    for (int d = 0; d < parts; d++) {
      price[d] = prices(toMake, demands.get(d)[0], demands.get(d)[1], leftOut);
    }
    for (int d = 0; d < parts; d++) {
      int t = demands.get(d)[0];
      int open = counts[t] * toMake.part(t, demands.get(d)[1]).count();
      while (open > 0) {
        int pushed = push(d, open, left, flow, price);
        if (pushed < 0) {
          return null;
        }
        open -= pushed;
      }
    }
    double cost = 0;
    Map<Integer, List<Bundling.Use>> uses = new HashMap<>();
    for (int k = 0; k <= none; k++) {
      Iterator<Kind> pieces =
          k < none ? pieces(toMake.alike().get(k)) : Collections.emptyIterator();
      for (int d = 0; d < parts; d++) {
        cost += flow[d][k] > 0 ? flow[d][k] * price[d][k] : 0;
        if (flow[d][k] > 0 && k < none) {
          int t = demands.get(d)[0];
          int p = demands.get(d)[1];
          boolean substitute = toMake.rank()[t][p][k] > 0;
          Map<Kind, Integer> taken = new LinkedHashMap<>();
          for (int i = 0; i < flow[d][k]; i++) {
            taken.merge(pieces.next(), 1, Integer::sum);
          }
          List<Bundling.Use> all = uses.computeIfAbsent(t, key -> new ArrayList<>());
          taken.forEach(
              (kind, count) ->
                  all.add(new Bundling.Use(kind, toMake.part(t, p).name(), count, substitute)));
        }
      }
    }
    return new BundlingFlow(cost, uses);
  }

  /** The pieces one by one. The first kind has one to spare, for asking what one more would do. */
  private static Iterator<Kind> pieces(BundlesToMake.Alike alike) {
    Stream<Kind> there =
        IntStream.range(0, alike.kinds().size())
            .boxed()
            .flatMap(
                i -> Collections.nCopies(alike.pieces().get(i), alike.kinds().get(i)).stream());
    return Stream.concat(there, Stream.of(alike.kinds().get(0))).iterator();
  }

  /** What a piece of each kind costs in a part, and last what it costs to leave one out. */
  private static double[] prices(BundlesToMake toMake, int tier, int part, double[][] leftOut) {
    int none = toMake.alike().size();
    double worth = toMake.tiers().get(tier).worth();
    double[] price = new double[none + 1];
    for (int k = 0; k < none; k++) {
      int rank = toMake.rank()[tier][part][k];
      price[k] = rank < 0 ? Double.POSITIVE_INFINITY : worth * Recipe.PER_RANK * rank;
    }
    price[none] = leftOut[tier][part];
    return price;
  }

  /** Sends what one cheapest path carries from a part to kinds with pieces left; -1 without one. */
  private static int push(int from, int open, int[] left, int[][] flow, double[][] price) {
    int parts = flow.length;
    int kinds = left.length;
    double[] toPart = new double[parts];
    double[] toKind = new double[kinds];
    int[] partFrom = new int[parts];
    int[] kindFrom = new int[kinds];
    Arrays.fill(toPart, Double.POSITIVE_INFINITY);
    Arrays.fill(toKind, Double.POSITIVE_INFINITY);
    toPart[from] = 0;
    partFrom[from] = -1;
    boolean changed = true;
    while (changed) {
      changed = false;
      for (int d = 0; d < parts; d++) {
        for (int k = 0; k < kinds; k++) {
          if (toPart[d] + price[d][k] < toKind[k] - BundlingSearch.TINY) {
            toKind[k] = toPart[d] + price[d][k];
            kindFrom[k] = d;
            changed = true;
          }
          if (flow[d][k] > 0 && toKind[k] - price[d][k] < toPart[d] - BundlingSearch.TINY) {
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
        end = end < 0 || toKind[k] < toKind[end] - BundlingSearch.TINY ? k : end;
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
