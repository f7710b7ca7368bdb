package org.nestrinse.core.sort;

import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Colour;
import org.nestrinse.core.textile.Role;

/**
 * The rules about who may travel with whom, and the temperature that a load needs.
 *
 * @see "docs/models.md, sorting"
 */
public final class TravelRules {
  /** The coolest main wash that any school plans for soiled textiles [°C]. */
  public static final int COOLEST_MAIN_C = 40;

  /**
   * The main wash that illness and a newborn need, and that lets clothes travel with nappies [°C].
   */
  public static final int SANITISING_MAIN_C = 60;

  /** From this area on a piece wraps small ones [m²]; a bath towel has 0.9. */
  private static final double WRAPS_M2 = 0.6;

  private static final Set<Bin> TOILET_OR_FLOOR = EnumSet.of(Bin.BATHROOM, Bin.GENERAL);
  private static final Set<Bin> CLEANING =
      EnumSet.of(Bin.BATHROOM, Bin.GENERAL, Bin.GLASS, Bin.POLISH, Bin.WORKSHOP);

  private static final Set<Soil> OF_A_BODY =
      EnumSet.of(Soil.WET, Soil.STOOL, Soil.BLOOD, Soil.VOMIT);

  /** All rules, hard ones first, most telling first. */
  public static final List<TravelRule> ALL =
      List.of(
          TravelRule.hard("heat", (a, b) -> a.kind().limits().hottestWashC() < neededC(b)),
          TravelRule.hard("illness", (a, b) -> ill(a) && !ill(b)),
          TravelRule.hard("wool", (a, b) -> a.kind().animalFibre() && !b.kind().animalFibre()),
          TravelRule.hard(
              "toilet",
              (a, b) ->
                  TOILET_OR_FLOOR.contains(a.kind().bin()) && !CLEANING.contains(b.kind().bin())),
          TravelRule.hard("food", (a, b) -> fromABody(a) && b.kind().bin() == Bin.KITCHEN),
          TravelRule.hard(
              "workshop",
              (a, b) -> a.kind().bin() == Bin.WORKSHOP && b.kind().bin() != Bin.WORKSHOP),
          TravelRule.hard("polish", (a, b) -> waxy(a) && !waxy(b)),
          TravelRule.hard("dye", (a, b) -> bleeds(a) && b.kind().colour() == Colour.PALE),
          TravelRule.hard("first", (a, b) -> a.firstWash() && !b.firstWash()),
          TravelRule.hard("skin", (a, b) -> enzymesHarm(a) && !sensitive(b) && b.soil().protein()),
          TravelRule.hardBelow(SANITISING_MAIN_C, "newborn", (a, b) -> newborn(a) && !newborn(b)),
          TravelRule.softBelow(
              SANITISING_MAIN_C,
              160,
              "clothes",
              (a, b) -> clothes(a) && !clothes(b) && heavilySoiled(b) && fromABody(b)),
          TravelRule.soft(200, "lint", (a, b) -> a.kind().gripsLint() && b.kind().givesLint()),
          TravelRule.soft(
              200, "glass", (a, b) -> a.kind().bin() == Bin.GLASS && b.kind().bin() != Bin.GLASS),
          TravelRule.soft(
              150,
              "bins",
              (a, b) -> CLEANING.contains(a.kind().bin()) && a.kind().bin() != b.kind().bin()),
          TravelRule.soft(
              130,
              "wrapping",
              (a, b) -> large(a) && (b.kind().role().nappyPart() || b.kind().role() == Role.WIPE)));

  private TravelRules() {}

  /**
   * Returns the first rule that keeps the two apart however warm they may be washed together, or
   * nothing when they may share a run.
   */
  public static Optional<TravelRule> between(SoiledPieces one, SoiledPieces other) {
    return broken(one, other, commonC(List.of(one, other))).findFirst();
  }

  /** Returns every rule that two pieces break in a main wash so warm [°C], hard ones first. */
  public static Stream<TravelRule> broken(SoiledPieces one, SoiledPieces other, int mainC) {
    return ALL.stream().filter(rule -> rule.keepsApart(one, other, mainC));
  }

  /** Returns the main wash that these pieces need at least [°C]. */
  public static int neededC(SoiledPieces pieces) {
    return switch (pieces.goal()) {
      case NONE, LIGHT -> Math.min(COOLEST_MAIN_C, pieces.kind().limits().hottestWashC());
      case EVERYDAY -> COOLEST_MAIN_C;
      case EXTRA_CARE, ILLNESS -> SANITISING_MAIN_C;
    };
  }

  /**
   * Returns the main wash that the hygiene goal of these pieces would like, were they alone [°C].
   */
  public static int wantedC(SoiledPieces pieces) {
    return pieces.goal().ordinal() <= HygieneGoal.LIGHT.ordinal()
        ? neededC(pieces)
        : SANITISING_MAIN_C;
  }

  /**
   * Returns the warmest main wash that all of these tolerate, never above what hygiene needs [°C].
   */
  public static int commonC(Collection<SoiledPieces> pieces) {
    return pieces.stream()
        .mapToInt(p -> p.kind().limits().hottestWashC())
        .reduce(SANITISING_MAIN_C, Math::min);
  }

  /** Returns the main wash that these pieces need together where every rule holds [°C]. */
  public static int leastC(Collection<SoiledPieces> together) {
    return leastC(together, HouseRules.ALL_HOLD);
  }

  /** Returns the main wash that these pieces need together in a house [°C]. */
  static int leastC(Collection<SoiledPieces> together, HouseRules rules) {
    return Math.max(
        sharedC(together, rules), together.stream().mapToInt(TravelRules::neededC).max().orElse(0));
  }

  /**
   * Returns the main wash only from which on all of these may share a run [°C]; 0 when they may at
   * any temperature. A soft rule counts only where all of them tolerate the heat that lifts it;
   * where they do not, it is broken and not asked for.
   *
   * @param rules where the house goes its own way
   */
  public static int sharedC(Collection<SoiledPieces> together, HouseRules rules) {
    List<SoiledPieces> all = List.copyOf(together);
    int commonC = commonC(all);
    int shared = 0;
    for (TravelRule rule : ALL) {
      boolean asked = rules.holds(rule) && (rule.hard() || rule.onlyBelowC() <= commonC);
      if (asked && rule.onlyBelowC() != TravelRule.ALWAYS && anyApart(rule, all)) {
        shared = Math.max(shared, rule.onlyBelowC());
      }
    }
    return shared;
  }

  private static boolean anyApart(TravelRule rule, List<SoiledPieces> all) {
    for (int i = 0; i < all.size(); i++) {
      for (int j = 0; j < i; j++) {
        if (rule.keepsApart(all.get(i), all.get(j))) {
          return true;
        }
      }
    }
    return false;
  }

  /** Returns whether a newborn's things are among others that are not. */
  public static boolean newbornMixed(Collection<SoiledPieces> together) {
    return together.stream().anyMatch(TravelRules::newborn)
        && !together.stream().allMatch(TravelRules::newborn);
  }

  /** A sheet with pee on it is no nappy, but touched what a nappy touches. */
  private static boolean fromABody(SoiledPieces p) {
    return p.kind().bin() == Bin.BODY
        || (p.kind().bin() != Bin.KITCHEN && OF_A_BODY.contains(p.soil()));
  }

  private static boolean heavilySoiled(SoiledPieces p) {
    return p.goal().ordinal() >= HygieneGoal.EVERYDAY.ordinal();
  }

  private static boolean bleeds(SoiledPieces p) {
    return p.newDye() && p.kind().colour() != Colour.PALE;
  }

  private static boolean ill(SoiledPieces p) {
    return p.needs().contains(SkinNeed.ILL);
  }

  private static boolean newborn(SoiledPieces p) {
    return p.needs().contains(SkinNeed.NEWBORN);
  }

  private static boolean sensitive(SoiledPieces p) {
    return p.needs().contains(SkinNeed.SENSITIVE);
  }

  /** A house with a plain detergent washes the whole load with it; others cannot. */
  private static boolean enzymesHarm(SoiledPieces p) {
    return sensitive(p) && !p.needs().contains(SkinNeed.PLAIN_WASH);
  }

  private static boolean clothes(SoiledPieces p) {
    return p.kind().role() == Role.CLOTHES;
  }

  private static boolean waxy(SoiledPieces p) {
    return p.kind().bin() == Bin.POLISH || p.soil() == Soil.WAX;
  }

  private static boolean large(SoiledPieces p) {
    return switch (p.kind().role()) {
      case BEDDING -> true;
      case TOWEL -> p.kind().areaM2() >= WRAPS_M2;
      default -> false;
    };
  }
}
