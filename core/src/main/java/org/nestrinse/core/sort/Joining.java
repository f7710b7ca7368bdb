package org.nestrinse.core.sort;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;

/** Whether pieces may join a load, and the rule that says so. */
public final class Joining {
  /** Sums of many pieces are a hair off. */
  private static final double SLACK = 1e-9;

  private static final String REASON = "reason";

  private Joining() {}

  /**
   * What stands against pieces joining a load.
   *
   * @param rule short name of the rule: one of {@link TravelRules}, or {@code room}, {@code mass},
   *     {@code oil}
   * @param hard whether it cannot be overridden
   * @param reason why, in one sentence
   */
  public record Verdict(String rule, boolean hard, Said reason) {}

  /** Returns why pieces may not join the first set of a load, or nothing when they may. */
  public static Optional<Said> refuse(
      SoiledPieces pieces, List<SoiledPieces> first, List<SoiledPieces> bulkers, Machine machine) {
    return verdict(pieces, first, bulkers, machine).map(Verdict::reason);
  }

  /**
   * Returns what stands most against pieces joining the first set of a load, or nothing. Hard rules
   * and room come before soft ones.
   *
   * @param pieces what would join
   * @param first what is in the first set
   * @param bulkers what joins for the main wash
   */
  public static Optional<Verdict> verdict(
      SoiledPieces pieces, List<SoiledPieces> first, List<SoiledPieces> bulkers, Machine machine) {
    if (pieces.soil() == Soil.OIL) {
      return Optional.of(new Verdict("oil", true, Said.of(LoadSaying.OILY)));
    }
    List<SoiledPieces> going = new ArrayList<>(first);
    going.addAll(bulkers);
    List<SoiledPieces> together = new ArrayList<>(going);
    together.add(pieces);
    int mainC = TravelRules.commonC(together);
    Verdict soft = null;
    for (SoiledPieces other : going) {
      TravelRule rule = TravelRules.broken(pieces, other, mainC).findFirst().orElse(null);
      if (rule != null && rule.hard()) {
        return Optional.of(new Verdict(rule.name(), true, reason(rule, pieces, other)));
      }
      if (rule != null && soft == null) {
        soft = new Verdict(rule.name(), false, reason(rule, pieces, other));
      }
    }
    Optional<Verdict> broken = Optional.ofNullable(soft);
    Optional<Verdict> chilled = chilled(together, going, mainC);
    if (chilled.filter(Verdict::hard).isPresent()) {
      return chilled;
    }
    Optional<Verdict> room = room(together(first, pieces), bulkers, machine);
    return room.or(() -> chilled).or(() -> broken);
  }

  /** A more delicate piece may lower the heat that two others need to be washed together. */
  private static Optional<Verdict> chilled(
      List<SoiledPieces> together, List<SoiledPieces> going, int mainC) {
    int least = TravelRules.leastC(going);
    if (mainC >= least) {
      return Optional.empty();
    }
    String name = together.get(together.size() - 1).kind().plural();
    boolean hard = mainC < TravelRules.leastC(together);
    Said reason =
        Said.of(LoadSaying.CHILLS)
            .with("kind", name)
            .with("celsius", Quantity.celsius(mainC))
            .with("least", Quantity.celsius(least));
    return Optional.of(new Verdict("heat", hard, reason));
  }

  /** Returns what stands against a set by its size alone. */
  public static Optional<Verdict> room(
      List<SoiledPieces> first, List<SoiledPieces> bulkers, Machine machine) {
    Fill fill = DrumFill.of(first, bulkers, machine.drumL());
    if (fill.main() > machine.window().most() + SLACK) {
      return Optional.of(new Verdict("room", true, SortSolver.tooFull(fill.main())));
    }
    if (fill.dry() > 1 + SLACK) {
      return Optional.of(
          new Verdict(
              "room",
              true,
              Said.of(LoadSaying.DOES_NOT_GO_IN).with("share", Quantity.share(fill.dry()))));
    }
    if (fill.massKg() > machine.capacityKg() + SLACK) {
      return Optional.of(
          new Verdict(
              "mass",
              true,
              Said.of(LoadSaying.TOO_HEAVY)
                  .with("mass", new Quantity(fill.massKg(), Unit.KILOGRAM, 1))
                  .with("most", new Quantity(machine.capacityKg(), Unit.KILOGRAM, 1))));
    }
    return Optional.empty();
  }

  /**
   * What two pieces are to each other.
   *
   * @param together whether they may share a run
   * @param rule the rule that keeps them apart, or the one that heat lifts; null when there is none
   * @param words why, in one sentence
   */
  public record Pair(
      boolean together, @org.jspecify.annotations.Nullable TravelRule rule, Said words) {}

  /** Returns why two pieces may not travel together, or that they may. */
  public static Pair pair(SoiledPieces one, SoiledPieces other) {
    int mainC = TravelRules.commonC(List.of(one, other));
    Optional<TravelRule> broken = TravelRules.broken(one, other, mainC).findFirst();
    if (broken.isPresent()) {
      TravelRule rule = broken.get();
      return new Pair(
          false,
          rule,
          both(LoadSaying.STAY_APART, one, other)
              .with(REASON, rule.name().equals("heat") ? heat(one, other) : rule.reason()));
    }
    int least = TravelRules.leastC(List.of(one, other));
    int alone = Math.max(TravelRules.neededC(one), TravelRules.neededC(other));
    if (least > alone) {
      TravelRule lifted =
          TravelRules.ALL.stream()
              .filter(r -> r.onlyBelowC() == least && r.keepsApart(one, other))
              .findFirst()
              .orElseThrow();
      return new Pair(
          true,
          lifted,
          both(LoadSaying.FINE_FROM, one, other)
              .with("celsius", Quantity.celsius(least))
              .with(REASON, lifted.reason()));
    }
    return new Pair(
        true, null, Said.of(LoadSaying.FINE_TOGETHER).with("celsius", Quantity.celsius(mainC)));
  }

  private static Said both(LoadSaying saying, SoiledPieces one, SoiledPieces other) {
    return Said.of(saying).with("one", one.kind().plural()).with("other", other.kind().plural());
  }

  /**
   * Returns the soft rules that pieces break together, each once with the first two it concerns.
   */
  static List<Sorted.Broken> softBroken(List<SoiledPieces> all) {
    int mainC = TravelRules.commonC(all);
    Map<String, Sorted.Broken> broken = new LinkedHashMap<>();
    for (int i = 0; i < all.size(); i++) {
      for (int j = 0; j < i; j++) {
        SoiledPieces one = all.get(j);
        SoiledPieces other = all.get(i);
        TravelRules.broken(one, other, mainC)
            .filter(rule -> !rule.hard())
            .forEach(
                rule ->
                    broken.putIfAbsent(
                        rule.name(),
                        new Sorted.Broken(rule, one.kind().plural(), other.kind().plural())));
      }
    }
    return List.copyOf(broken.values());
  }

  private static List<SoiledPieces> together(List<SoiledPieces> first, SoiledPieces pieces) {
    List<SoiledPieces> all = new ArrayList<>(first);
    all.add(pieces);
    return all;
  }

  private static Said reason(TravelRule rule, SoiledPieces pieces, SoiledPieces other) {
    return rule.name().equals("heat")
        ? heat(pieces, other)
        : Said.of(LoadSaying.NOT_WITH)
            .with("kind", other.kind().plural())
            .with("reason", rule.reason());
  }

  private static Said heat(SoiledPieces one, SoiledPieces other) {
    boolean oneIsWeak = one.kind().limits().hottestWashC() < TravelRules.neededC(other);
    SoiledPieces weak = oneIsWeak ? one : other;
    SoiledPieces needy = oneIsWeak ? other : one;
    return Said.of(LoadSaying.WEAK_AND_NEEDY)
        .with("weak", weak.kind().plural())
        .with("celsius", Quantity.celsius(weak.kind().limits().hottestWashC()))
        .with("needy", needy.kind().plural())
        .with("needed", Quantity.celsius(TravelRules.neededC(needy)));
  }
}
