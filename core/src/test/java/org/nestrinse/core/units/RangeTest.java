package org.nestrinse.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RangeTest {
  private static final Range SHARE = new Range(0.25, 1.5, "kg");

  @ParameterizedTest
  @ValueSource(doubles = {0.25, 1, 1.5})
  void theEndsBelongToIt(double value) {
    assertThat(SHARE.check("x", value)).isEqualTo(value);
    assertThat(SHARE.clamp(value)).isEqualTo(value);
  }

  @ParameterizedTest
  @ValueSource(
      doubles = {
        0.2499,
        1.5001,
        -1e9,
        1e300,
        Double.NaN,
        Double.POSITIVE_INFINITY,
        Double.NEGATIVE_INFINITY
      })
  void whatIsOutsideIsNamedWithItsRange(double value) {
    assertThatThrownBy(() -> SHARE.check("mass", value))
        .isInstanceOfSatisfying(
            OutOfRange.class,
            e -> {
              assertThat(e.field()).isEqualTo("mass");
              assertThat(e.value()).isEqualTo(String.valueOf(value));
              assertThat(e.allowed()).isEqualTo("0.25 to 1.5 kg");
            });
  }

  @Test
  void clampingMovesToTheNearestEnd() {
    assertThat(SHARE.clamp(-3)).isEqualTo(0.25);
    assertThat(SHARE.clamp(3)).isEqualTo(1.5);
  }

  @Test
  void wholeNumbersAreCheckedToo() {
    assertThat(Limits.RINSES.check("rinses", 8)).isEqualTo(8);
    assertThatThrownBy(() -> Limits.RINSES.check("rinses", 9))
        .hasMessage("rinses is 9; allowed is 0 to 8.");
  }

  @Test
  void numbersAreReadable() {
    assertThat(Numbers.of(0.1 + 0.2, 2)).isEqualTo("0.3");
    assertThat(Numbers.of(-0.0001, 2)).isEqualTo("0");
    assertThat(Numbers.fixed(2, 2)).isEqualTo("2.00");
    assertThat(Numbers.percent(0.685)).isEqualTo("69 %");
    assertThat(Numbers.plain(1e-3)).isEqualTo("0.001");
  }
}
