package org.nestrinse.core.sort;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;

class PlacementsTest {
  private static final int WAITS = Placements.WAITS;

  @Test
  void loadsAreNumberedInTheOrderOfTheirFirstHeap() {
    assertThat(Placements.withoutGaps(new int[] {3, WAITS, 1, 3, 0}))
        .containsExactly(0, WAITS, 1, 0, 2);
  }

  @Test
  void numberingAgainChangesNothing() {
    Random random = new Random(5);
    for (int i = 0; i < 200; i++) {
      int[] where = random.ints(8, WAITS, 8).toArray();
      int[] tidy = Placements.withoutGaps(where);
      assertThat(Placements.withoutGaps(tidy)).containsExactly(tidy);
      assertThat(Placements.loads(tidy)).isLessThanOrEqualTo(8);
      for (int a = 0; a < 8; a++) {
        for (int b = 0; b < 8; b++) {
          assertThat(tidy[a] == tidy[b])
              .as("the same pieces together")
              .isEqualTo(where[a] == where[b]);
        }
      }
    }
  }

  @Test
  void nothingPlacedIsNoLoad() {
    assertThat(Placements.loads(new int[] {WAITS, WAITS})).isZero();
    assertThat(Placements.loads(new int[0])).isZero();
  }

  @Test
  void whatIsDueFirstLeads() {
    assertThat(Placements.inOrder(new int[] {7, 2, 5})).containsExactly(1, 2, 0);
  }
}
