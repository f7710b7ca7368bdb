package org.nestrinse.core.bath;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Examples.LOAD_A;
import static org.nestrinse.core.Examples.halfPercent;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.textile.Material;

class RinseTest {

  private static RinseOutcome.Series series(int rinses, double doseG, double rinseL) {
    return RinseOutcomeSeriesBuilder.builder()
        .load(LOAD_A)
        .doseG(doseG)
        .mainL(13)
        .rinseL(rinseL)
        .rinses(rinses)
        .interimRpm(600)
        .finalRpm(1000)
        .drumRadiusM(0.24)
        .targetMgKg(300)
        .build();
  }

  @Test
  void concentrationsOfTheWorkedExample() {
    double[] expected = {4.313, 1.306, 0.3954, 0.1197};
    RinseOutcome outcome = RinseOutcome.of(series(3, 60, 9));
    assertThat(outcome.concentrationsGL()).hasSize(4);
    for (int i = 0; i < expected.length; i++) {
      assertThat(outcome.concentrationsGL().get(i))
          .isCloseTo(expected[i], halfPercent(expected[i]));
    }
    assertThat(outcome.sudsVisible()).isFalse();
    assertThat(outcome.rinsesNeeded()).isEqualTo(3);
  }

  @ParameterizedTest
  @CsvSource({"1, 1094", "2, 331.2", "3, 100.3", "4, 30.4"})
  void residueOfTheWorkedExample(int rinses, double residue) {
    assertThat(RinseOutcome.of(series(rinses, 60, 9)).residueMgKg())
        .isCloseTo(residue, halfPercent(residue));
  }

  @Test
  void everyRinseLeavesLess() {
    double before = Double.POSITIVE_INFINITY;
    for (int rinses = 0; rinses <= 8; rinses++) {
      double residue = RinseOutcome.of(series(rinses, 60, 16)).residueMgKg();
      assertThat(residue).isLessThan(before);
      before = residue;
    }
  }

  @Test
  void moreWaterRinsesBetterAndMoreDetergentLeavesMore() {
    assertThat(RinseOutcome.of(series(2, 60, 20)).residueMgKg())
        .isLessThan(RinseOutcome.of(series(2, 60, 16)).residueMgKg());
    assertThat(RinseOutcome.of(series(2, 90, 16)).residueMgKg())
        .isGreaterThan(RinseOutcome.of(series(2, 60, 16)).residueMgKg());
  }

  @Test
  void theNumberOfRinsesNeededDoesNotDependOnTheNumberPlanned() {
    assertThat(RinseOutcome.of(series(0, 60, 16)).rinsesNeeded())
        .isEqualTo(RinseOutcome.of(series(8, 60, 16)).rinsesNeeded());
  }

  /** What a rinse takes out is in the water that drains; nothing is made or lost. */
  @Test
  void dissolvedMassIsConservedOverASeries() {
    double sorbed = LOAD_A.sorbedL();
    double held = SpinRetention.of(LOAD_A, 600, 0.24).retainedL();
    Solution solution = Solution.CLEAR.intoBath(0, 0, 60, 15, sorbed);
    double drained = solution.gramsPerL() * (15 - held);
    double onTextile = solution.gramsPerL() * (held + sorbed);
    assertThat(drained + onTextile).isCloseTo(60, within(1e-9));
    for (int i = 0; i < 5; i++) {
      Solution next = solution.rinsed(held, sorbed, 16);
      double mixedL = Solution.MIXING * 16;
      drained += next.gramsPerL() * mixedL;
      onTextile = next.gramsPerL() * (held + sorbed);
      assertThat(drained + onTextile).isCloseTo(60, within(1e-9));
      solution = next;
    }
  }

  @Test
  void aSecondBathCarriesOverWhatTheTextileBrings() {
    double sorbed = LOAD_A.sorbedL();
    Solution first = Solution.CLEAR.intoBath(0, 0, 40, 15, sorbed);
    double carried = 2.0;
    double grams = first.gramsPerL() * (carried + sorbed) + 60;
    Solution second = first.intoBath(carried, sorbed, 60, 15, sorbed + 0.3);
    assertThat(second.gramsPerL() * (15 + sorbed + 0.3)).isCloseTo(grams, within(1e-9));
  }

  @Test
  void woolHoldsMoreOnItsFibreThanFleece() {
    assertThat(Material.WOOL.sorptionLKg()).isGreaterThan(Material.POLYESTER_FLEECE.sorptionLKg());
  }

  @Test
  void twoBathsOfTheWorkedExample() {
    double sorbed = LOAD_A.sorbedL();
    double held = SpinRetention.of(LOAD_A, 600, 0.24).retainedL();
    double last = SpinRetention.of(LOAD_A, 1000, 0.24).retainedL();
    Solution rinsed = Solution.CLEAR.intoBath(0, 0, 30, 10.71, sorbed).rinsed(held, sorbed, 8.27);
    Solution second = rinsed.intoBath(held, sorbed, 60, 13, sorbed);
    assertThat(second.gramsPerL()).isCloseTo(4.523, halfPercent(4.523));
    Solution end = second;
    for (int i = 0; i < 3; i++) {
      end = end.rinsed(held, sorbed, 9);
    }
    assertThat(end.residueMgKg(last, sorbed, LOAD_A.massKg())).isCloseTo(105.2, halfPercent(105.2));
  }

  @Test
  void whatEightRinsesDoNotReachHasNoNumber() {
    RinseOutcome.Series hopeless =
        RinseOutcomeSeriesBuilder.builder()
            .load(LOAD_A)
            .doseG(2000)
            .mainL(13)
            .rinseL(0.1)
            .rinses(3)
            .interimRpm(600)
            .finalRpm(1000)
            .drumRadiusM(0.24)
            .targetMgKg(1)
            .build();
    assertThat(RinseOutcome.of(hopeless).rinsesNeeded()).isNull();
  }
}
