package org.nestrinse.core.sort;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.kit.Machine;

/**
 * What a person moved by hand, told by the pieces themselves and not by the numbers of loads: more
 * may come into the pails, and loads are then proposed anew, but what was put beside what still
 * holds.
 *
 * @param ids numbers of the offers that moved
 * @param beside numbers of those that were in the load they joined; empty for a load of their own
 * @param keptBack whether they were kept back, and joined no load
 * @param reason why a soft rule was set aside; null when none was
 */
public record HandMove(
    List<Long> ids, List<Long> beside, boolean keptBack, @Nullable String reason) {
  public HandMove {
    ids = List.copyOf(ids);
    beside = List.copyOf(beside);
  }

  /** Returns what a move means in the sorting in which it is made. */
  public static HandMove of(Rearrangement.Move move, Rearrangement in) {
    Sorted.Drum joined = in.drums().get(move.to());
    List<Long> beside =
        joined == null ? List.of() : joined.first().stream().map(Offered::id).toList();
    return new HandMove(move.ids(), beside, move.to() == Rearrangement.STAYS, move.reason());
  }

  /**
   * Returns those moves that still can be made in a sorting: whose pieces are there, with some of
   * those they were put beside, and against which no rule stands.
   */
  public static List<Rearrangement.Move> made(
      Sorted sorted, List<HandMove> moves, Machine machine) {
    List<Rearrangement.Move> made = new ArrayList<>();
    Rearrangement now = Rearrangement.of(sorted, made, machine);
    for (HandMove move : moves) {
      Optional<Rearrangement.Move> next = move.in(now);
      if (next.isEmpty()) {
        continue;
      }
      made.add(next.get());
      Rearrangement then = Rearrangement.of(sorted, made, machine);
      if (then.refused() == null) {
        now = then;
      } else {
        made.remove(made.size() - 1);
      }
    }
    return List.copyOf(made);
  }

  /** Returns the move in a sorting, or nothing when it has nothing to move there. */
  public Optional<Rearrangement.Move> in(Rearrangement sorting) {
    int from = drumWith(ids, sorting).orElse(Rearrangement.STAYS);
    List<Long> there =
        from == Rearrangement.STAYS
            ? loose(sorting)
            : sorting.drums().get(from).first().stream().map(Offered::id).toList();
    List<Long> moving = ids.stream().filter(there::contains).toList();
    Optional<Integer> to =
        keptBack
            ? Optional.of(Rearrangement.STAYS)
            : beside.isEmpty() ? Optional.of(Rearrangement.OWN) : drumWith(beside, sorting);
    return moving.isEmpty() || to.isEmpty() || to.get() == from
        ? Optional.empty()
        : Optional.of(new Rearrangement.Move(moving, from, to.get(), reason));
  }

  /** What is in no first set: it waits, or serves as bulk. */
  private static List<Long> loose(Rearrangement sorting) {
    List<Long> loose = new ArrayList<>();
    sorting.waiting().forEach(w -> loose.add(w.offered().id()));
    sorting.drums().values().forEach(d -> d.bulkers().forEach(o -> loose.add(o.id())));
    return loose;
  }

  private static Optional<Integer> drumWith(Collection<Long> ids, Rearrangement sorting) {
    return sorting.drums().entrySet().stream()
        .filter(d -> d.getValue().first().stream().anyMatch(o -> ids.contains(o.id())))
        .map(Map.Entry::getKey)
        .findFirst();
  }
}
