package org.nestrinse.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.units.OutOfRange;

/** How many pieces a rhythm needs: the formula, the simulation, and that they agree. */
class RhythmTest {

  @ParameterizedTest
  @CsvSource({"7, 2.2, 0.98, 24", "2, 3.0, 0.95, 10", "10, 1.5, 0.99, 25"})
  void workedExamples(double perDay, double days, double level, int pieces) {
    assertThat(StockNeed.of(perDay, days, 0, level).pieces()).isEqualTo(pieces);
    assertThat(StockNeed.of(perDay, days / 2, days / 2, level).expectedUses())
        .isCloseTo(perDay * days, within(1e-9));
  }

  @Test
  void moreCertaintyOrLongerNeverNeedsFewer() {
    int before = 0;
    for (double level = 0.5; level < 0.999; level += 0.01) {
      int now = StockNeed.of(7, 2, 0.5, level).pieces();
      assertThat(now).isGreaterThanOrEqualTo(before);
      before = now;
    }
    assertThat(StockNeed.of(7, 3, 0.5, 0.98).pieces())
        .isGreaterThan(StockNeed.of(7, 2, 0.5, 0.98).pieces());
    assertThat(StockNeed.of(90, 14, 4, 0.99).pieces()).isBetween(1620, 1750);
    assertThat(StockNeed.of(0, 2, 1, 0.98).pieces()).isZero();
  }

  private static double[][] always(int days) {
    double[] month = new double[5];
    month[days] = 1;
    double[][] year = new double[12][];
    Arrays.fill(year, month);
    return year;
  }

  private static Rhythm year(int pieces, double perDay, int every, int dryingDays, double ill) {
    return Rhythm.of(
        new Rhythm.Setting(pieces, perDay, every, 1000, always(dryingDays), ill, 200, 7));
  }

  @Test
  void theSimulationAgreesWithTheFormula() {
    // Every 2 days and dry a day later: at its longest a piece is away for 3 days of uses.
    int enough = StockNeed.of(7, 2, 1, 0.98).pieces();
    Rhythm rhythm = year(enough, 7, 2, 1, 0);
    double daysAtRisk = 365 / 2.0;
    assertThat(rhythm.shortagesPerYear() / daysAtRisk).isLessThan(0.02);
    Rhythm fewer = year(StockNeed.of(7, 2, 1, 0.7).pieces(), 7, 2, 1, 0);
    assertThat(fewer.shortagesPerYear() / daysAtRisk).isBetween(0.1, 0.3);
    assertThat(rhythm.usedPerYear()).isCloseTo(7 * 365, within(30.0));
    assertThat(rhythm.runsPerYear()).isCloseTo(daysAtRisk, within(2.0));
  }

  @Test
  void morePiecesNeverRunShortMoreOften() {
    double before = Double.POSITIVE_INFINITY;
    for (int pieces = 4; pieces <= 40; pieces += 4) {
      double now = year(pieces, 7, 2, 1, 2).missingPerYear();
      assertThat(now).isLessThanOrEqualTo(before);
      before = now;
    }
    assertThat(before).isLessThan(2);
    assertThat(year(60, 7, 2, 1, 2).missingPerYear()).isZero();
  }

  @Test
  void rarerWashingSlowerDryingAndIllnessAllCost() {
    Rhythm two = year(24, 7, 2, 1, 0);
    assertThat(year(24, 7, 3, 1, 0).shortagesPerYear()).isGreaterThan(two.shortagesPerYear());
    assertThat(year(24, 7, 2, 3, 0).shortagesPerYear()).isGreaterThan(two.shortagesPerYear());
    assertThat(year(24, 7, 2, 1, 10).shortagesPerYear()).isGreaterThan(two.shortagesPerYear());
    assertThat(year(40, 7, 3, 1, 0).meanHoldingDays())
        .isGreaterThan(year(40, 7, 1, 1, 0).meanHoldingDays());
    assertThat(year(40, 7, 3, 1, 0).longestHoldingDays()).isEqualTo(3);
    assertThat(year(40, 7, 1, 1, 0).runsPerYear())
        .isGreaterThan(year(40, 7, 3, 1, 0).runsPerYear());
  }

  @Test
  void aSmallMachineRunsMoreOften() {
    Rhythm small = Rhythm.of(new Rhythm.Setting(40, 7, 2, 6, always(1), 0, 50, 7));
    assertThat(small.runsPerYear()).isGreaterThan(year(40, 7, 2, 1, 0).runsPerYear() * 1.8);
  }

  @Test
  void theSameSeedGivesTheSameYear() {
    assertThat(year(20, 7, 2, 1, 2)).isEqualTo(year(20, 7, 2, 1, 2));
  }

  @Test
  void absurdSettingsAreRefused() {
    assertThatThrownBy(() -> StockNeed.of(-1, 2, 1, 0.98)).hasMessageContaining("usesPerDay");
    assertThatThrownBy(() -> StockNeed.of(7, 0, 1, 0.98)).hasMessageContaining("washEveryDays");
    assertThatThrownBy(() -> StockNeed.of(7, 2, 1, 1)).hasMessageContaining("serviceLevel");
    assertThatThrownBy(() -> year(20, 7, 9, 1, 2)).hasMessageContaining("everyDays");
    double[][] broken = always(1);
    broken[3] = new double[] {0.5, 0.2};
    assertThatThrownBy(() -> Rhythm.of(new Rhythm.Setting(20, 7, 2, 10, broken, 2, 10, 1)))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("shares-of-one");
  }

  private static Rhythm triggered(int pieces, int perRun, int longestDays, double away) {
    return Rhythm.of(
        RhythmSettingBuilder.builder()
            .pieces(pieces)
            .usesPerDay(7)
            .everyDays(Rhythm.BY_TRIGGER)
            .perRun(perRun)
            .dryingDays(always(1))
            .illWeeksPerYear(0)
            .awayWeeksPerYear(away)
            .longestDays(longestDays)
            .years(100)
            .seed(7)
            .build());
  }

  @Test
  void byTriggerNothingWaitsLongerThanItMayAndFullRunsComeSooner() {
    Rhythm due = triggered(60, 1000, 3, 0);
    assertThat(due.longestHoldingDays()).isLessThanOrEqualTo(3);
    assertThat(due.runsPerYear()).isBetween(115.0, 125.0);
    Rhythm full = triggered(60, 10, 7, 0);
    assertThat(full.runsPerYear()).isGreaterThan(due.runsPerYear());
    assertThat(full.meanHoldingDays()).isLessThan(due.meanHoldingDays());
  }

  @Test
  void weeksAwayUseAndWashLess() {
    Rhythm home = triggered(60, 1000, 2, 0);
    Rhythm away = triggered(60, 1000, 2, 10);
    assertThat(away.usedPerYear()).isBetween(0.7 * home.usedPerYear(), 0.9 * home.usedPerYear());
    assertThat(away.runsPerYear()).isLessThan(home.runsPerYear());
    assertThatThrownBy(() -> triggered(60, 1000, 0, 0)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> triggered(60, 1000, 2, 60)).isInstanceOf(OutOfRange.class);
  }

  @Test
  void aYearTakesItsRunsTimesWhatOneTakes() {
    Rhythm rhythm = new Rhythm(0, 0, 100, 1, 2, 2000);
    Rhythm.Yearly year = rhythm.yearly(40, new Rhythm.PerRun(80, 1.2, 1.5, 30));
    assertThat(year.litres()).isEqualTo(8000);
    assertThat(year.kwh()).isCloseTo(120, within(1e-9));
    assertThat(year.money()).isEqualTo(150);
    assertThat(year.hours()).isEqualTo(50);
    assertThat(year.washesPerPiece()).isEqualTo(50);
    assertThat(rhythm.yearly(0, Rhythm.PerRun.UNKNOWN).washesPerPiece()).isZero();
  }
}
