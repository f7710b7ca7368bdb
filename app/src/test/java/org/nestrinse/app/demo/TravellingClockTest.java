package org.nestrinse.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;

class TravellingClockTest {
  private static final Instant NOW = Instant.parse("2026-05-20T10:00:00Z");

  @Test
  void itMovesForOneThreadAndBack() {
    TravellingClock clock = TravellingClock.startingAt(NOW);
    Instant past = Instant.parse("2026-01-01T00:00:00Z");
    assertThat(clock.at(past, clock::instant)).isEqualTo(past);
    assertThat(clock.instant()).isAfterOrEqualTo(NOW);
  }

  @Test
  void setForwardItStaysAhead() {
    TravellingClock clock = TravellingClock.standingAt(NOW);
    clock.forward(Duration.ofHours(3));
    assertThat(clock.instant()).isEqualTo(NOW.plus(Duration.ofHours(3)));
  }
}
