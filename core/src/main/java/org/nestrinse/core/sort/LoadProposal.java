package org.nestrinse.core.sort;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.gather.HoldingClock;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Numbers;

/**
 * One load made of what waits: the pieces that may go, and those that stay with their reason.
 *
 * @param going the first wash set
 * @param staying pieces that stay in their pail
 */
public record LoadProposal(List<SoiledPieces> going, List<Refusal> staying) {
  /** A fuller drum than this does not wash [share of the drum]. */
  public static final double MOST_FULL = 0.85;

  /**
   * Pieces that stay, and why.
   *
   * @param pieces what stays
   * @param rule the short name of the rule
   * @param reason why, in one sentence
   */
  public record Refusal(SoiledPieces pieces, String rule, String reason) {}

  public LoadProposal {
    going = List.copyOf(going);
    staying = List.copyOf(staying);
  }

  /**
   * Returns the load for one machine. The pieces that are due first lead; every other one joins
   * when it may travel with all that are in, and there is room.
   */
  public static LoadProposal of(List<SoiledPieces> offered, Machine machine) {
    List<SoiledPieces> going = new ArrayList<>();
    List<Refusal> staying = new ArrayList<>();
    List<SoiledPieces> byDue =
        offered.stream().sorted(Comparator.comparing(HoldingClock::due)).toList();
    for (SoiledPieces pieces : byDue) {
      Refusal refusal = refusal(pieces, going, TextileLoad.EMPTY, machine);
      if (refusal == null) {
        going.add(pieces);
      } else {
        staying.add(refusal);
      }
    }
    return new LoadProposal(going, staying);
  }

  /**
   * Returns why a bulker may not join, or nothing when it may.
   *
   * @param bulker small household pieces
   * @param going everything that is in the load already, bulkers too
   * @param room the first set and the bulkers as masses, to see whether there is room
   */
  public static Optional<Refusal> refuseBulker(
      SoiledPieces bulker, List<SoiledPieces> going, Room room, Machine machine) {
    if (!bulker.kind().small()) {
      return Optional.of(
          new Refusal(
              bulker, "size", "it is larger than a hand towel and would wrap the small pieces"));
    }
    Fill fill = Fill.of(room.first, room.bulkers.plus(bulker.load()), machine.drumL());
    if (fill.main() > MOST_FULL) {
      return Optional.of(tooFull(bulker, fill.main()));
    }
    return Optional.ofNullable(rulesRefusal(bulker, going));
  }

  /** Returns why soiled pieces may not join a first set, or nothing when they may. */
  public static Optional<Refusal> refuse(
      SoiledPieces pieces, List<SoiledPieces> going, TextileLoad bulkers, Machine machine) {
    return Optional.ofNullable(refusal(pieces, going, bulkers, machine));
  }

  /**
   * What is in the drum by masses.
   *
   * @param first the first wash set
   * @param bulkers what joins later
   */
  public record Room(TextileLoad first, TextileLoad bulkers) {}

  private static @Nullable Refusal refusal(
      SoiledPieces pieces, List<SoiledPieces> going, TextileLoad bulkers, Machine machine) {
    if (pieces.soil() == Soil.OIL) {
      return new Refusal(
          pieces,
          "oil",
          "soaked in oil or solvent it goes into no machine and no dryer: dry it flat outdoors, then follow local rules");
    }
    Refusal byRule = rulesRefusal(pieces, going);
    if (byRule != null) {
      return byRule;
    }
    TextileLoad together = load(going).plus(pieces.load());
    double full = Fill.of(together, bulkers, machine.drumL()).main();
    if (full > MOST_FULL) {
      return tooFull(pieces, full);
    }
    if (together.massKg() > machine.capacityKg()) {
      return new Refusal(
          pieces,
          "mass",
          "the load would weigh %s kg and the machine takes %s"
              .formatted(Numbers.of(together.massKg(), 1), Numbers.of(machine.capacityKg(), 1)));
    }
    return null;
  }

  private static Refusal tooFull(SoiledPieces pieces, double fill) {
    return new Refusal(
        pieces,
        "room",
        "the drum would be " + Numbers.percent(fill) + " full, and things must turn over");
  }

  private static @Nullable Refusal rulesRefusal(SoiledPieces pieces, List<SoiledPieces> going) {
    BiFunction<TravelRule, SoiledPieces, Refusal> say =
        (rule, other) -> new Refusal(pieces, rule.name(), reason(rule, pieces, other));
    return going.stream()
        .flatMap(
            other ->
                TravelRules.between(pieces, other).map(rule -> say.apply(rule, other)).stream())
        .findFirst()
        .orElse(null);
  }

  private static String reason(TravelRule rule, SoiledPieces pieces, SoiledPieces other) {
    if (rule.name().equals("heat")) {
      boolean itIsWeak = pieces.kind().limits().hottestWashC() < TravelRules.neededC(other);
      SoiledPieces weak = itIsWeak ? pieces : other;
      SoiledPieces needy = itIsWeak ? other : pieces;
      return "%s bears %d at most, and %s needs %d"
          .formatted(
              weak.kind().name(),
              weak.kind().limits().hottestWashC(),
              needy.kind().name(),
              TravelRules.neededC(needy));
    }
    return "not with " + other.kind().name() + ": " + rule.reason();
  }

  /** Returns several groups of pieces as masses by material. */
  public static TextileLoad load(List<SoiledPieces> pieces) {
    return pieces.stream().map(SoiledPieces::load).reduce(TextileLoad.EMPTY, TextileLoad::plus);
  }
}
