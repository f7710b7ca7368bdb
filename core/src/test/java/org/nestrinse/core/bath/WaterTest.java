package org.nestrinse.core.bath;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.nestrinse.core.Examples.LOAD_A;
import static org.nestrinse.core.Examples.halfPercent;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.OutOfRange;

class WaterTest {

  @Test
  void fillOfTheWorkedExample() {
    Fill fill = Fill.of(LOAD_A, TextileLoad.EMPTY, 50);
    assertThat(fill.massKg()).isCloseTo(3.4, halfPercent(3.4));
    assertThat(fill.dry()).isCloseTo(0.528, halfPercent(0.528));
    assertThat(fill.preWashed()).isCloseTo(0.350, halfPercent(0.350));
    assertThat(fill.main()).isEqualTo(fill.preWashed());
  }

  @Test
  void bulkersCountDryInTheMainWash() {
    TextileLoad towels = TextileLoad.of(Material.COTTON, 2.0);
    Fill with = Fill.of(LOAD_A, towels, 50);
    assertThat(with.main() - with.preWashed()).isCloseTo(2.0 * 7.5 / 50, halfPercent(0.3));
    assertThat(with.preWashed()).isEqualTo(Fill.of(LOAD_A, TextileLoad.EMPTY, 50).preWashed());
  }

  @Test
  void bathWaterOfTheWorkedExample() {
    assertThat(BathWater.mainL(LOAD_A)).isCloseTo(10.71, halfPercent(10.71));
    assertThat(BathWater.rinseL(LOAD_A)).isCloseTo(8.27, halfPercent(8.27));
  }

  @Test
  void aFullCottonProgrammeTakesWhatLabelsSay() {
    TextileLoad full = TextileLoad.of(org.nestrinse.core.textile.Material.COTTON, 7);
    assertThat(BathWater.mainL(full)).isCloseTo(19.4, halfPercent(19.4));
    assertThat(BathWater.mainL(full) + 3 * BathWater.rinseL(full)).isCloseTo(61, halfPercent(61));
    TextileLoad tiny = TextileLoad.of(org.nestrinse.core.textile.Material.COTTON, 0.1);
    assertThat(BathWater.mainL(tiny)).isEqualTo(7);
    assertThat(BathWater.rinseL(tiny)).isEqualTo(6);
  }

  @ParameterizedTest
  @CsvSource({"600, 96.6, 0.802, 2.61", "1000, 268.4, 0.596, 1.94", "1400, 526, 0.491, 1.59"})
  void retentionOfTheWorkedExample(double rpm, double g, double perKg, double litres) {
    SpinRetention retention = SpinRetention.of(LOAD_A, rpm, 0.24);
    assertThat(retention.relativeAcceleration()).isCloseTo(g, halfPercent(g));
    assertThat(retention.litresPerKgCotton()).isCloseTo(perKg, halfPercent(perKg));
    assertThat(retention.retainedL()).isCloseTo(litres, halfPercent(litres));
  }

  @Test
  void fasterSpinNeverKeepsMoreWaterAndStaysWithinItsLimits() {
    double before = Double.POSITIVE_INFINITY;
    for (int rpm = 0; rpm <= 2000; rpm += 25) {
      double kept = SpinRetention.of(LOAD_A, rpm, 0.235).litresPerKgCotton();
      assertThat(kept).isLessThanOrEqualTo(before).isBetween(0.35, 2.2);
      before = kept;
    }
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, -1, 301, Double.NaN, Double.POSITIVE_INFINITY})
  void anAbsurdDrumIsRefusedByName(double drumL) {
    assertThatThrownBy(() -> Fill.of(LOAD_A, TextileLoad.EMPTY, drumL))
        .isInstanceOfSatisfying(OutOfRange.class, e -> assertThat(e.field()).isEqualTo("drumL"))
        .hasMessageContaining("unit=LITRE");
  }
}
