package org.nestrinse.app.time;

import java.time.Instant;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Provides the clock; {@code nest.clock.start} sets it to a moment from which it ticks on, for
 * tests and pictures, and with {@code nest.clock.stands} it stays there, to compare two releases.
 */
@Configuration
class TimeConfiguration {
  @Bean
  HouseClock houseClock(
      @Value("${nest.clock.start:}") String start,
      @Value("${nest.clock.stands:false}") boolean stands) {
    if (start.isBlank()) {
      return new HouseClock();
    }
    Instant moment = Instant.parse(start);
    return stands ? HouseClock.standingAt(moment) : HouseClock.startingAt(moment);
  }
}
