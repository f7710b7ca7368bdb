package org.nestrinse.core.sort;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Role;

/**
 * The rules of this household about who may travel with whom, and the temperature that a load
 * needs.
 */
public final class TravelRules {
  /** The coolest main wash that any school plans for soiled textiles [°C]. */
  public static final int COOLEST_MAIN_C = 40;

  /** The main wash that illness needs [°C]. */
  public static final int ILLNESS_MAIN_C = 60;

  private static final Set<Bin> TOILET_OR_FLOOR = Set.of(Bin.BODY, Bin.BATHROOM);

  /** All rules, most telling first. */
  public static final List<TravelRule> ALL =
      List.of(
          new TravelRule(
              "heat",
              "the load needs a warmer wash than its care limit allows",
              (a, b) -> a.kind().limits().hottestWashC() < neededC(b)),
          new TravelRule(
              "lint",
              "microfibre grips the lint of the others and cannot let go",
              (a, b) -> a.kind().gripsLint() && b.kind().givesLint()),
          new TravelRule(
              "food",
              "what touched the toilet or the floor never meets what touches food",
              (a, b) -> TOILET_OR_FLOOR.contains(a.kind().bin()) && b.kind().bin() == Bin.KITCHEN),
          new TravelRule(
              "workshop",
              "oily cloths soil the rest, and oil in a dryer burns",
              (a, b) -> a.kind().bin() == Bin.WORKSHOP && b.kind().bin() != Bin.WORKSHOP),
          new TravelRule(
              "glass",
              "glass cloths streak once they have met other soil",
              (a, b) -> a.kind().bin() == Bin.GLASS && b.kind().bin() != Bin.GLASS),
          new TravelRule(
              "illness",
              "an ill person's things travel alone, so that germs do not move on",
              (a, b) -> a.needs().contains(SkinNeed.ILL) && !b.needs().contains(SkinNeed.ILL)),
          new TravelRule(
              "clothes",
              "clothes do not share a wash with heavily soiled things, which may run at 40 or below",
              (a, b) ->
                  a.kind().role() == Role.CLOTHES
                      && b.kind().role() != Role.CLOTHES
                      && b.goal() != HygieneGoal.LIGHT),
          new TravelRule(
              "wrapping",
              "large pieces wrap the small ones and stop them rubbing",
              (a, b) -> a.kind().role() == Role.BEDDING && nappyPart(b)));

  private TravelRules() {}

  /** Returns the first rule that keeps the two apart, or nothing when they may travel together. */
  public static Optional<TravelRule> between(SoiledPieces one, SoiledPieces other) {
    return ALL.stream().filter(rule -> rule.keepsApart(one, other)).findFirst();
  }

  /** Returns the main wash that these pieces need at least [°C]. */
  public static int neededC(SoiledPieces pieces) {
    return switch (pieces.goal()) {
      case LIGHT -> Math.min(COOLEST_MAIN_C, pieces.kind().limits().hottestWashC());
      case EVERYDAY -> COOLEST_MAIN_C;
      case EXTRA_CARE, ILLNESS -> ILLNESS_MAIN_C;
    };
  }

  private static boolean nappyPart(SoiledPieces pieces) {
    return switch (pieces.kind().role()) {
      case SHELL, COVER, NIGHT_FITTED, INSERT, BOOSTER, LINER -> true;
      default -> false;
    };
  }
}
