package org.nestrinse.core.sort;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;

/** Which small household pieces bring a main wash into its window. */
public final class Bulking {

  private final SortTable table;
  private final List<Offered> basket;
  private final int[] at;
  private final int[] left;
  private final Machine machine;

  /**
   * Makes the bulking of one sorting: load after load takes from the basket.
   *
   * @param basket what there is to choose from, in order of preference
   */
  Bulking(SortTable table, List<Offered> basket, Machine machine) {
    this.table = table;
    this.basket = basket;
    this.machine = machine;
    at = basket.stream().mapToInt(table::index).toArray();
    left = basket.stream().mapToInt(o -> o.pieces().count()).toArray();
  }

  /** Puts everything back into the basket. */
  void refill() {
    for (int b = 0; b < left.length; b++) {
      left[b] = basket.get(b).pieces().count();
    }
  }

  /**
   * Takes bulk for a load out of the basket: the pieces that are due first, as many as bring it to
   * the lower edge of the window, never beyond its upper edge. Returns how full the main wash is
   * then.
   *
   * @param members where the pieces of the first set stand in the table
   * @param size how many members
   * @param wetL their volume once washed [L]
   * @param massKg their mass [kg]
   * @param commonC the warmest main wash that they tolerate [°C]
   * @param taken receives how many of each of the basket, or null
   */
  double fill(int[] members, int size, double wetL, double massKg, int commonC, int[] taken) {
    double drumL = machine.drumL();
    double litres = wetL;
    double mass = massKg;
    long joined = 0;
    for (int b = 0; b < at.length && litres < machine.window().from() * drumL; b++) {
      if (left[b] == 0 || !joins(b, members, size, commonC, joined)) {
        continue;
      }
      double pieceL = table.dryL[at[b]];
      int wanted = (int) Math.ceil((machine.window().from() * drumL - litres) / pieceL - 1e-9);
      int room = (int) Math.floor((machine.window().to() * drumL - litres) / pieceL + 1e-9);
      int bears = (int) Math.floor((machine.capacityKg() - mass) / table.massKg[at[b]] + 1e-9);
      int count = Math.min(Math.min(wanted, left[b]), Math.min(room, bears));
      if (count > 0) {
        litres += count * pieceL;
        mass += count * table.massKg[at[b]];
        left[b] -= count;
        joined |= 1L << b;
        if (taken != null) {
          taken[b] = count;
        }
      }
    }
    return litres / drumL;
  }

  /**
   * Bulk is a guest: what heat alone would allow, or what weighs as much as a run, is not asked.
   */
  private boolean joins(int b, int[] members, int size, int commonC, long joined) {
    if (b >= Long.SIZE || !table.small[at[b]] || table.hottestC[at[b]] < commonC) {
      return false;
    }
    for (int m = 0; m < size; m++) {
      if (table.rules(at[b], members[m]) != 0) {
        return false;
      }
    }
    for (int other = 0; other < b; other++) {
      if ((joined & 1L << other) != 0 && table.rules(at[b], at[other]) != 0) {
        return false;
      }
    }
    return true;
  }

  /** Returns what is left in the basket. */
  List<Offered> left() {
    List<Offered> rest = new ArrayList<>();
    for (int b = 0; b < left.length; b++) {
      if (left[b] > 0) {
        rest.add(basket.get(b).withCount(left[b]));
      }
    }
    return rest;
  }

  /**
   * Takes bulk for several loads out of the basket, for the fullest first, since it can still reach
   * its window; returns it in the order of the loads.
   */
  List<List<Offered>> takeAll(List<List<Offered>> firsts) {
    List<List<Offered>> bulk = new ArrayList<>(java.util.Collections.nCopies(firsts.size(), null));
    double[] litres =
        firsts.stream()
            .mapToDouble(f -> DrumFill.of(SortSolver.pieces(f), List.of(), 1).main())
            .toArray();
    for (int place : fullestFirst(litres)) {
      bulk.set(place, take(firsts.get(place)));
    }
    return bulk;
  }

  /** Returns the places of the litres in falling order; the earlier of two equals leads. */
  static int[] fullestFirst(double[] litres) {
    return java.util.stream.IntStream.range(0, litres.length)
        .boxed()
        .sorted(
            java.util.Comparator.comparingLong((Integer i) -> -Math.round(litres[i] * 1e6))
                .thenComparing(i -> i))
        .mapToInt(i -> i)
        .toArray();
  }

  /**
   * Takes bulk for a first set out of the basket and returns it.
   *
   * @param first the first wash set
   */
  List<Offered> take(List<Offered> first) {
    int[] members = first.stream().mapToInt(table::index).toArray();
    List<SoiledPieces> pieces = SortSolver.pieces(first);
    int[] taken = new int[at.length];
    fill(
        members,
        members.length,
        DrumFill.of(pieces, List.of(), 1).main(),
        DrumFill.massKg(pieces),
        TravelRules.commonC(pieces),
        taken);
    List<Offered> bulk = new ArrayList<>();
    for (int b = 0; b < taken.length; b++) {
      if (taken[b] > 0) {
        bulk.add(basket.get(b).withCount(taken[b]));
      }
    }
    return bulk;
  }

  /** Returns the kinds of the basket that may not join a load, and why. */
  List<Sorted.Refused> refused(List<SoiledPieces> going) {
    Map<String, Said> refused = new LinkedHashMap<>();
    for (Offered o : basket) {
      refuse(o.pieces(), going, table.house)
          .ifPresent(why -> refused.putIfAbsent(o.pieces().kind().plural(), why));
    }
    return refused.entrySet().stream()
        .map(e -> new Sorted.Refused(e.getKey(), e.getValue()))
        .toList();
  }

  /**
   * Returns why pieces may not serve as bulk, or nothing when they may, room apart.
   *
   * @param bulker small household pieces
   * @param going everything that is in the load already, bulkers too
   * @param rules which rules the house has set aside
   */
  public static Optional<Said> refuse(
      SoiledPieces bulker, Collection<SoiledPieces> going, HouseRules rules) {
    if (!bulker.kind().small() && !rules.anythingFills()) {
      return Optional.of(Said.of(LoadSaying.WRAPS));
    }
    int mainC = TravelRules.commonC(going);
    int limit = bulker.kind().limits().hottestWashC();
    if (limit < mainC) {
      return Optional.of(
          Said.of(LoadSaying.TOO_DELICATE)
              .with("celsius", Quantity.celsius(limit))
              .with("load", Quantity.celsius(mainC)));
    }
    for (SoiledPieces other : going) {
      for (TravelRule rule : TravelRules.ALL) {
        if (rules.holds(rule) && rule.keepsApart(bulker, other)) {
          return Optional.of(
              Said.of(LoadSaying.NOT_WITH)
                  .with("kind", other.kind().plural())
                  .with("reason", rule.reason()));
        }
      }
    }
    return Optional.empty();
  }
}
