package org.nestrinse.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;

class RangeTest {
  private static final Range SHARE = new Range(0.25, 1.5, Unit.KILOGRAM);

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
              assertThat(e.value()).isEqualTo(Said.from(String.valueOf(value)));
              assertThat(e.allowed())
                  .isEqualTo(
                      Said.of(Allowed.RANGE)
                          .with("from", new Quantity(0.25, Unit.KILOGRAM, 6))
                          .with("to", new Quantity(1.5, Unit.KILOGRAM, 6)));
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
    assertThatThrownBy(() -> Limits.RINSES.check("rinses", 9)).hasMessageContaining("rinses=9");
  }
}
