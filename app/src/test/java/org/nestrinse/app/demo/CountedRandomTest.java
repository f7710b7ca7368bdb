package org.nestrinse.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What was packed one day goes on another day as if it had never stopped. */
class CountedRandomTest {
  private static final long SEED = 53;

  @Test
  void goesOnWhereAnotherStopped() {
    CountedRandom first = new CountedRandom(SEED, 0);
    for (int i = 0; i < 40; i++) {
      first.nextInt(10);
      first.nextDouble();
      first.nextInt(6);
    }
    CountedRandom second = new CountedRandom(SEED, first.drawn());
    assertThat(second.drawn()).isEqualTo(first.drawn());
    for (int i = 0; i < 40; i++) {
      assertThat(second.nextInt(5)).isEqualTo(first.nextInt(5));
      assertThat(second.nextDouble()).isEqualTo(first.nextDouble());
    }
  }
}
