package org.nestrinse.core.bath;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Examples.LOAD_A;
import static org.nestrinse.core.Examples.halfPercent;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.kit.Agitation;
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
      double fill,
      @Nullable Additive additive) {
    return new HygienePhase(
        load,
        15,
        60,
        fill,
        profile,
        oxygenG,
        activator,
        Agitation.NORMAL,
        true,
        3,
        16,
        600,
        0.24,
        additive);
  }

  private static HygieneEstimate heated(List<TemperaturePoint> profile) {
    return HygieneEstimate.of(phase(LOAD_A, profile, 0, false, 0.7, null));
  }

  @ParameterizedTest
  @CsvSource({"65, 10, 3.16, 19.0", "71, 3, 3.78, 22.7"})
  void constantBathsOfTheWorkedExample(double celsius, double minutes, double heat, double a0) {
    HygieneEstimate estimate = heated(constant(celsius, minutes));
    assertThat(estimate.heatLog()).isCloseTo(heat, halfPercent(heat));
    assertThat(estimate.a0()).isCloseTo(a0, halfPercent(a0));
  }

  @Test
  void removalOfTheWorkedExample() {
    assertThat(HygieneEstimate.removalLog(0.93, 0.18, 3)).isCloseTo(1.122, halfPercent(1.122));
  }

  @Test
  void sixtyDegreeBathOfTheWorkedExample() {
    List<TemperaturePoint> profile = BathTemperatureTest.bath(12, 60, 90, 2000).profile();
    assertThat(HygieneEstimate.heatLog(profile)).isCloseTo(6.09, halfPercent(6.09));
    HygieneEstimate estimate = heated(profile);
    assertThat(estimate.heatLog()).isEqualTo(6.0);
    assertThat(estimate.notes()).anyMatch(note -> note.contains("counted up to 6"));
  }

  @Test
  void fortyDegreeBathOfTheWorkedExample() {
    List<TemperaturePoint> profile = BathTemperatureTest.bath(12, 40, 60, 2000).profile();
    // Two decimals are given, so half of the last one.
    assertThat(heated(profile).heatLog()).isCloseTo(0.05, within(0.005));
    assertThat(HygieneEstimate.of(phase(LOAD_A, profile, 20, false, 0.7, null)).oxygenLog())
        .isCloseTo(0.58, within(0.005));
    assertThat(HygieneEstimate.of(phase(LOAD_A, profile, 20, true, 0.7, null)).oxygenLog())
        .isCloseTo(1.73, halfPercent(1.73));
  }

  @Test
  void hotterIsNeverLessHygienic() {
    double before = -1;
    for (int celsius = 10; celsius <= 95; celsius += 5) {
      double total =
          HygieneEstimate.of(phase(LOAD_A, constant(celsius, 30), 20, true, 0.7, null)).totalLog();
      assertThat(total).isGreaterThanOrEqualTo(before);
      before = total;
    }
  }

  @Test
  void woolGetsNothingFromOxygen() {
    TextileLoad wool = LOAD_A.plus(TextileLoad.of(Material.WOOL, 0.2));
    HygieneEstimate estimate =
        HygieneEstimate.of(phase(wool, constant(30, 60), 20, true, 0.7, null));
    assertThat(estimate.oxygenLog()).isZero();
    assertThat(estimate.notes()).anyMatch(note -> note.contains("wool"));
  }

  @Test
  void badFillAndMissingDetergentLiftLess() {
    double good =
        HygieneEstimate.of(phase(LOAD_A, constant(40, 60), 0, false, 0.7, null)).removalLog();
    double empty =
        HygieneEstimate.of(phase(LOAD_A, constant(40, 60), 0, false, 0.2, null)).removalLog();
    assertThat(empty).isLessThan(good);
  }

  @Test
  void holdingNeedsMixingTimeAndMoreOfItInACrowdedDrum() {
    TextileLoad crowded = TextileLoad.of(Material.COTTON, 60 * 0.06);
    TextileLoad roomy = TextileLoad.of(Material.COTTON, 60 * 0.05);
    List<TemperaturePoint> fifteen = constant(65, 15);
    assertThat(HygieneEstimate.of(phase(roomy, fifteen, 0, false, 0.7, null)).recognisedHolding())
        .isTrue();
    assertThat(HygieneEstimate.of(phase(crowded, fifteen, 0, false, 0.7, null)).recognisedHolding())
        .isFalse();
    assertThat(
            HygieneEstimate.of(phase(roomy, constant(71, 6.9), 0, false, 0.7, null))
                .recognisedHolding())
        .isFalse();
    assertThat(
            HygieneEstimate.of(phase(roomy, constant(71, 7), 0, false, 0.7, null))
                .recognisedHolding())
        .isTrue();
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
    Additive enough = new Additive(60, 3, 4, 15, 30);
    Additive thin = new Additive(48, 3, 4, 15, 30);
    assertThat(
            HygieneEstimate.of(phase(LOAD_A, constant(40, 60), 0, false, 0.7, enough))
                .additiveLog())
        .isEqualTo(3);
    HygieneEstimate diluted =
        HygieneEstimate.of(phase(LOAD_A, constant(40, 60), 0, false, 0.7, thin));
    assertThat(diluted.additiveLog()).isZero();
    assertThat(diluted.notes()).contains("The additive is diluted to 0.8 of what its label needs.");
    assertThat(
            HygieneEstimate.of(phase(LOAD_A, constant(20, 60), 0, false, 0.7, enough))
                .additiveLog())
        .isZero();
  }

  @Test
  void illnessNeedsMoreThanItsSum() {
    HygieneEstimate heatAlone = heated(constant(60, 45));
    assertThat(heatAlone.killLog()).isGreaterThan(4);
    assertThat(HygieneGoal.ILLNESS.judge(heatAlone, 60).met()).isFalse();
    HygieneEstimate withOxygen =
        HygieneEstimate.of(phase(LOAD_A, constant(60, 45), 20, false, 0.7, null));
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
      HygieneEstimate weak = new HygieneEstimate(0, 0, 0, 1.72, 0, false, List.of());
      assertThat(HygieneGoal.EVERYDAY.judge(weak, 40).words())
          .isEqualTo("1.7 of the 3.0 that everyday asks for");
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
        .hasMessageContaining("at least two points");
  }
}
