package org.nestrinse.core.sort;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Kind;

/** Why a load is as it is, in a few sentences. */
public final class SortReasons {
  private SortReasons() {}

  /**
   * Returns the reasons of one load: its heat, its fill, why it is not one with the others, and the
   * soft rules it breaks.
   *
   * @param number its number
   * @param drums all loads by number
   * @param machine what they are washed in
   */
  public static List<Said> of(int number, Map<Integer, Sorted.Drum> drums, Machine machine) {
    Sorted.Drum drum = drums.get(number);
    List<Said> reasons = new ArrayList<>();
    reasons.add(heat(drum));
    reasons.add(fill(drum, machine));
    drums.forEach(
        (other, with) -> {
          if (other != number) {
            apart(drum, with, machine)
                .ifPresent(
                    why ->
                        reasons.add(
                            Said.of(LoadSaying.NOT_WITH_LOAD)
                                .with("number", other)
                                .with("reason", why)));
          }
        });
    for (Sorted.Broken b : drum.broken()) {
      reasons.add(
          Said.of(LoadSaying.SHARE_ALTHOUGH)
              .with("one", b.one())
              .with("other", b.other())
              .with("reason", b.rule().reason()));
    }
    if (all(drum).stream().anyMatch(p -> p.needs().contains(SkinNeed.PLAIN_WASH))) {
      reasons.add(LoadSaying.PLAIN_WASH.said());
    }
    return reasons;
  }

  private static Said heat(Sorted.Drum drum) {
    List<SoiledPieces> all = all(drum);
    int shared = TravelRules.sharedC(all, HouseRules.ALL_HOLD);
    if (shared > 0 && shared <= drum.leastC()) {
      return Said.of(LoadSaying.NEEDS_FOR_OTHERS).with("celsius", Quantity.celsius(shared));
    }
    SoiledPieces needy =
        all.stream().max(Comparator.comparingInt(TravelRules::neededC)).orElseThrow();
    SoiledPieces weak =
        all.stream()
            .min(Comparator.comparingInt(p -> p.kind().limits().hottestWashC()))
            .orElseThrow();
    if (drum.leastC() >= TravelRules.SANITISING_MAIN_C) {
      return Said.of(LoadSaying.NEEDS_FOR_GOAL)
          .with("celsius", Quantity.celsius(drum.leastC()))
          .with("kind", needy.kind().plural())
          .with("goal", needy.goal().said());
    }
    return drum.commonC() < TravelRules.SANITISING_MAIN_C
        ? Said.of(LoadSaying.NO_WARMER)
            .with("celsius", Quantity.celsius(drum.commonC()))
            .with("kind", weak.kind().plural())
        : Said.of(LoadSaying.ALL_TOLERATE).with("celsius", Quantity.celsius(drum.commonC()));
  }

  private static Said fill(Sorted.Drum drum, Machine machine) {
    Fill fill = drum.fill();
    if (!drum.bulkers().isEmpty()) {
      return Said.of(LoadSaying.BULK_BRINGS)
          .with("pieces", words(drum.bulkPieces()))
          .with("from", Quantity.share(fill.preWashed()))
          .with("to", Quantity.share(fill.main()));
    }
    if (machine.window().misfit(fill.main()) == 0) {
      return Said.of(LoadSaying.FULL_ENOUGH).with("share", Quantity.share(fill.main()));
    }
    if (fill.main() > machine.window().to()) {
      return Said.of(LoadSaying.TIGHT).with("share", Quantity.share(fill.main()));
    }
    return drum.refused().isEmpty()
        ? Said.of(LoadSaying.THIN_NONE_LEFT).with("share", Quantity.share(fill.main()))
        : Said.of(LoadSaying.THIN_NONE_FITS)
            .with("share", Quantity.share(fill.main()))
            .with("kind", drum.refused().get(0).kind())
            .with("reason", drum.refused().get(0).reason());
  }

  /** Returns what keeps two loads from being one. */
  private static Optional<Said> apart(Sorted.Drum one, Sorted.Drum other, Machine machine) {
    List<SoiledPieces> both = new ArrayList<>(one.firstPieces());
    Optional<Said> soft = Optional.empty();
    for (SoiledPieces p : other.firstPieces()) {
      Optional<Joining.Verdict> verdict = Joining.verdict(p, one.firstPieces(), List.of(), machine);
      if (verdict.isPresent() && verdict.get().hard() && !verdict.get().rule().equals("room")) {
        return Optional.of(
            Said.of(LoadSaying.MAY_NOT)
                .with("kind", p.kind().plural())
                .with("reason", verdict.get().reason()));
      }
      if (verdict.isPresent() && soft.isEmpty() && !verdict.get().hard()) {
        soft =
            Optional.of(
                Said.of(LoadSaying.BETTER_NOT)
                    .with("kind", p.kind().plural())
                    .with("reason", verdict.get().reason()));
      }
      both.add(p);
    }
    return soft.isPresent()
        ? soft
        : Joining.room(both, List.of(), machine).map(Joining.Verdict::reason);
  }

  private static List<SoiledPieces> all(Sorted.Drum drum) {
    List<SoiledPieces> all = new ArrayList<>(drum.firstPieces());
    all.addAll(drum.bulkPieces());
    return all;
  }

  private static Said words(List<SoiledPieces> pieces) {
    Map<Kind, Integer> counts = new LinkedHashMap<>();
    pieces.forEach(p -> counts.merge(p.kind(), p.count(), Integer::sum));
    return Said.all(counts.entrySet().stream().map(e -> e.getKey().counted(e.getValue())).toList());
  }
}
