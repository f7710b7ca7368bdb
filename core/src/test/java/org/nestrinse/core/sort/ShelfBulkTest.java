package org.nestrinse.core.sort;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Pieces.DISH_CLOTH;
import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.MACHINE;
import static org.nestrinse.core.Pieces.NOW;
import static org.nestrinse.core.Pieces.SHEET;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.soiled;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.textile.Kind;

class ShelfBulkTest {
  private static List<ShelfBulk.Offer> offers(List<SoiledPieces> first, Map<Kind, Integer> clean) {
    return ShelfBulk.of(first, List.of(), List.of(), clean, MACHINE, NOW, HouseRules.ALL_HOLD);
  }

  private static double fill(List<SoiledPieces> first, ShelfBulk.Offer offer, int count) {
    List<SoiledPieces> bulk = List.of(ShelfBulk.inLoad(offer.kind(), count, NOW));
    return DrumFill.of(first, bulk, MACHINE.drumL()).main();
  }

  @ParameterizedTest
  @ValueSource(ints = {8, 14, 20, 30})
  void whatIsWantedReachesTheWindowAndNeverGoesBeyondIt(int trifolds) {
    List<SoiledPieces> first = List.of(soiled(TRIFOLD, trifolds, Soil.STOOL));
    ShelfBulk.Offer offer = offers(first, Map.of(HAND_TOWEL, 200)).get(0);
    assertThat(fill(first, offer, offer.wanted()))
        .isBetween(MACHINE.window().from(), MACHINE.window().to());
    assertThat(fill(first, offer, offer.wanted() - 1)).isLessThan(MACHINE.window().from());
    assertThat(fill(first, offer, offer.most())).isLessThanOrEqualTo(MACHINE.window().to());
  }

  @ParameterizedTest
  @ValueSource(ints = {2, 5, 9, 12})
  void halfOfThemStayOnTheShelf(int clean) {
    List<SoiledPieces> first = List.of(soiled(TRIFOLD, 6, Soil.WET));
    assertThat(offers(first, Map.of(HAND_TOWEL, clean)))
        .allSatisfy(o -> assertThat(o.most()).isLessThanOrEqualTo(clean / 2));
  }

  @Test
  void oneTowelIsNotTaken() {
    assertThat(offers(List.of(soiled(TRIFOLD, 6, Soil.WET)), Map.of(HAND_TOWEL, 1))).isEmpty();
  }

  @Test
  void aFullDrumAndNoLoadWantNone() {
    assertThat(offers(List.of(soiled(TRIFOLD, 110, Soil.WET)), Map.of(HAND_TOWEL, 20))).isEmpty();
    assertThat(offers(List.of(), Map.of(HAND_TOWEL, 20))).isEmpty();
  }

  @Test
  void onlyTowelsServeAndNoneThatARuleKeepsApart() {
    Map<Kind, Integer> clean = Map.of(GLASS_CLOTH, 20, DISH_CLOTH, 20, SHEET, 6, HAND_TOWEL, 20);
    assertThat(offers(List.of(soiled(TRIFOLD, 8, Soil.WET)), clean))
        .extracting(ShelfBulk.Offer::kind)
        .containsExactly(HAND_TOWEL);
    assertThat(offers(List.of(soiled(GLASS_CLOTH, 8, Soil.DIRT)), clean)).isEmpty();
  }

  @Test
  void whatJoinsAlreadyCounts() {
    List<SoiledPieces> first = List.of(soiled(TRIFOLD, 14, Soil.WET));
    int before = offers(first, Map.of(HAND_TOWEL, 200)).get(0).wanted();
    List<SoiledPieces> joined = new ArrayList<>();
    joined.add(ShelfBulk.inLoad(HAND_TOWEL, before - 2, NOW));
    Map<Kind, Integer> clean = Map.of(HAND_TOWEL, 200);
    ShelfBulk.Offer now =
        ShelfBulk.of(first, joined, List.of(), clean, MACHINE, NOW, HouseRules.ALL_HOLD).get(0);
    assertThat(now.wanted()).isEqualTo(2);
  }

  @Test
  void soiledPiecesOfABasketGoFirstWhereTheyMayJoin() {
    List<SoiledPieces> first = List.of(soiled(TRIFOLD, 8, Soil.WET));
    Map<Kind, Integer> clean = Map.of(HAND_TOWEL, 20);
    List<SoiledPieces> towels = List.of(soiled(HAND_TOWEL, 2, Soil.DIRT));
    List<SoiledPieces> glass = List.of(soiled(GLASS_CLOTH, 2, Soil.DIRT));
    HouseRules rules = HouseRules.ALL_HOLD;
    assertThat(ShelfBulk.of(first, List.of(), towels, clean, MACHINE, NOW, rules)).isEmpty();
    assertThat(ShelfBulk.of(first, List.of(), glass, clean, MACHINE, NOW, rules)).isNotEmpty();
  }
}
