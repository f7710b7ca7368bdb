package org.nestrinse.core.sort;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.nestrinse.core.gather.HoldingClock;
import org.nestrinse.core.gather.SoiledPieces;

/** Everything the solver asks of what is offered, looked up once: figures a piece, rules a pair. */
final class SortTable {
  /** The order in which pieces lead and bulk is offered: what is due first, then by number. */
  static final Comparator<Offered> BY_DUE =
      Comparator.comparing((Offered o) -> HoldingClock.due(o.pieces())).thenComparing(Offered::id);

  /** Bits of the hard rules that hold at any temperature. */
  static final int HARD = bits(r -> r.hard() && r.onlyBelowC() == TravelRule.ALWAYS);

  /** Bits of the hard rules that heat lifts. */
  static final int LIFTED = bits(r -> r.hard() && r.onlyBelowC() != TravelRule.ALWAYS);

  /** Bits of the soft rules. */
  static final int SOFT = bits(r -> !r.hard());

  /** What a house keeps apart however hot the wash is weighs more than any other run. */
  private static final int ALWAYS_APART = 4 * SortCost.RUN;

  private final Map<Long, Integer> indexById = new HashMap<>();
  private final int[][] rules;
  final double[] wetL;
  final double[] dryL;
  final double[] massKg;
  final int[] hottestC;
  final int[] neededC;
  final int[] wantedC;
  final boolean[] small;
  final int[] rank;

  /** The rules of the house by which it was made. */
  final HouseRules house;

  private final int[] liftedFromC;

  SortTable(List<Offered> offered, HouseRules house) {
    this.house = house;
    liftedFromC = TravelRules.ALL.stream().mapToInt(house::liftedFromC).toArray();
    int n = offered.size();
    rules = new int[n][n];
    wetL = new double[n];
    dryL = new double[n];
    massKg = new double[n];
    hottestC = new int[n];
    neededC = new int[n];
    wantedC = new int[n];
    small = new boolean[n];
    rank = new int[n];
    List<Offered> byDue = new ArrayList<>(offered);
    byDue.sort(BY_DUE);
    for (int i = 0; i < n; i++) {
      SoiledPieces p = offered.get(i).pieces();
      indexById.put(offered.get(i).id(), i);
      wetL[i] = p.kind().wetL();
      dryL[i] = p.kind().dryL();
      massKg[i] = p.kind().massKg();
      hottestC[i] = p.kind().limits().hottestWashC();
      neededC[i] = TravelRules.neededC(p);
      wantedC[i] = TravelRules.wantedC(p);
      small[i] = p.kind().small() || house.anythingFills();
      for (int j = 0; j <= i; j++) {
        rules[i][j] = broken(p, offered.get(j).pieces());
        rules[j][i] = rules[i][j];
      }
    }
    for (int r = 0; r < n; r++) {
      rank[index(byDue.get(r))] = r;
    }
  }

  private int broken(SoiledPieces one, SoiledPieces other) {
    return bits(r -> house.holds(r) && r.keepsApart(one, other));
  }

  static int bits(java.util.function.Predicate<TravelRule> which) {
    int bits = 0;
    for (int r = 0; r < TravelRules.ALL.size(); r++) {
      if (which.test(TravelRules.ALL.get(r))) {
        bits |= 1 << r;
      }
    }
    return bits;
  }

  /** Returns where an offer stands in the table. */
  int index(Offered offer) {
    return indexById.get(offer.id());
  }

  /** Returns the bits of all rules that two offers break, whatever the temperature. */
  int rules(int one, int other) {
    return rules[one][other];
  }

  /** Returns the rules that an offer breaks with every other. */
  int[] rulesOf(int one) {
    return rules[one];
  }

  /** Returns what broken soft rules weigh, each once, in a main wash so warm [°C]. */
  long softCost(int bits, int mainC) {
    long cost = 0;
    for (int r = 0; r < TravelRules.ALL.size(); r++) {
      if ((bits & SOFT & 1 << r) != 0 && mainC < liftedFromC[r]) {
        boolean always = liftedFromC[r] != TravelRules.ALL.get(r).onlyBelowC();
        cost += always ? ALWAYS_APART : TravelRules.ALL.get(r).cost();
      }
    }
    return cost;
  }
}
