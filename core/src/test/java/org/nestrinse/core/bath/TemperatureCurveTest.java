package org.nestrinse.core.bath;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.NoSuchElementException;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class TemperatureCurveTest {
  @Test
  void aBathThatIsHeatedAndHeldNeedsThreeReadings() {
    List<TemperaturePoint> heated = readings(0, 60, m -> Math.min(60, 20 + 2 * m));

    assertThat(TemperatureCurve.drawn(heated))
        .containsExactly(
            new TemperaturePoint(0, 20),
            new TemperaturePoint(20, 60),
            new TemperaturePoint(60, 60));
  }

  @Test
  void aJumpIsKept() {
    List<TemperaturePoint> filled =
        List.of(
            new TemperaturePoint(0, 20),
            new TemperaturePoint(5, 20),
            new TemperaturePoint(5, 40),
            new TemperaturePoint(9, 40));

    assertThat(TemperatureCurve.drawn(filled)).isEqualTo(filled);
  }

  @Test
  void aBathThatCoolsIsDrawnToAThirdOfADegreeWithAFewReadings() {
    List<TemperaturePoint> cooling = readings(0, 600, m -> 20 + 40 * Math.exp(-m / 120));

    List<TemperaturePoint> drawn = TemperatureCurve.drawn(cooling);

    assertThat(drawn).hasSizeLessThan(20);
    assertThat(cooling)
        .allSatisfy(
            point ->
                assertThat(TemperatureCurve.at(drawn, point.minute()))
                    .isCloseTo(point.temperatureC(), within(TemperatureCurve.TOLERANCE_K + 0.06)));
  }

  @Test
  void nothingAndOneReadingStay() {
    assertThat(TemperatureCurve.drawn(List.of())).isEmpty();
    assertThat(TemperatureCurve.drawn(List.of(new TemperaturePoint(0, 41.26))))
        .containsExactly(new TemperaturePoint(0, 41.3));
  }

  @Test
  void isReadOffBetweenTwoReadingsAndStaysAtItsEnds() {
    List<TemperaturePoint> curve =
        List.of(new TemperaturePoint(2, 20), new TemperaturePoint(12, 60));

    assertThat(TemperatureCurve.at(curve, 4.5)).isEqualTo(30);
    assertThat(TemperatureCurve.at(curve, 0)).isEqualTo(20);
    assertThat(TemperatureCurve.at(curve, 90)).isEqualTo(60);
    assertThatThrownBy(() -> TemperatureCurve.at(List.of(), 1))
        .isInstanceOf(NoSuchElementException.class);
  }

  private static List<TemperaturePoint> readings(int from, int to, DoubleUnaryOperator curve) {
    return IntStream.rangeClosed(from, to)
        .mapToObj(m -> new TemperaturePoint(m, curve.applyAsDouble(m)))
        .toList();
  }
}
