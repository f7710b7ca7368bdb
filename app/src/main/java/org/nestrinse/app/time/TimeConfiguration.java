package org.nestrinse.app.time;

import java.time.Instant;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Provides the clock; {@code nest.clock.start} sets it to a moment from which it ticks on, for
 * tests and pictures.
 */
@Configuration
class TimeConfiguration {
  @Bean
  HouseClock houseClock(@Value("${nest.clock.start:}") String start) {
    return start.isBlank() ? new HouseClock() : HouseClock.startingAt(Instant.parse(start));
  }
}
