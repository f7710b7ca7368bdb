package org.nestrinse.app.demo;

import java.time.Instant;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Provides the one clock, which everybody else knows as a {@link java.time.Clock}; {@code
 * nest.clock.start} sets it to a moment from which it ticks on, for tests and pictures, and with
 * {@code nest.clock.stands} it stays there, to compare two releases.
 */
@Configuration
class ClockConfiguration {
  @Bean
  TravellingClock clock(
      @Value("${nest.clock.start:}") String start,
      @Value("${nest.clock.stands:false}") boolean stands) {
    if (start.isBlank()) {
      return new TravellingClock();
    }
    Instant moment = Instant.parse(start);
    return stands ? TravellingClock.standingAt(moment) : TravellingClock.startingAt(moment);
  }
}
