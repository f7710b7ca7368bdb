package org.nestrinse.core.sort;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.textile.Kind;

/**
 * What the solver moves around: heaps of pieces that stay together. A heap is never more than a
 * quarter of the drum. When there are many, pieces that every rule treats alike share a heap, which
 * keeps the search short.
 */
final class SortUnits {
  /** Largest number of heaps that are left as they are. */
  static final int FEW = 12;

  /** A heap is at most this share of the drum once washed. */
  static final double LARGEST_HEAP = 0.25;

  /**
   * A heap.
   *
   * @param parts the pieces in it
   * @param must whether some piece is due before the next chance to wash
   * @param waitedHours hours that its oldest pieces have waited
   */
  record Heap(List<Offered> parts, boolean must, long waitedHours) {
    double wetL() {
      return parts.stream().mapToDouble(o -> o.pieces().count() * o.pieces().kind().wetL()).sum();
    }

    double dryL() {
      return parts.stream().mapToDouble(o -> o.pieces().count() * o.pieces().kind().dryL()).sum();
    }

    double massKg() {
      return DrumFill.massKg(SortSolver.pieces(parts));
    }

    int count() {
      return parts.stream().mapToInt(o -> o.pieces().count()).sum();
    }

    int hottestC() {
      return parts.stream()
          .mapToInt(o -> o.pieces().kind().limits().hottestWashC())
          .min()
          .orElseThrow();
    }
  }

  private SortUnits() {}

  /**
   * Returns the heaps in the order in which the search places them: due ones first, oldest first.
   */
  static List<Heap> of(
      List<Offered> soiled, SortTable table, Machine machine, Instant now, Predicate<Offered> due) {
    double largest = machine.drumL() * LARGEST_HEAP;
    List<Heap> single = new ArrayList<>();
    for (Offered o : soiled) {
      Kind kind = o.pieces().kind();
      double fits =
          Math.min(
              Math.min(largest / kind.wetL(), machine.drumL() / kind.dryL()),
              machine.capacityKg() / 2 / kind.massKg());
      int perHeap = Math.max(1, (int) Math.floor(fits));
      boolean must = due.test(o);
      long waited = Math.max(0, Duration.between(o.pieces().since(), now).toHours());
      for (int left = o.pieces().count(); left > 0; left -= perHeap) {
        single.add(new Heap(List.of(o.withCount(Math.min(left, perHeap))), must, waited));
      }
    }
    List<Heap> heaps = single.size() <= FEW ? single : alikeTogether(single, table, largest);
    heaps.sort(
        Comparator.comparing((Heap h) -> !h.must())
            .thenComparing(h -> -h.wetL())
            .thenComparing(h -> h.parts().get(0).id()));
    return heaps;
  }

  private static List<Heap> alikeTogether(List<Heap> single, SortTable table, double largestL) {
    Map<Object, List<Heap>> alike = new LinkedHashMap<>();
    for (Heap h : single) {
      alike.computeIfAbsent(behaviour(h, table), key -> new ArrayList<>()).add(h);
    }
    List<Heap> heaps = new ArrayList<>();
    for (List<Heap> group : alike.values()) {
      List<Offered> parts = new ArrayList<>();
      double litres = 0;
      long waited = 0;
      for (Heap h : group) {
        if (litres > 0 && litres + h.wetL() > largestL) {
          heaps.add(new Heap(List.copyOf(parts), h.must(), waited));
          parts.clear();
          litres = 0;
          waited = 0;
        }
        parts.addAll(h.parts());
        litres += h.wetL();
        waited = Math.max(waited, h.waitedHours());
      }
      heaps.add(new Heap(List.copyOf(parts), group.get(0).must(), waited));
    }
    return heaps;
  }

  /** Everything by which a rule or the cost could tell pieces apart. */
  private record Behaviour(
      boolean must, int hottestC, int neededC, int wantedC, List<Integer> brokenWith) {}

  private static Behaviour behaviour(Heap h, SortTable table) {
    int at = table.index(h.parts().get(0));
    return new Behaviour(
        h.must(),
        table.hottestC[at],
        table.neededC[at],
        table.wantedC[at],
        Arrays.stream(table.rulesOf(at)).boxed().toList());
  }
}
