package org.nestrinse.core.sort;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.MACHINE;
import static org.nestrinse.core.Pieces.NOW;
import static org.nestrinse.core.Pieces.SHEET;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.VEST;
import static org.nestrinse.core.Pieces.soiled;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;

class HouseRulesTest {
  private static final HouseRules LINT_ASIDE =
      new HouseRules(Map.of("lint", "we always do it so", "glass", "old cloths", "bins", "few"));
  private static final List<Offered> TOWELS_AND_GLASS =
      List.of(
          new Offered(1, soiled(HAND_TOWEL, 12, Soil.DIRT), false),
          new Offered(2, soiled(GLASS_CLOTH, 12, Soil.DIRT), false));

  private static Sorted sorted(HouseRules rules) {
    return SortSolver.solve(TOWELS_AND_GLASS, MACHINE, NOW, o -> true, rules);
  }

  @Test
  void aRuleThatTheHouseSetsAsideNoLongerPartsLoads() {
    assertThat(sorted(HouseRules.ALL_HOLD).drums()).hasSize(2);
    assertThat(sorted(LINT_ASIDE).drums()).hasSize(1);
  }

  @Test
  void whatTheHouseSetAsideIsSaidOnTheLoadWithItsReason() {
    Rearrangement shown = Rearrangement.of(sorted(LINT_ASIDE), List.of(), MACHINE);
    assertThat(shown.setAside())
        .anySatisfy(
            s -> {
              assertThat(s.rule()).isEqualTo("lint");
              assertThat(s.reason()).isEqualTo("we always do it so");
            });
  }

  @Test
  void nobodyIsAskedAgainWhenPiecesAreMovedByHand() {
    Sorted apart = sorted(HouseRules.ALL_HOLD);
    Rearrangement.Move move =
        new Rearrangement.Move(List.of(apart.drums().get(1).first().get(0).id()), 2, 1, null);
    assertThat(Rearrangement.of(apart, List.of(move), MACHINE).refused()).isNotNull();
    Sorted same =
        new Sorted(apart.drums(), apart.waiting(), apart.answers(), apart.proven(), LINT_ASIDE);
    Rearrangement moved = Rearrangement.of(same, List.of(move), MACHINE);
    assertThat(moved.refused()).isNull();
    assertThat(moved.setAside()).isNotEmpty();
  }

  @Test
  void aHardRuleHoldsInEveryHouse() {
    HouseRules all = new HouseRules(Map.of("toilet", "please", "illness", "please"));
    assertThat(TravelRules.ALL).filteredOn(TravelRule::hard).allMatch(all::holds);
    Joining.Verdict hard =
        new Joining.Verdict("toilet", true, org.nestrinse.core.said.Said.NOTHING);
    assertThat(all.setAside(hard)).isNull();
  }

  private static HouseRules answering(ClothesWithNappies clothes, boolean anythingFills) {
    return new HouseRules(Map.of(), clothes, anythingFills);
  }

  @Test
  void clothesJoinNappiesAsTheHouseAnswers() {
    List<SoiledPieces> both = List.of(soiled(VEST, 6, Soil.DIRT), soiled(TRIFOLD, 12, Soil.STOOL));
    assertThat(TravelRules.sharedC(both, HouseRules.ALL_HOLD)).isEqualTo(60);
    assertThat(TravelRules.sharedC(both, answering(ClothesWithNappies.AT_40, false))).isZero();
    List<Offered> offered =
        List.of(new Offered(1, both.get(0), false), new Offered(2, both.get(1), false));
    HouseRules alone = answering(ClothesWithNappies.ALONE, false);
    assertThat(SortSolver.solve(offered, MACHINE, NOW, o -> true, alone).drums()).hasSize(2);
    assertThat(SortSolver.solve(offered, MACHINE, NOW, o -> true, HouseRules.ALL_HOLD).drums())
        .hasSize(1);
  }

  @Test
  void aNewbornsThingsWaitForHeatWhateverTheHouseAnswers() {
    List<SoiledPieces> both =
        List.of(soiled(VEST, 6, Soil.MILK, SkinNeed.NEWBORN), soiled(TRIFOLD, 12, Soil.STOOL));
    assertThat(TravelRules.sharedC(both, answering(ClothesWithNappies.AT_40, true))).isEqualTo(60);
  }

  @Test
  void sheetsFillUpADrumWhereTheHouseSaysSo() {
    SoiledPieces sheet = soiled(SHEET, 1, Soil.DIRT);
    List<SoiledPieces> nappies = List.of(soiled(TRIFOLD, 12, Soil.WET));
    assertThat(Bulking.refuse(sheet, nappies, HouseRules.ALL_HOLD)).isPresent();
    HouseRules anything = answering(ClothesWithNappies.FROM_60, true);
    assertThat(Bulking.refuse(sheet, nappies, anything)).isEmpty();
  }

  @Test
  void onlyNappiesKeepClothesFromACoolWash() {
    List<SoiledPieces> baby = List.of(soiled(VEST, 6, Soil.MILK), soiled(HAND_TOWEL, 5, Soil.FOOD));
    assertThat(TravelRules.sharedC(baby, HouseRules.ALL_HOLD)).isZero();
  }
}
