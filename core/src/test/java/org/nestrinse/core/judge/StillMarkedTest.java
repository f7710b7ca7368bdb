package org.nestrinse.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

class StillMarkedTest {
  private static StillMarked.Sight look(String kind, boolean marked, int day) {
    return new StillMarked.Sight(kind, marked, day(day));
  }

  private static Instant day(int day) {
    return Instant.parse("2026-05-01T08:00:00Z").plusSeconds(86_400L * day);
  }

  @Test
  void aMarkIsRememberedFromItsFirstDayUntilItIsGone() {
    StillMarked.Sight seen = look("bib", true, 1);
    assertThat(StillMarked.of(List.of(seen, look("bib", true, 4))))
        .containsExactly(new StillMarked("bib", day(1)));
    assertThat(StillMarked.of(List.of(seen, look("bib", false, 4)))).isEmpty();
    assertThat(StillMarked.of(List.of(seen, look("bib", false, 4), look("bib", true, 9))))
        .containsExactly(new StillMarked("bib", day(9)));
  }

  @Test
  void eachKindHasItsOwnMarksTheLongestFirst() {
    assertThat(
            StillMarked.of(
                List.of(look("bib", true, 1), look("muslin", true, 2), look("towel", false, 3))))
        .extracting(StillMarked::kind)
        .containsExactly("bib", "muslin");
  }
}
