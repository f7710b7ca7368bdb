package org.nestrinse.core.bath;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.nestrinse.core.Examples.LOAD_A;
import static org.nestrinse.core.Examples.halfPercent;
import static org.nestrinse.core.Examples.percent;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.OutOfRange;

class HygieneEstimateTest {

  private static List<TemperaturePoint> constant(double celsius, double minutes) {
    return List.of(new TemperaturePoint(0, celsius), new TemperaturePoint(minutes, celsius));
  }

  private static HygienePhase phase(
      TextileLoad load,
      List<TemperaturePoint> profile,
      double oxygenG,
      boolean activator,
      double proteinLeft,
      @Nullable Additive additive) {
    return new HygienePhase(load, 13, 60, profile, oxygenG, activator, proteinLeft, additive);
  }

  private static HygieneEstimate of(HygienePhase phase) {
    return HygieneEstimate.of(phase, 0);
  }

  private static HygieneEstimate heated(List<TemperaturePoint> profile) {
    return of(phase(LOAD_A, profile, 0, false, 0, null));
  }

  @ParameterizedTest
  @CsvSource({"65, 10, 3.16, 19.0", "71, 3, 3.78, 22.7"})
  void constantBathsOfTheWorkedExample(double celsius, double minutes, double heat, double a0) {
    HygieneEstimate estimate = heated(constant(celsius, minutes));
    assertThat(estimate.heatLog()).isCloseTo(heat, halfPercent(heat));
    assertThat(estimate.a0()).isCloseTo(a0, halfPercent(a0));
  }

  @Test
  void sixtyDegreesWithWhitenerOfTheWorkedExample() {
    HygieneEstimate e =
        HygieneEstimate.of(phase(LOAD_A, constant(60, 30), 20, false, 0.1, null), 2);
    assertThat(e.heatLog()).isCloseTo(3, halfPercent(3));
    assertThat(e.oxygenLog()).isCloseTo(1.32, halfPercent(1.32));
    assertThat(e.lowLog()).isCloseTo(3.86, halfPercent(3.86));
    assertThat(e.totalLog()).isEqualTo(6);
    assertThat(e.highLog()).isEqualTo(6);
    assertThat(GermsLeft.of(e).highLog()).as("nothing above 5 is claimed").isEqualTo(5);
  }

  @ParameterizedTest
  @CsvSource({"false, 0, 0.680", "true, 0, 1.418", "false, 0.5, 0.367"})
  void whitenerOfTheWorkedExamples(boolean activator, double protein, double oxygen) {
    HygieneEstimate e = of(phase(LOAD_A, constant(40, 60), 20, activator, protein, null));
    assertThat(e.oxygenLog()).isCloseTo(oxygen, percent(oxygen, 1));
  }

  @Test
  void heatIsCountedUpToSix() {
    HygieneEstimate estimate = heated(constant(75, 30));
    assertThat(estimate.heatLog()).isEqualTo(6);
    assertThat(estimate.notes()).hasExactlyElementsOfTypes(HygieneNote.HeatCapped.class);
  }

  @Test
  void aCationicAdditiveIsUsedUpByDetergentAndAnotherIsNot() {
    Additive clean = new Additive(60, 4, 4, 8, 10, true, 1, 0);
    Additive spent = new Additive(60, 4, 4, 8, 10, true, 1, 20);
    Additive other = new Additive(60, 4, 4, 8, 10, false, 1, 20);
    List<TemperaturePoint> cold = constant(15, 12);
    assertThat(of(phase(LOAD_A, cold, 0, false, 0, clean)).additiveLog()).isEqualTo(4);
    HygieneEstimate less = of(phase(LOAD_A, cold, 0, false, 0, spent));
    assertThat(less.additiveLog()).isZero();
    assertThat(less.notes()).hasExactlyElementsOfTypes(HygieneNote.AdditiveSpent.class);
    assertThat(of(phase(LOAD_A, cold, 0, false, 0, other)).additiveLog()).isEqualTo(4);
  }

  @ParameterizedTest
  @CsvSource({"1, 10", "2, 100", "1.5, 30", "2.5, 300", "3.86, 7000", "5, 100000"})
  void germsAreToldInRoundNumbers(double log, long oneIn) {
    assertThat(GermsLeft.oneIn(log)).isEqualTo(oneIn);
  }

  @Test
  void theSentenceFollowsTheCautiousEnd() {
    HygieneEstimate washedAway = new HygieneEstimate(0, 0, 0, 2, 0, false, List.of());
    assertThat(washedAway.said())
        .isEqualTo(
            Said.of(BathSaying.GERMS_LEFT)
                .with("typical", Quantity.of(100, Unit.GROUPED))
                .with("low", Quantity.of(50, Unit.GROUPED))
                .with("high", Quantity.of(200, Unit.GROUPED)));
    HygieneEstimate hot = new HygieneEstimate(6, 4, 0, 2.5, 0, true, List.of());
    assertThat(hot.said().saying()).isEqualTo(BathSaying.GERMS_AS_FEW);
    HygieneEstimate warm = new HygieneEstimate(3, 0, 0, 2, 0, false, List.of());
    assertThat(warm.said().saying()).isEqualTo(BathSaying.GERMS_LEFT_AND_FEWER);
    assertThat(warm.said().values()).containsEntry("low", BathWords.oneIn(warm.lowLog()));
  }

  @Test
  void hotterIsNeverLessHygienic() {
    double before = -1;
    for (int celsius = 10; celsius <= 95; celsius += 5) {
      double total = of(phase(LOAD_A, constant(celsius, 30), 20, true, 0, null)).totalLog();
      assertThat(total).isGreaterThanOrEqualTo(before);
      before = total;
    }
  }

  @Test
  void woolGetsNothingFromOxygen() {
    TextileLoad wool = LOAD_A.plus(TextileLoad.of(Material.WOOL, 0.2));
    HygieneEstimate estimate = of(phase(wool, constant(30, 60), 20, true, 0, null));
    assertThat(estimate.oxygenLog()).isZero();
    assertThat(estimate.notes()).contains(new HygieneNote.NoWhitenerOnWool());
  }

  @Test
  void holdingNeedsMixingTimeAndMoreOfItInACrowdedDrum() {
    TextileLoad crowded = TextileLoad.of(Material.COTTON, 60 * 0.06);
    TextileLoad roomy = TextileLoad.of(Material.COTTON, 60 * 0.05);
    List<TemperaturePoint> fifteen = constant(65, 15);
    assertThat(of(phase(roomy, fifteen, 0, false, 0, null)).recognisedHolding()).isTrue();
    assertThat(of(phase(crowded, fifteen, 0, false, 0, null)).recognisedHolding()).isFalse();
    assertThat(of(phase(roomy, constant(71, 6.9), 0, false, 0, null)).recognisedHolding())
        .isFalse();
    assertThat(of(phase(roomy, constant(71, 7), 0, false, 0, null)).recognisedHolding()).isTrue();
  }

  @Test
  void aHoldingInterruptedByCoolingDoesNotCount() {
    List<TemperaturePoint> broken =
        List.of(
            new TemperaturePoint(0, 66),
            new TemperaturePoint(9, 66),
            new TemperaturePoint(10, 40),
            new TemperaturePoint(11, 66),
            new TemperaturePoint(20, 66));
    assertThat(heated(broken).recognisedHolding()).isFalse();
  }

  @Test
  void anAdditiveCountsOnlyWithinItsLabel() {
    Additive enough = new Additive(52, 3, 4, 15, 30);
    Additive thin = new Additive(41.6, 3, 4, 15, 30);
    assertThat(of(phase(LOAD_A, constant(40, 60), 0, false, 0, enough)).additiveLog()).isEqualTo(3);
    HygieneEstimate diluted = of(phase(LOAD_A, constant(40, 60), 0, false, 0, thin));
    assertThat(diluted.additiveLog()).isZero();
    assertThat(diluted.notes()).hasExactlyElementsOfTypes(HygieneNote.AdditiveTooThin.class);
    assertThat(of(phase(LOAD_A, constant(20, 60), 0, false, 0, enough)).additiveLog()).isZero();
  }

  @Test
  void illnessNeedsMoreThanItsSum() {
    HygieneEstimate heatAlone = heated(constant(60, 45));
    assertThat(heatAlone.killLog()).isGreaterThan(4);
    assertThat(HygieneGoal.ILLNESS.judge(heatAlone, 60).met()).isFalse();
    HygieneEstimate withOxygen = of(phase(LOAD_A, constant(60, 45), 20, false, 0, null));
    assertThat(HygieneGoal.ILLNESS.judge(withOxygen, 60).met()).isTrue();
    assertThat(HygieneGoal.ILLNESS.judge(heated(constant(66, 20)), 66).met()).isTrue();
  }

  @Test
  void extraCareWantsKillAndNotOnlyRinsing() {
    HygieneEstimate rinsedOnly = new HygieneEstimate(0, 0, 0, 6, 0, false, List.of());
    assertThat(HygieneGoal.EXTRA_CARE.judge(rinsedOnly, 40).met()).isFalse();
    assertThat(HygieneGoal.EVERYDAY.judge(rinsedOnly, 40).met()).isTrue();
  }

  @Test
  void verdictsReadTheSameWhateverTheLanguageOfTheMachine() {
    java.util.Locale before = java.util.Locale.getDefault();
    java.util.Locale.setDefault(java.util.Locale.GERMANY);
    try {
      HygieneEstimate weak = new HygieneEstimate(0, 0, 0, 1.2, 0, false, List.of());
      assertThat(HygieneGoal.EVERYDAY.judge(weak, 40).said())
          .isEqualTo(
              Said.of(BathSaying.NOT_QUITE)
                  .with("goal", HygieneGoal.EVERYDAY)
                  .with("has", Quantity.of(15, Unit.GROUPED))
                  .with("wanted", Quantity.of(30, Unit.GROUPED)));
      HygieneEstimate strong = new HygieneEstimate(6, 0, 0, 2.5, 0, true, List.of());
      assertThat(strong.said())
          .isEqualTo(Said.of(BathSaying.GERMS_AS_FEW).with("most", BathWords.oneIn(5)));
    } finally {
      java.util.Locale.setDefault(before);
    }
  }

  @Test
  void aProfileThatRunsBackwardsIsRefused() {
    List<TemperaturePoint> backwards =
        List.of(new TemperaturePoint(10, 40), new TemperaturePoint(5, 40));
    assertThatThrownBy(() -> heated(backwards)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> heated(List.of(new TemperaturePoint(0, 40))))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("at-least-two-points");
  }
}
