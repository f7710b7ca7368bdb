package org.nestrinse.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.SHELL;

import org.junit.jupiter.api.Test;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.OutOfRange;

class TextileLifeTest {
  private static double takes(Kind kind, double peakC, boolean oxygen, boolean chlorine) {
    return TextileLife.takes(kind, new TextileLife.Wash(peakC, oxygen, chlorine));
  }

  @Test
  void theWeakestPartDecides() {
    assertThat(TextileLife.expected(GLASS_CLOTH)).isEqualTo(500);
    assertThat(TextileLife.expected(SHELL)).isEqualTo(250);
    assertThat(TextileLife.expected(HAND_TOWEL)).isEqualTo(400);
  }

  @Test
  void anOrdinaryWashTakesOneAndEverythingElseMore() {
    assertThat(takes(HAND_TOWEL, 40, false, false)).isEqualTo(1);
    assertThat(takes(HAND_TOWEL, 20, false, false)).isEqualTo(1);
    assertThat(takes(HAND_TOWEL, 60, false, false)).isCloseTo(1.41, within(0.01));
    assertThat(takes(SHELL, 60, false, false))
        .as("elastic suffers more from heat")
        .isGreaterThan(takes(HAND_TOWEL, 60, false, false));
    assertThat(takes(HAND_TOWEL, 40, true, false)).isGreaterThan(1);
    assertThat(takes(HAND_TOWEL, 40, false, true))
        .isGreaterThan(takes(HAND_TOWEL, 40, true, false));
    assertThat(TextileLife.dryingTakes(SHELL, 3, 0)).isPositive();
    assertThat(TextileLife.dryingTakes(HAND_TOWEL, 3, 0)).as("sun does towels good").isZero();
    assertThat(TextileLife.dryingTakes(HAND_TOWEL, 0, 1)).isPositive();
  }

  @Test
  void aUseCostsThePriceOverTheLifeAndMoreWhenItIsHard() {
    TextileLife gentle = new TextileLife(400, 100);
    assertThat(gentle.costPerUse(8, 100)).isCloseTo(0.02, within(1e-9));
    assertThat(new TextileLife(400, 200).costPerUse(8, 100)).isCloseTo(0.04, within(1e-9));
    assertThat(new TextileLife(400, 0).costPerUse(8, 0)).isCloseTo(0.02, within(1e-9));
    assertThat(gentle.look()).isFalse();
    assertThat(new TextileLife(400, 320).look()).isTrue();
    assertThatThrownBy(() -> gentle.costPerUse(-1, 1)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new TextileLife.Wash(140, false, false))
        .isInstanceOf(OutOfRange.class);
  }
}
