package org.nestrinse.core.sort;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.textile.Kind;

/**
 * Divides heaps piece by piece where that saves a run: the smallest load is dealt out to the others
 * one piece at a time, and loads that no rule keeps apart are packed anew. What it leaves is proven
 * only where a bound proves it.
 */
final class Repack {
  private static final double SLACK = 1e-9;

  private final Machine machine;
  private final Predicate<Offered> must;

  /** What a piece of each kind takes; asked for each piece again and again. */
  private final Map<Kind, Takes> known = new IdentityHashMap<>();

  private record Takes(double wetL, double dryL, double massKg) {}

  /** Whether the last of some offers may join the others. */
  private final Map<List<Long>, Boolean> travel = new HashMap<>();

  private final HouseRules house;

  private Repack(Machine machine, Predicate<Offered> must, HouseRules house) {
    this.machine = machine;
    this.must = must;
    this.house = house;
  }

  /** Returns what was found with as few loads as single pieces allow. */
  static SortSearch.Found of(
      SortSearch.Found found, Predicate<Offered> must, Machine machine, HouseRules house) {
    Repack repack = new Repack(machine, must, house);
    List<List<Offered>> loads = new ArrayList<>(found.loads());
    while (repack.dealOut(loads) || repack.packAnew(loads)) {
      // Each turn saves a run, so it ends.
    }
    loads.sort(Comparator.comparing(SortSolver::lead, SortTable.BY_DUE));
    boolean proven = found.proven() || loads.size() <= repack.leastLoads(loads);
    return new SortSearch.Found(loads, found.waiting(), found.cost(), proven);
  }

  /** Deals a load out to the others, smallest first; returns whether one is gone. */
  private boolean dealOut(List<List<Offered>> loads) {
    List<List<Offered>> bySize = new ArrayList<>(loads);
    bySize.sort(Comparator.comparingDouble(this::wetL));
    for (List<Offered> small : bySize) {
      List<List<Offered>> others = new ArrayList<>();
      loads.stream().filter(l -> l != small).forEach(l -> others.add(new ArrayList<>(l)));
      if (allFit(singles(small), others)) {
        loads.clear();
        others.forEach(l -> loads.add(SortSearch.merged(l)));
        return true;
      }
    }
    return false;
  }

  private boolean allFit(List<Offered> pieces, List<List<Offered>> loads) {
    for (Offered piece : pieces) {
      boolean in = false;
      for (List<Offered> load : loads) {
        if (joins(piece, load)) {
          put(piece, load);
          in = true;
          break;
        }
      }
      if (!in) {
        return false;
      }
    }
    return true;
  }

  /** Packs loads that no rule parts once more, largest pieces first. */
  private boolean packAnew(List<List<Offered>> loads) {
    for (List<Offered> one : loads) {
      List<List<Offered>> alike =
          loads.stream().filter(other -> other == one || noRule(one, other)).toList();
      if (alike.size() < 2) {
        continue;
      }
      List<Offered> pieces = new ArrayList<>();
      alike.forEach(l -> pieces.addAll(singles(l)));
      pieces.sort(Comparator.comparingDouble(o -> -one(o).wetL));
      List<List<Offered>> packed = new ArrayList<>();
      for (Offered piece : pieces) {
        boolean in = false;
        for (List<Offered> load : packed) {
          if (joins(piece, load)) {
            put(piece, load);
            in = true;
            break;
          }
        }
        if (!in) {
          packed.add(new ArrayList<>(List.of(piece)));
        }
      }
      if (packed.size() < alike.size()) {
        loads.removeAll(alike);
        packed.forEach(l -> loads.add(SortSearch.merged(l)));
        return true;
      }
    }
    return false;
  }

  /** Adds a piece to a load, to its like when there are some. */
  private static void put(Offered piece, List<Offered> load) {
    for (int i = 0; i < load.size(); i++) {
      Offered there = load.get(i);
      if (there.id() == piece.id()) {
        load.set(i, there.withCount(there.pieces().count() + piece.pieces().count()));
        return;
      }
    }
    load.add(piece);
  }

  /** Whether a piece may join: no rule, hard or not, and room as the search would give it. */
  private boolean joins(Offered piece, List<Offered> load) {
    boolean mayWait = !must.test(piece) || !load.stream().allMatch(must);
    double most = mayWait ? machine.window().to() : machine.window().most();
    return wetL(load) + wet(piece) <= most * machine.drumL() + SLACK
        && dryL(load) + dry(piece) <= machine.drumL() + SLACK
        && massKg(load) + massKg(piece) <= machine.capacityKg() + SLACK
        && mayTravel(piece, load);
  }

  /** Whether no rule parts a piece from a load; the same offers always answer alike. */
  private boolean mayTravel(Offered piece, List<Offered> load) {
    List<Long> offers = new ArrayList<>(load.size() + 1);
    load.forEach(o -> offers.add(o.id()));
    offers.add(piece.id());
    return travel.computeIfAbsent(
        offers,
        key -> {
          List<SoiledPieces> all = new ArrayList<>(SortSolver.pieces(load));
          all.add(piece.pieces());
          int mainC = TravelRules.commonC(all);
          return mainC >= TravelRules.leastC(all)
              && all.stream().noneMatch(other -> brokenAt(mainC, piece.pieces(), other));
        });
  }

  private boolean brokenAt(int mainC, SoiledPieces one, SoiledPieces other) {
    return TravelRules.ALL.stream()
        .anyMatch(rule -> mainC < house.liftedFromC(rule) && rule.keepsApart(one, other));
  }

  private boolean noRule(List<Offered> one, List<Offered> other) {
    List<SoiledPieces> all = new ArrayList<>(SortSolver.pieces(one));
    all.addAll(SortSolver.pieces(other));
    int mainC = TravelRules.commonC(all);
    return one.stream()
        .allMatch(a -> other.stream().noneMatch(b -> brokenAt(mainC, a.pieces(), b.pieces())));
  }

  /** The fewest runs that volume, mass and hard rules allow for what is in these loads. */
  private int leastLoads(List<List<Offered>> loads) {
    List<Offered> all = loads.stream().flatMap(List::stream).toList();
    double most = machine.window().most() * machine.drumL();
    double byVolume = wetL(all) / most;
    double byDry = dryL(all) / machine.drumL();
    double byMass = DrumFill.massKg(SortSolver.pieces(all)) / machine.capacityKg();
    int bySize = (int) Math.ceil(Math.max(byVolume, Math.max(byDry, byMass)) - SLACK);
    List<Offered> apart = new ArrayList<>();
    for (Offered o : all) {
      boolean fromAll =
          apart.stream()
              .allMatch(
                  a ->
                      TravelRules.ALL.stream()
                          .filter(TravelRule::hard)
                          .filter(r -> r.onlyBelowC() == TravelRule.ALWAYS)
                          .anyMatch(r -> r.keepsApart(a.pieces(), o.pieces())));
      if (fromAll) {
        apart.add(o);
      }
    }
    return Math.max(bySize, apart.size());
  }

  private double wetL(List<Offered> load) {
    return load.stream().mapToDouble(this::wet).sum();
  }

  private double dryL(List<Offered> load) {
    return load.stream().mapToDouble(this::dry).sum();
  }

  private double wet(Offered o) {
    return o.pieces().count() * one(o).wetL;
  }

  private double dry(Offered o) {
    return o.pieces().count() * one(o).dryL;
  }

  private double massKg(List<Offered> load) {
    return load.stream().mapToDouble(this::massKg).sum();
  }

  private double massKg(Offered o) {
    return o.pieces().count() * one(o).massKg;
  }

  private Takes one(Offered o) {
    return known.computeIfAbsent(o.pieces().kind(), k -> new Takes(k.wetL(), k.dryL(), k.massKg()));
  }

  private List<Offered> singles(List<Offered> load) {
    List<Offered> all = new ArrayList<>();
    for (Offered o : load) {
      for (int i = 0; i < o.pieces().count(); i++) {
        all.add(o.withCount(1));
      }
    }
    all.sort(Comparator.comparingDouble((Offered o) -> -wet(o)).thenComparing(Offered::id));
    return all;
  }
}
