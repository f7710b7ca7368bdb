package org.nestrinse.core.sort;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.units.Numbers;
import org.nestrinse.core.units.Words;

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
  public static List<String> of(int number, Map<Integer, Sorted.Drum> drums, Machine machine) {
    Sorted.Drum drum = drums.get(number);
    List<String> reasons = new ArrayList<>();
    reasons.add(heat(drum));
    reasons.add(fill(drum, machine));
    drums.forEach(
        (other, with) -> {
          if (other != number) {
            apart(drum, with, machine)
                .ifPresent(why -> reasons.add("Not with load " + other + ": " + why + "."));
          }
        });
    for (Sorted.Broken b : drum.broken()) {
      reasons.add(
          "%s and %s share it although %s; apart, they would need another run."
              .formatted(Words.capital(b.one()), b.other(), b.rule().reason()));
    }
    if (all(drum).stream().anyMatch(p -> p.needs().contains(SkinNeed.PLAIN_WASH))) {
      reasons.add(SortWords.PLAIN_WASH);
    }
    return reasons;
  }

  private static String heat(Sorted.Drum drum) {
    List<SoiledPieces> all = all(drum);
    int shared = TravelRules.sharedC(all);
    if (shared > 0) {
      return "Needs %d: only from there on may clothes or a newborn's things share a wash."
          .formatted(shared);
    }
    SoiledPieces needy =
        all.stream().max(Comparator.comparingInt(TravelRules::neededC)).orElseThrow();
    SoiledPieces weak =
        all.stream()
            .min(Comparator.comparingInt(p -> p.kind().limits().hottestWashC()))
            .orElseThrow();
    if (drum.leastC() >= TravelRules.SANITISING_MAIN_C) {
      return "Needs %d: %s asks for %s."
          .formatted(drum.leastC(), needy.kind().name(), needy.goal().words());
    }
    return drum.commonC() < TravelRules.SANITISING_MAIN_C
        ? "No warmer than %d: %s bears no more.".formatted(drum.commonC(), weak.kind().name())
        : "Every piece bears %d.".formatted(drum.commonC());
  }

  private static String fill(Sorted.Drum drum, Machine machine) {
    Fill fill = drum.fill();
    if (!drum.bulkers().isEmpty()) {
      return "%s bring it from %s to %s."
          .formatted(
              words(drum.bulkPieces()),
              Numbers.percent(fill.preWashed()),
              Numbers.percent(fill.main()));
    }
    if (machine.window().misfit(fill.main()) == 0) {
      return "%s full without bulk.".formatted(Numbers.percent(fill.main()));
    }
    if (fill.main() > machine.window().to()) {
      return "%s full, a little tight; it saves a run.".formatted(Numbers.percent(fill.main()));
    }
    return drum.refused().isEmpty()
        ? "Only %s full, and no bulk is left in the basket.".formatted(Numbers.percent(fill.main()))
        : "Only %s full; of the basket nothing fits: %s, %s."
            .formatted(
                Numbers.percent(fill.main()),
                drum.refused().get(0).kind(),
                drum.refused().get(0).reason());
  }

  /** Returns what keeps two loads from being one. */
  private static Optional<String> apart(Sorted.Drum one, Sorted.Drum other, Machine machine) {
    List<SoiledPieces> both = new ArrayList<>(one.firstPieces());
    Optional<String> soft = Optional.empty();
    for (SoiledPieces p : other.firstPieces()) {
      Optional<Joining.Verdict> verdict = Joining.verdict(p, one.firstPieces(), List.of(), machine);
      if (verdict.isPresent() && verdict.get().hard() && !verdict.get().rule().equals("room")) {
        return Optional.of(p.kind().name() + " may not, " + verdict.get().reason());
      }
      if (verdict.isPresent() && soft.isEmpty() && !verdict.get().hard()) {
        soft = Optional.of(p.kind().name() + " had better not, " + verdict.get().reason());
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

  private static String words(List<SoiledPieces> pieces) {
    Map<String, Integer> counts = new java.util.LinkedHashMap<>();
    pieces.forEach(p -> counts.merge(p.kind().name(), p.count(), Integer::sum));
    return counts.entrySet().stream()
        .map(e -> Numbers.count(e.getValue(), e.getKey()))
        .collect(java.util.stream.Collectors.joining(", "));
  }
}
