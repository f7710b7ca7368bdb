package org.nestrinse.core.sort;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Pieces.DISH_CLOTH;
import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.MACHINE;
import static org.nestrinse.core.Pieces.NOW;
import static org.nestrinse.core.Pieces.SHEET;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.VEST;
import static org.nestrinse.core.Pieces.WOOL_COVER;
import static org.nestrinse.core.Pieces.soiled;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.gather.HoldingClock;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.textile.TextileLoad;

class LoadProposalTest {
  private static final SoiledPieces NAPPIES = soiled(TRIFOLD, 12, Soil.STOOL);

  private static LoadProposal.Refusal refusalOf(SoiledPieces other) {
    LoadProposal proposal = LoadProposal.of(List.of(NAPPIES, other), MACHINE);
    assertThat(proposal.going()).containsExactly(NAPPIES);
    assertThat(proposal.staying()).hasSize(1);
    return proposal.staying().get(0);
  }

  @Test
  void nappiesAndShellsTravelTogether() {
    LoadProposal proposal = LoadProposal.of(List.of(NAPPIES, soiled(SHELL, 8, Soil.WET)), MACHINE);
    assertThat(proposal.staying()).isEmpty();
  }

  @Test
  void woolBearsTooLittle() {
    assertThat(refusalOf(soiled(WOOL_COVER, 2, Soil.WET)).reason())
        .isEqualTo("wool cover bears 30 at most, and bamboo trifold needs 40");
  }

  @Test
  void microfibreStaysAwayFromLint() {
    assertThat(refusalOf(soiled(GLASS_CLOTH, 4, Soil.DIRT)).rule()).isEqualTo("lint");
  }

  @Test
  void kitchenStaysAwayFromTheToilet() {
    SoiledPieces dish = new SoiledPieces(DISH_CLOTH, 4, Soil.FOOD, true, NOW, Set.of());
    assertThat(refusalOf(dish).rule()).isEqualTo("food");
  }

  @Test
  void clothesAndSheetsAndTheIllStayOut() {
    assertThat(refusalOf(soiled(VEST, 4, Soil.DIRT)).rule()).isEqualTo("clothes");
    assertThat(refusalOf(soiled(SHEET, 1, Soil.DIRT)).rule()).isEqualTo("wrapping");
    assertThat(TravelRules.between(NAPPIES, soiled(HAND_TOWEL, 1, Soil.VOMIT, SkinNeed.ILL)))
        .hasValueSatisfying(rule -> assertThat(rule.name()).isEqualTo("illness"));
  }

  @Test
  void whatIsSoakedInOilGoesNowhere() {
    LoadProposal proposal = LoadProposal.of(List.of(soiled(GLASS_CLOTH, 2, Soil.OIL)), MACHINE);
    assertThat(proposal.going()).isEmpty();
    assertThat(proposal.staying().get(0).reason()).contains("no dryer");
  }

  @Test
  void theDrumIsNotStuffed() {
    LoadProposal proposal =
        LoadProposal.of(List.of(NAPPIES, soiled(HAND_TOWEL, 200, Soil.DIRT)), MACHINE);
    assertThat(proposal.staying())
        .singleElement()
        .extracting(LoadProposal.Refusal::rule)
        .isEqualTo("room");
  }

  @Test
  void rulesAreTheSameInBothOrders() {
    List<SoiledPieces> all =
        List.of(
            NAPPIES,
            soiled(WOOL_COVER, 1, Soil.WET),
            soiled(GLASS_CLOTH, 1, Soil.DIRT),
            soiled(DISH_CLOTH, 1, Soil.FOOD),
            soiled(VEST, 1, Soil.DIRT),
            soiled(SHEET, 1, Soil.DIRT),
            soiled(HAND_TOWEL, 1, Soil.DIRT));
    for (SoiledPieces a : all) {
      for (SoiledPieces b : all) {
        assertThat(TravelRules.between(a, b)).isEqualTo(TravelRules.between(b, a));
      }
    }
  }

  @Test
  void noTwoPiecesOfAProposalAreKeptApart() {
    List<SoiledPieces> all =
        List.of(
            soiled(VEST, 3, Soil.DIRT),
            soiled(DISH_CLOTH, 3, Soil.FOOD),
            soiled(HAND_TOWEL, 3, Soil.DIRT),
            soiled(WOOL_COVER, 1, Soil.WET),
            NAPPIES);
    List<SoiledPieces> going = LoadProposal.of(all, MACHINE).going();
    for (SoiledPieces a : going) {
      assertThat(going).allMatch(b -> TravelRules.between(a, b).isEmpty());
    }
  }

  @Test
  void theOldestLeads() {
    SoiledPieces old =
        new SoiledPieces(DISH_CLOTH, 6, Soil.FOOD, true, NOW.minusSeconds(23 * 3600), Set.of());
    LoadProposal proposal = LoadProposal.of(List.of(NAPPIES, old), MACHINE);
    assertThat(proposal.going()).containsExactly(old);
    assertThat(HoldingClock.due(old)).isEqualTo(NOW.plusSeconds(3600));
  }

  @Test
  void bulkersBringTheDrumIntoTheWindow() {
    TextileLoad first = NAPPIES.load();
    Fill alone = Fill.of(first, TextileLoad.EMPTY, MACHINE.drumL());
    assertThat(FillAdvice.of(alone).state()).isEqualTo(FillAdvice.State.TOO_LITTLE);
    int wanted = FillAdvice.wantedBulkers(alone, HAND_TOWEL, MACHINE.drumL());
    Fill with = Fill.of(first, HAND_TOWEL.load(wanted), MACHINE.drumL());
    assertThat(FillAdvice.of(with).state()).isEqualTo(FillAdvice.State.GOOD);
    Fill oneLess = Fill.of(first, HAND_TOWEL.load(wanted - 1), MACHINE.drumL());
    assertThat(FillAdvice.of(oneLess).state()).isEqualTo(FillAdvice.State.A_LITTLE_LOW);
  }

  @Test
  void aBulkerIsSmallAndFitsTheRest() {
    LoadProposal.Room room = new LoadProposal.Room(NAPPIES.load(), TextileLoad.EMPTY);
    assertThat(
            LoadProposal.refuseBulker(soiled(SHEET, 1, Soil.DIRT), List.of(NAPPIES), room, MACHINE))
        .hasValueSatisfying(r -> assertThat(r.rule()).isEqualTo("size"));
    assertThat(
            LoadProposal.refuseBulker(
                soiled(GLASS_CLOTH, 1, Soil.DIRT), List.of(NAPPIES), room, MACHINE))
        .hasValueSatisfying(r -> assertThat(r.rule()).isEqualTo("lint"));
    assertThat(
            LoadProposal.refuseBulker(
                soiled(HAND_TOWEL, 60, Soil.DIRT), List.of(NAPPIES), room, MACHINE))
        .hasValueSatisfying(r -> assertThat(r.rule()).isEqualTo("room"));
    assertThat(
            LoadProposal.refuseBulker(
                soiled(HAND_TOWEL, 10, Soil.DIRT), List.of(NAPPIES), room, MACHINE))
        .isEmpty();
  }
}
