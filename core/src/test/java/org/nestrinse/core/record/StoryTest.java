package org.nestrinse.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.said.Said;

/** Past rounds in their order, each with what it did differently. */
class StoryTest {
  private static PastRound round(long id, String school, int celsius) {
    return new PastRound(
        id,
        Instant.EPOCH.plusSeconds(id * 86_400),
        school,
        "Cottons",
        List.of(),
        new RoundFigures(
            13,
            1.2,
            new RoundFigures.Dose(60, 1.0, 1, false, Said.NOTHING),
            new RoundFigures.Bath(celsius, celsius, 20, 3, 1200, 0.6, 3),
            new RoundFigures.Estimate(80, 100, 5, 4, HygieneGoal.LIGHT, true, null, false),
            new RoundFigures.Spent(70, 1.2, 0.9, 150, 15)),
        List.of());
  }

  @Test
  void aWashAfterAResetIsComparedWithTheWashBeforeIt() {
    List<Story.Entry> story =
        Story.of(
            List.of(round(1, "hot", 60), round(2, PastRound.RESET, 90), round(3, "hot", 60)),
            Said::from);
    assertThat(story).extracting(e -> e.round().id()).containsExactly(1L, 2L, 3L);
    assertThat(story).allSatisfy(e -> assertThat(e.changes()).isEmpty());
  }

  @Test
  void whatChangedIsToldAtTheRoundThatDidItAndNotAgain() {
    List<Story.Entry> story =
        Story.of(
            List.of(round(1, "hot", 60), round(2, "cool", 40), round(3, "cool", 40)), Said::from);
    assertThat(story.get(0).changes()).isEmpty();
    assertThat(story.get(1).changes())
        .extracting(Said::saying)
        .containsExactly(Change.METHOD, Change.TEMPERATURE);
    assertThat(story.get(2).changes()).isEmpty();
  }
}
