package org.nestrinse.core.household;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.judge.HouseFacts;
import org.nestrinse.core.record.PastRound;
import org.nestrinse.core.record.RoundFigures;
import org.nestrinse.core.reset.ResetRecipe;
import org.nestrinse.core.said.Said;

/** What past washes and resets say in figures. */
class RoundFactsTest {
  private static PastRound round(String school, double peakC, boolean notRun, double residue) {
    return new PastRound(
        1,
        Instant.EPOCH,
        school,
        "Cottons",
        List.of(new PastRound.Content("trifold", null, 13, 1.2, 20, false)),
        new RoundFigures(
            13,
            1.2,
            new RoundFigures.Dose(60, 1.0, 1, false, Said.NOTHING),
            new RoundFigures.Bath(60, peakC, 20, 3, 1200, 0.6, 3),
            new RoundFigures.Estimate(residue, 100, 5, 4, HygieneGoal.LIGHT, true, null, notRun),
            new RoundFigures.Spent(70, 1.2, 0.9, 150, 15)),
        List.of());
  }

  @Test
  void onlyTheLastSixWashesThatRanAreLookedAt() {
    List<PastRound> rounds = new ArrayList<>();
    rounds.add(round("hot", 20, false, 80));
    for (int i = 0; i < 6; i++) {
      rounds.add(round("hot", 56, false, 80));
      rounds.add(round("hot", 10, true, 80));
      rounds.add(round(PastRound.RESET, 90, false, 0));
    }
    HouseFacts facts = RoundFacts.of(rounds, new RoundFacts.Worn(120, 0.4));
    assertThat(facts.peakC()).isCloseTo(56, within(1e-9));
    assertThat(facts.shortC()).isCloseTo(4, within(1e-9));
    assertThat(facts.washes()).isEqualTo(120);
  }

  @Test
  void withoutAWashNothingIsKnown() {
    assertThat(RoundFacts.of(List.of(), null)).isEqualTo(HouseFacts.NONE);
    assertThat(RoundFacts.of(List.of(round(PastRound.RESET, 90, false, 0)), null))
        .isEqualTo(HouseFacts.NONE);
  }

  @Test
  void theLastRoundWithAKindTellsWhatIsLeftInIt() {
    List<PastRound> rounds = List.of(round("hot", 56, false, 80), round("cool", 38, false, 140));
    assertThat(PastRound.lastResidueMgKg(rounds, List.of("trifold"))).isEqualTo(140);
    assertThat(PastRound.lastResidueMgKg(rounds, List.of("flat"))).isZero();
  }

  @Test
  void aResetIsAsWarmAndAsLongAsItsRecipeAndClaimsNothingAboutGerms() {
    RoundFigures figures =
        ResetFigures.of(
            new ResetFigures.Done(
                ResetRecipe.SIMMER_POT, Map.of(Houses.INSERT, 6), List.of(), 4, 1200, 40, 1.5, 95),
            0.9,
            2.4,
            0.8,
            Said.NOTHING);
    assertThat(figures.pieces()).isEqualTo(6);
    assertThat(figures.bath().peakC()).isEqualTo(ResetRecipe.SIMMER_POT.temper().peakC());
    assertThat(figures.bath().rinses()).isEqualTo(4);
    assertThat(figures.massKg()).isCloseTo(6 * Houses.INSERT.massKg(), within(1e-9));
    assertThat(figures.estimate().totalLog()).isZero();
  }
}
