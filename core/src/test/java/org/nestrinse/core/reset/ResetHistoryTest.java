package org.nestrinse.core.reset;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.judge.Seen;
import org.nestrinse.core.judge.Sign;

/** The resets of a kind, and what they have settled. */
class ResetHistoryTest {
  private static final Instant NOW = Instant.parse("2026-05-20T09:00:00Z");

  private static Instant ago(int days) {
    return NOW.minus(Duration.ofDays(days));
  }

  private static Seen greasy(int daysAgo) {
    return new Seen(Sign.FEEL, "greasy", ago(daysAgo), null);
  }

  @Test
  void onlyThoseOfAYearCount() {
    ResetHistory history = new ResetHistory(List.of(ago(10), ago(200), ago(400)), NOW);
    assertThat(history.inYear()).isEqualTo(2);
    assertThat(history.daysSince()).isEqualTo(10);
    assertThat(new ResetHistory(List.of(), NOW).daysSince()).isNull();
  }

  @Test
  void whatWasSeenBeforeTheLastResetIsSettledByIt() {
    List<Seen> seen = List.of(greasy(25), greasy(12), greasy(3));
    assertThat(new ResetHistory(List.of(ago(10)), NOW).unsettled(seen))
        .containsExactly(seen.get(2));
    assertThat(new ResetHistory(List.of(), NOW).unsettled(seen)).hasSize(3);
  }

  @Test
  void whatWasSeenLongAgoAsksForNothing() {
    assertThat(new ResetHistory(List.of(ago(300)), NOW).unsettled(List.of(greasy(60)))).isEmpty();
  }
}
