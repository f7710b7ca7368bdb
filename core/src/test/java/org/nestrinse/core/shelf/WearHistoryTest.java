package org.nestrinse.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.nestrinse.core.Pieces;

/** What happens to some of a kind is spread evenly over all of it. */
class WearHistoryTest {
  private static final TextileLife.Wash HOT = new TextileLife.Wash(60, true, false);
  private static final TextileLife.Wash COOL = new TextileLife.Wash(38, false, false);

  private static WearHistory.Some some(int pieces, int owned) {
    return new WearHistory.Some(Pieces.TRIFOLD, pieces, owned);
  }

  @Test
  void aWashOfHalfIsHalfAWashOfEach() {
    WearHistory half = WearHistory.NEW.washed(some(6, 12), HOT);
    assertThat(half.washes()).isEqualTo(0.5);
    assertThat(half.hotWashes()).isEqualTo(0.5);
    assertThat(half.bleaches()).isEqualTo(0.5);
    WearHistory twice = half.washed(some(6, 12), HOT);
    WearHistory all = WearHistory.NEW.washed(some(12, 12), HOT);
    assertThat(twice.used()).isCloseTo(all.used(), within(1e-9));
  }

  @Test
  void aCoolWashIsNeitherHotNorBleached() {
    WearHistory cool = WearHistory.NEW.washed(some(3, 12), COOL);
    assertThat(cool.hotWashes()).isZero();
    assertThat(cool.bleaches()).isZero();
    assertThat(cool.used()).isPositive();
  }

  @Test
  void moreWashedThanOwnedCountsOnceForEach() {
    assertThat(WearHistory.NEW.washed(some(9, 5), COOL).washes()).isEqualTo(1);
  }

  @Test
  void takenBackItIsAsBeforeAndNeverLessThanNothing() {
    WearHistory washed = WearHistory.NEW.washed(some(12, 12), COOL);
    WearHistory dried = washed.dried(some(6, 12), 4, 1);
    assertThat(dried.tumbleHours()).isEqualTo(0.5);
    assertThat(dried.sunHours()).isEqualTo(2);
    WearHistory back = dried.notDried(some(6, 12), 4, 1);
    assertThat(back.used()).isCloseTo(washed.used(), within(1e-9));
    assertThat(back.tumbleHours()).isZero();
    assertThat(WearHistory.NEW.notDried(some(6, 12), 4, 1)).isEqualTo(WearHistory.NEW);
  }
}
