package org.nestrinse.core.sort;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Heard.heard;
import static org.nestrinse.core.Pieces.DISH_CLOTH;
import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.MACHINE;
import static org.nestrinse.core.Pieces.SHEET;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.VEST;
import static org.nestrinse.core.Pieces.WOOL_COVER;
import static org.nestrinse.core.Pieces.soiled;

import java.util.List;
import java.util.Map;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.KindBuilder;

/** Whether pieces may join a load, serve as bulk, and what a look into the drum teaches. */
class JoiningTest {
  private static final SoiledPieces NAPPIES = soiled(TRIFOLD, 12, Soil.STOOL);

  private static Joining.Verdict verdict(SoiledPieces pieces) {
    return Joining.verdict(pieces, List.of(NAPPIES), List.of(), MACHINE).orElseThrow();
  }

  @Test
  void nappiesAndShellsTravelTogether() {
    SoiledPieces shells = soiled(SHELL, 8, Soil.WET);
    assertThat(Joining.verdict(shells, List.of(NAPPIES), List.of(), MACHINE)).isEmpty();
    assertThat(Joining.pair(NAPPIES, shells).words().saying()).isEqualTo(LoadSaying.FINE_TOGETHER);
  }

  @Test
  void aSheetThatGotWetAtNightStaysAwayFromDishCloths() {
    SoiledPieces cloths = soiled(DISH_CLOTH, 7, Soil.FOOD);
    assertThat(TravelRules.between(soiled(SHEET, 1, Soil.WET), cloths))
        .hasValueSatisfying(rule -> assertThat(rule.name()).isEqualTo("food"));
    assertThat(TravelRules.between(soiled(SHEET, 1, Soil.DIRT), cloths)).isEmpty();
  }

  @Test
  void everyRuleHasItsCase() {
    assertThat(verdict(soiled(WOOL_COVER, 2, Soil.WET)).reason())
        .isEqualTo(
            Said.of(LoadSaying.WEAK_AND_NEEDY)
                .with("weak", "wool covers")
                .with("celsius", Quantity.celsius(30))
                .with("needy", "bamboo trifolds")
                .with("needed", Quantity.celsius(40)));
    assertThat(verdict(soiled(DISH_CLOTH, 2, Soil.FOOD)).rule()).isEqualTo("food");
    assertThat(verdict(soiled(HAND_TOWEL, 1, Soil.VOMIT, SkinNeed.ILL)).rule())
        .isEqualTo("illness");
    assertThat(verdict(soiled(GLASS_CLOTH, 4, Soil.DIRT)))
        .matches(v -> v.rule().equals("lint") && !v.hard());
    assertThat(verdict(soiled(SHEET, 1, Soil.DIRT)))
        .matches(v -> v.rule().equals("wrapping") && !v.hard());
    assertThat(verdict(soiled(TRIFOLD, 1, Soil.OIL)))
        .matches(v -> v.rule().equals("oil") && v.hard());
    assertThat(verdict(soiled(HAND_TOWEL, 90, Soil.DIRT)).rule()).isEqualTo("room");
  }

  @Test
  void clothesMayShareAHotWashOnly() {
    SoiledPieces vests = soiled(VEST, 4, Soil.DIRT);
    Joining.Pair pair = Joining.pair(vests, NAPPIES);
    assertThat(pair.together()).isTrue();
    assertThat(pair.words().values()).containsEntry("celsius", Quantity.celsius(60));
    assertThat(TravelRules.sharedC(List.of(vests, NAPPIES), HouseRules.ALL_HOLD)).isEqualTo(60);
    assertThat(TravelRules.sharedC(List.of(NAPPIES), HouseRules.ALL_HOLD)).isZero();
  }

  @Test
  void aPieceThatCoolsTheLoadIsRefused() {
    SoiledPieces vests = soiled(VEST, 4, Soil.DIRT);
    SoiledPieces delicate = soiled(org.nestrinse.core.Pieces.CAUTIOUS_COVER, 1, Soil.WET);
    assertThat(Joining.verdict(delicate, List.of(vests, NAPPIES), List.of(), MACHINE))
        .hasValueSatisfying(
            v -> {
              assertThat(v.rule()).isEqualTo("heat");
              assertThat(v.hard()).as("clothes with nappies below 60 is a soft rule").isFalse();
            });
    assertThat(Joining.verdict(delicate, List.of(NAPPIES), List.of(), MACHINE)).isEmpty();
  }

  @Test
  void rulesAreTheSameInBothOrders() {
    List<SoiledPieces> all =
        List.of(
            NAPPIES,
            soiled(WOOL_COVER, 1, Soil.WET),
            soiled(GLASS_CLOTH, 1, Soil.WAX),
            soiled(DISH_CLOTH, 1, Soil.FOOD),
            soiled(VEST, 1, Soil.DIRT, SkinNeed.NEWBORN),
            soiled(SHEET, 1, Soil.DIRT, SkinNeed.SENSITIVE),
            soiled(HAND_TOWEL, 1, Soil.DIRT));
    for (SoiledPieces a : all) {
      for (SoiledPieces b : all) {
        assertThat(TravelRules.between(a, b)).isEqualTo(TravelRules.between(b, a));
        assertThat(Joining.pair(a, b).together()).isEqualTo(Joining.pair(b, a).together());
      }
    }
  }

  @Test
  void everyRuleSaysWhatItKeepsApartAndWhy() {
    assertThat(TravelRules.ALL)
        .allMatch(r -> r.title().saying() != r.reason().saying())
        .allMatch(r -> r.hard() == (r.cost() == 0));
    assertThat(TravelRules.ALL.stream().map(TravelRule::name).distinct())
        .hasSameSizeAs(TravelRules.ALL);
  }

  @Test
  void bulkIsSmallBearsTheHeatAndBringsNoLint() {
    assertThat(Bulking.refuse(soiled(SHEET, 1, Soil.DIRT), List.of(NAPPIES), HouseRules.ALL_HOLD))
        .hasValueSatisfying(r -> assertThat(r.saying()).isEqualTo(LoadSaying.WRAPS));
    assertThat(
            Bulking.refuse(
                soiled(GLASS_CLOTH, 1, Soil.DIRT), List.of(NAPPIES), HouseRules.ALL_HOLD))
        .hasValueSatisfying(
            r -> assertThat(r.values()).containsEntry("celsius", Quantity.celsius(40)));
    assertThat(
            Bulking.refuse(
                soiled(HAND_TOWEL, 1, Soil.DIRT),
                List.of(soiled(GLASS_CLOTH, 9, Soil.DIRT)),
                HouseRules.ALL_HOLD))
        .hasValueSatisfying(r -> assertThat(heard(r, RuleSaying.LINT_REASON)).isTrue());
    assertThat(
            Bulking.refuse(
                soiled(HAND_TOWEL, 10, Soil.DIRT), List.of(NAPPIES), HouseRules.ALL_HOLD))
        .isEmpty();
  }

  @Test
  void bulkReachesTheWindowAndNeverLeavesIt() {
    for (int nappies = 1; nappies < 40; nappies++) {
      List<SoiledPieces> first = List.of(soiled(TRIFOLD, nappies, Soil.WET));
      List<Offered> basket = List.of(new Offered(9, soiled(HAND_TOWEL, 60, Soil.DIRT), true));
      List<Offered> set = List.of(new Offered(1, first.get(0), false));
      SortTable table = new SortTable(List.of(set.get(0), basket.get(0)), HouseRules.ALL_HOLD);
      List<Offered> bulk = new Bulking(table, basket, MACHINE).take(set);
      double main = DrumFill.of(first, SortSolver.pieces(bulk), MACHINE.drumL()).main();
      assertThat(MACHINE.window().misfit(main)).isLessThan(1e-9);
    }
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.33, 0.42, 0.48})
  void aLookMakesTheNextFillWhatWasSeen(double seen) {
    List<SoiledPieces> first = List.of(NAPPIES, soiled(SHELL, 6, Soil.WET));
    List<SoiledPieces> bulk = List.of(soiled(HAND_TOWEL, 12, Soil.DIRT));
    Map<Long, Double> learned = BulkCalibration.learn(seen, first, bulk, MACHINE.drumL());
    double again =
        DrumFill.of(
                first.stream().map(p -> with(p, learned)).toList(),
                bulk.stream().map(p -> with(p, learned)).toList(),
                MACHINE.drumL())
            .main();
    assertThat(again).isCloseTo(seen, Offset.offset(1e-9));
    assertThat(Math.abs(learned.get(HAND_TOWEL.id()) - 1))
        .as("the largest learns most")
        .isGreaterThan(Math.abs(learned.get(SHELL.id()) - 1));
  }

  @Test
  void anAbsurdLookStaysWithinBounds() {
    Map<Long, Double> learned =
        BulkCalibration.learn(1.2, List.of(soiled(TRIFOLD, 2, Soil.WET)), List.of(), 54);
    assertThat(learned.values()).containsExactly(Kind.BULK_FACTOR.max());
  }

  private static SoiledPieces with(SoiledPieces p, Map<Long, Double> learned) {
    Kind k = p.kind();
    Kind seen =
        KindBuilder.builder()
            .id(k.id())
            .name(k.name())
            .role(k.role())
            .bin(k.bin())
            .parts(k.parts())
            .areaM2(k.areaM2())
            .small(k.small())
            .label(k.label())
            .colour(k.colour())
            .bulkFactor(learned.get(k.id()))
            .plural(k.name() + "s")
            .build();
    return new SoiledPieces(seen, p.count(), p.soil(), true, p.since(), p.needs());
  }
}
