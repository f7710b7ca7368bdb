package org.nestrinse.core.sort;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntBinaryOperator;
import java.util.function.IntUnaryOperator;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.kit.FillWindow;
import org.nestrinse.core.kit.Machine;

/**
 * Branch and bound over the placements of heaps, in their order; each goes into one of the loads so
 * far, into a new one, or waits when its clock allows. When the search is cut short, single moves
 * improve what it has found.
 */
final class SortSearch {
  /** Number of times a heap is tried in a load before the search stops. */
  static final int MOST_STEPS = 100_000;

  /** Number of heaps moved before improving by single moves stops. */
  private static final int MOST_REPLACED = 20_000;

  /** A placement that means: it waits. */
  static final int WAITS = Placements.WAITS;

  private final List<SortUnits.Heap> heaps;
  private final SortTable table;
  private final Bulking bulking;
  private final Machine machine;
  private final FillWindow window;
  private final int n;
  private final int[][] rules;
  private final int[] hottest;
  private final int[] needed;
  private final int[] wanted;
  private final double[] wetL;
  private final double[] dryL;
  private final double[] mass;
  private final int[] count;
  private final int[] rank;
  private final int[][] members;
  private final int[] placed;
  private int steps;
  private int @Nullable [] best;
  private @Nullable SortCost bestCost;

  SortSearch(List<SortUnits.Heap> heaps, List<Offered> basket, SortTable table, Machine machine) {
    this.heaps = heaps;
    this.table = table;
    this.machine = machine;
    bulking = new Bulking(table, basket, machine);
    window = machine.window();
    n = heaps.size();
    members =
        heaps.stream()
            .map(h -> h.parts().stream().mapToInt(table::index).toArray())
            .toArray(int[][]::new);
    hottest = figure(i -> table.hottestC[i], Math::min);
    needed = figure(i -> table.neededC[i], Math::max);
    wanted = figure(i -> table.wantedC[i], Math::max);
    rank = figure(i -> table.rank[i], Math::min);
    wetL = heaps.stream().mapToDouble(SortUnits.Heap::wetL).toArray();
    dryL = heaps.stream().mapToDouble(SortUnits.Heap::dryL).toArray();
    mass = heaps.stream().mapToDouble(SortUnits.Heap::massKg).toArray();
    count = heaps.stream().mapToInt(SortUnits.Heap::count).toArray();
    placed = new int[n];
    rules = new int[n][n];
    for (int i = 0; i < n; i++) {
      for (int j = 0; j < n; j++) {
        // A heap holds pieces that every rule treats alike, so its first stands for all.
        rules[i][j] = table.rules(members[i][0], members[j][0]);
      }
    }
  }

  private int[] figure(IntUnaryOperator ofPiece, IntBinaryOperator join) {
    return Arrays.stream(members)
        .mapToInt(m -> Arrays.stream(m).map(ofPiece).reduce(join).orElseThrow())
        .toArray();
  }

  /**
   * What was found.
   *
   * @param loads the first sets, the one that is due first leading
   * @param waiting what waits
   * @param cost what it costs
   * @param proven whether everything was tried, piece by piece
   */
  record Found(List<List<Offered>> loads, List<Offered> waiting, SortCost cost, boolean proven) {}

  /** Returns how often a heap was held against a load. */
  int steps() {
    return steps;
  }

  /** Returns the best sorting found. */
  Found best() {
    place(0, new ArrayList<>(), 0);
    boolean whole = steps < MOST_STEPS;
    if (!whole) {
      improve();
    }
    // Heaps of several pieces that could be parted leave something untried.
    return found(whole && Arrays.stream(count).allMatch(c -> c == 1));
  }

  private Found found(boolean proven) {
    int[] where = java.util.Objects.requireNonNull(best);
    List<List<Offered>> loads = new ArrayList<>();
    for (int load = 0; load < Placements.loads(where); load++) {
      List<Offered> first = new ArrayList<>();
      for (int i = 0; i < n; i++) {
        if (where[i] == load) {
          first.addAll(heaps.get(i).parts());
        }
      }
      loads.add(merged(first));
    }
    loads.sort(java.util.Comparator.comparing(SortSolver::lead, SortTable.BY_DUE));
    List<Offered> waiting = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      if (where[i] == WAITS) {
        waiting.addAll(heaps.get(i).parts());
      }
    }
    return new Found(loads, merged(waiting), java.util.Objects.requireNonNull(bestCost), proven);
  }

  /** Returns the offers, each once with all its pieces, by number. */
  static List<Offered> merged(List<Offered> parts) {
    java.util.Map<Long, Offered> byId = new java.util.TreeMap<>();
    for (Offered o : parts) {
      byId.merge(o.id(), o, (a, b) -> a.withCount(a.pieces().count() + b.pieces().count()));
    }
    return new ArrayList<>(byId.values());
  }

  /** A load while the search fills it. */
  private static final class Filling {
    int[] members = {};
    int size;
    double wetL;
    double dryL;
    double mass;
    int hottest = TravelRules.SANITISING_MAIN_C;
    int needed;
    boolean only60;
    boolean mayWait;
    int soft;

    Filling() {}

    Filling(Filling other) {
      members = Arrays.copyOf(other.members, other.size + 1);
      size = other.size;
      wetL = other.wetL;
      dryL = other.dryL;
      mass = other.mass;
      hottest = other.hottest;
      needed = other.needed;
      only60 = other.only60;
      mayWait = other.mayWait;
      soft = other.soft;
    }
  }

  /** Returns a load with a heap more, or null when a hard rule or the room forbids it. */
  private @Nullable Filling with(Filling load, int heap) {
    steps++;
    boolean only60 = load.only60;
    int broken = load.soft;
    for (int m = 0; m < load.size; m++) {
      int other = load.members[m];
      int between = rules[heap][other];
      if ((between & SortTable.HARD) != 0) {
        return null;
      }
      only60 |= (between & SortTable.LIFTED) != 0;
      broken |= between;
    }
    int hot = Math.min(load.hottest, hottest[heap]);
    int need = Math.max(load.needed, needed[heap]);
    if (hot < need || (only60 && hot < TravelRules.SANITISING_MAIN_C)) {
      return null;
    }
    boolean mayWait = load.mayWait || !heaps.get(heap).must();
    // What may wait never makes a drum tighter than the good window.
    double most = (mayWait ? window.to() : window.most()) * machine.drumL();
    double wet = load.wetL + wetL[heap];
    if ((load.size > 0 && wet > most + 1e-9)
        || load.dryL + dryL[heap] > machine.drumL() + 1e-9
        || load.mass + mass[heap] > machine.capacityKg() + 1e-9) {
      return null;
    }
    Filling more = new Filling(load);
    more.members[more.size++] = heap;
    more.wetL = wet;
    more.dryL += dryL[heap];
    more.mass += mass[heap];
    more.hottest = hot;
    more.needed = need;
    more.only60 = only60;
    more.mayWait = mayWait;
    more.soft = broken;
    return more;
  }

  private void place(int heap, List<Filling> loads, double waitingL) {
    // The first way down always ends: a heap fits alone.
    if (steps >= MOST_STEPS && bestCost != null) {
      return;
    }
    long runs = runs(loads, waitingL);
    if (bestCost != null && runs + unavoidable(heap, loads) > bestCost.runs()) {
      return;
    }
    if (heap == n) {
      keepIfBetter(placed, cost(placed, runs));
      return;
    }
    for (int l = 0; l < loads.size(); l++) {
      Filling before = loads.get(l);
      Filling more = with(before, heap);
      if (more != null) {
        placed[heap] = l;
        loads.set(l, more);
        place(heap + 1, loads, waitingL);
        loads.set(l, before);
      }
    }
    if (!heaps.get(heap).must()) {
      placed[heap] = WAITS;
      place(heap + 1, loads, waitingL + wetL[heap]);
    }
    Filling alone = with(new Filling(), heap);
    if (alone != null) {
      placed[heap] = loads.size();
      loads.add(alone);
      place(heap + 1, loads, waitingL);
      loads.remove(loads.size() - 1);
    }
  }

  /** A due heap that no load can take needs a run of its own. */
  private int unavoidable(int heap, List<Filling> loads) {
    for (int i = heap; i < n && heaps.get(i).must(); i++) {
      boolean fits = false;
      for (Filling load : loads) {
        fits |= with(load, i) != null;
      }
      if (!fits) {
        return SortCost.RUN;
      }
    }
    return 0;
  }

  private long runs(List<Filling> loads, double waitingL) {
    long runs = (long) SortCost.RUN * loads.size();
    for (Filling load : loads) {
      runs += table.softCost(load.soft, load.hottest);
    }
    return runs + Math.round(SortCost.RUN * waitingL / (window.least() * machine.drumL()));
  }

  /** Returns what a placement costs, or null when it breaks a hard rule or has no room. */
  @Nullable SortCost cost(int[] where) {
    List<Filling> loads = new ArrayList<>();
    double waitingL = 0;
    for (int l = 0; l < Placements.loads(where); l++) {
      loads.add(new Filling());
    }
    for (int i = 0; i < n; i++) {
      if (where[i] == WAITS) {
        if (heaps.get(i).must()) {
          return null;
        }
        waitingL += wetL[i];
        continue;
      }
      Filling more = with(loads.get(where[i]), i);
      if (more == null) {
        return null;
      }
      loads.set(where[i], more);
    }
    return cost(where, runs(loads, waitingL));
  }

  private SortCost cost(int[] where, long runs) {
    int loads = Placements.loads(where);
    Filling[] filled = new Filling[loads];
    int[] lead = new int[loads];
    Arrays.setAll(filled, l -> new Filling());
    Arrays.fill(lead, Integer.MAX_VALUE);
    long clocks = 0;
    for (int i = 0; i < n; i++) {
      if (where[i] == WAITS) {
        clocks += count[i] * heaps.get(i).waitedHours();
        continue;
      }
      Filling load = filled[where[i]];
      load.members = Arrays.copyOf(load.members, load.size + 1);
      load.members[load.size++] = i;
      load.wetL += wetL[i];
      load.mass += mass[i];
      load.hottest = Math.min(load.hottest, hottest[i]);
      lead[where[i]] = Math.min(lead[where[i]], rank[i]);
    }
    long misfit = 0;
    long coolness = 0;
    int thin = 0;
    bulking.refill();
    int[] byLead = Placements.inOrder(lead);
    double[] litres = Arrays.stream(byLead).mapToDouble(l -> filled[l].wetL).toArray();
    for (int place : Bulking.fullestFirst(litres)) {
      int l = byLead[place];
      Filling load = filled[l];
      int[] pieces = new int[load.size];
      for (int m = 0; m < load.size; m++) {
        int heap = load.members[m];
        pieces[m] = members[heap][0];
        coolness += (long) count[heap] * Math.max(0, wanted[heap] - load.hottest);
      }
      steps += pieces.length;
      double main = bulking.fill(pieces, pieces.length, load.wetL, load.mass, load.hottest, null);
      misfit += Math.round(1000 * window.misfit(main));
      thin += main < window.least() ? 1 : 0;
    }
    return new SortCost(runs + (long) SortCost.THIN * thin, misfit, clocks, coolness);
  }

  private boolean keepIfBetter(int[] where, SortCost cost) {
    if (bestCost != null && cost.compareTo(bestCost) >= 0) {
      return false;
    }
    best = where.clone();
    bestCost = cost;
    return true;
  }

  /** Moves one heap at a time for as long as that helps. */
  private void improve() {
    boolean better = true;
    int tries = 0;
    while (better && tries * n < MOST_REPLACED) {
      better = false;
      for (int i = 0; i < n; i++) {
        int[] where = java.util.Objects.requireNonNull(best).clone();
        for (int to = WAITS; to <= Placements.loads(where) && tries * n < MOST_REPLACED; to++) {
          int[] moved = where.clone();
          moved[i] = to;
          tries++;
          int[] tidy = Placements.withoutGaps(moved);
          SortCost cost = cost(tidy);
          better |= cost != null && keepIfBetter(tidy, cost);
        }
      }
    }
  }
}
