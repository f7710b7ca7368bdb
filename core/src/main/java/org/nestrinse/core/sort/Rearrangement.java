package org.nestrinse.core.sort;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.gather.HoldingClock;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.OutOfRange;

/**
 * A sorting with what a person moved by hand. Bulk is chosen anew after each move, since a fuller
 * drum wants less of it.
 *
 * @param drums loads by their number; a number stays with its load while others come and go
 * @param waiting what waits
 * @param answers pieces that fit no load
 * @param proven whether nothing was moved and the solver's answer is proven
 * @param setAside soft rules that the person set aside, with the reason given
 * @param refused what stands against the last move, which was not made then; null when it was
 */
public record Rearrangement(
    Map<Integer, Sorted.Drum> drums,
    List<Sorted.Wait> waiting,
    List<Sorted.Answer> answers,
    boolean proven,
    List<SetAside> setAside,
    Joining.@Nullable Verdict refused) {
  /** The target that means: it stays in its pail. */
  public static final int STAYS = -1;

  /** The target that means: a drum of its own. */
  public static final int OWN = 0;

  /**
   * A move.
   *
   * @param ids numbers of the offers that move, all that is of them at the source
   * @param from number of the load that they leave, or {@link #STAYS} when they wait
   * @param to number of the load that they join, {@link #OWN} or {@link #STAYS}
   * @param reason why a soft rule is set aside; null when none is
   */
  public record Move(List<Long> ids, int from, int to, @Nullable String reason) {
    public Move {
      ids = List.copyOf(ids);
    }

    /** Returns the same move when no reason is given. */
    public Move withoutReason() {
      return new Move(ids, from, to, null);
    }
  }

  /**
   * A soft rule that was set aside.
   *
   * @param drum number of the load
   * @param rule short name of the rule
   * @param words what the rule says
   * @param reason why it was set aside
   */
  public record SetAside(int drum, String rule, Said words, String reason) {}

  /**
   * Returns a sorting after some moves, in their order. The first move that cannot be made ends it.
   *
   * @param sorted what the solver made
   * @param moves what the person moved
   * @param machine what it is washed in
   */
  public static Rearrangement of(Sorted sorted, List<Move> moves, Machine machine) {
    Bench bench = new Bench(sorted, machine);
    Joining.Verdict refused = null;
    for (Move move : moves) {
      refused = bench.move(move).orElse(null);
      if (refused != null) {
        break;
      }
    }
    return bench.result(sorted, moves.isEmpty(), refused);
  }

  /** Where the pieces lie while they are moved. */
  private static final class Bench {
    private final Machine machine;
    private final Map<Integer, List<Offered>> firsts = new TreeMap<>();
    private final List<Offered> waiting = new ArrayList<>();
    private final List<Offered> basket = new ArrayList<>();
    private final List<SetAside> setAside = new ArrayList<>();
    private final Set<Integer> made = new TreeSet<>();
    private final Map<Long, Said> reasons = new TreeMap<>();
    private final HouseRules rules;

    Bench(Sorted sorted, Machine machine) {
      this.machine = machine;
      this.rules = sorted.rules();
      for (Sorted.Drum drum : sorted.drums()) {
        int number = firsts.size() + 1;
        firsts.put(number, new ArrayList<>(drum.first()));
        made.add(number);
        drum.bulkers().forEach(o -> add(basket, o));
      }
      for (Sorted.Wait wait : sorted.waiting()) {
        add(wait.offered().forBulk() ? basket : waiting, wait.offered());
        reasons.put(wait.offered().id(), wait.reason());
      }
    }

    Optional<Joining.Verdict> move(Move move) {
      List<Offered> moved = new ArrayList<>();
      for (Offered o : source(move)) {
        if (move.ids().contains(o.id())) {
          moved.add(o);
        }
      }
      if (moved.isEmpty()) {
        throw new OutOfRange("moves.ids", move.ids(), Said.of(LoadSaying.PIECES_THERE));
      }
      if (move.to() != STAYS && move.to() != OWN && !made.contains(move.to())) {
        throw new OutOfRange("moves.to", move.to(), Said.of(LoadSaying.A_LOAD_THERE));
      }
      int target = move.to() == OWN ? made.stream().max(Integer::compare).orElse(0) + 1 : move.to();
      if (target != STAYS) {
        Optional<Joining.Verdict> against = against(moved, target, move.reason());
        if (against.isPresent()) {
          return against;
        }
      }
      take(move, moved);
      if (target == STAYS) {
        moved.forEach(
            o -> {
              add(o.forBulk() ? basket : waiting, o);
              reasons.put(o.id(), Said.of(LoadSaying.KEPT_BACK));
            });
      } else {
        made.add(target);
        moved.forEach(o -> add(firsts.computeIfAbsent(target, k -> new ArrayList<>()), o));
      }
      return Optional.empty();
    }

    private List<Offered> source(Move move) {
      if (move.from() == STAYS) {
        List<Offered> all = new ArrayList<>(waiting);
        all.addAll(basket);
        return all;
      }
      return firsts.getOrDefault(move.from(), List.of());
    }

    private void take(Move move, List<Offered> moved) {
      Set<Long> ids = new HashSet<>(moved.stream().map(Offered::id).toList());
      if (move.from() == STAYS) {
        waiting.removeIf(o -> ids.contains(o.id()));
        basket.removeIf(o -> ids.contains(o.id()));
      } else {
        firsts.get(move.from()).removeIf(o -> ids.contains(o.id()));
      }
    }

    private Optional<Joining.Verdict> against(
        List<Offered> moved, int target, @Nullable String reason) {
      List<SoiledPieces> there =
          new ArrayList<>(SortSolver.pieces(firsts.getOrDefault(target, List.of())));
      List<SetAside> set = new ArrayList<>();
      for (Offered o : moved) {
        Joining.Verdict verdict =
            Joining.verdict(o.pieces(), there, List.of(), machine).orElse(null);
        if (verdict != null) {
          String why = verdict.hard() || reason == null ? rules.setAside(verdict) : reason;
          if (why == null) {
            return Optional.of(verdict);
          }
          set.add(new SetAside(target, verdict.rule(), verdict.reason(), why));
        }
        there.add(o.pieces());
      }
      set.stream().filter(o -> !setAside.contains(o)).forEach(setAside::add);
      return Optional.empty();
    }

    private static void add(List<Offered> list, Offered o) {
      for (int i = 0; i < list.size(); i++) {
        if (list.get(i).id() == o.id()) {
          int both = list.get(i).pieces().count() + o.pieces().count();
          list.set(i, o.withCount(both));
          return;
        }
      }
      list.add(o);
    }

    Rearrangement result(Sorted sorted, boolean untouched, Joining.@Nullable Verdict refused) {
      List<Offered> everything = new ArrayList<>(basket);
      firsts.values().forEach(first -> first.forEach(o -> add(everything, o)));
      basket.sort(SortTable.BY_DUE);
      Bulking bulking = new Bulking(new SortTable(everything, rules), basket, machine);
      Map<Integer, Sorted.Drum> drums = new TreeMap<>();
      firsts.values().removeIf(List::isEmpty);
      firsts.values().forEach(first -> first.sort(java.util.Comparator.comparing(Offered::id)));
      List<List<Offered>> bulk = bulking.takeAll(List.copyOf(firsts.values()));
      firsts.forEach(
          (number, first) -> {
            List<Sorted.Refused> no = bulking.refused(SortSolver.pieces(first));
            List<Offered> joined = bulk.get(drums.size());
            Sorted.Drum drum = SortSolver.drum(first, joined, no, machine, rules);
            drums.put(number, drum);
            setAsideByTheHouse(number, drum);
          });
      List<Sorted.Wait> waits = new ArrayList<>();
      waiting.forEach(o -> waits.add(wait(o, reasons.getOrDefault(o.id(), Said.NOTHING))));
      bulking.left().forEach(o -> waits.add(wait(o, LoadSaying.IN_BASKET.said())));
      return new Rearrangement(
          drums,
          waits,
          sorted.answers(),
          untouched && sorted.proven(),
          List.copyOf(setAside),
          refused);
    }

    /** Lists the rules of the house that the solver itself did without in this load. */
    private void setAsideByTheHouse(int number, Sorted.Drum drum) {
      for (Sorted.Broken b : drum.broken()) {
        String why = rules.reasons().get(b.rule().name());
        boolean said =
            setAside.stream().anyMatch(s -> s.drum() == number && s.rule().equals(b.rule().name()));
        if (why != null && !said) {
          Said words =
              Said.of(LoadSaying.NOT_WITH)
                  .with("kind", b.other())
                  .with("reason", b.rule().reason());
          setAside.add(new SetAside(number, b.rule().name(), words, why));
        }
      }
    }

    private static Sorted.Wait wait(Offered o, Said reason) {
      return new Sorted.Wait(o, HoldingClock.due(o.pieces()), reason);
    }
  }
}
