package org.nestrinse.app.changes;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.EnumMap;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import org.nestrinse.app.house.House;
import org.springframework.stereotype.Component;

/**
 * A number for each household that grows with everything that is written. What was answered stays
 * true for as long as the number stands and the clock is within the same few minutes.
 */
@Component
public class ChangeCount {
  /**
   * Weather, waiting hours and drying go on by themselves; nothing shown moves faster than this.
   */
  private static final Duration SLICE = Duration.ofMinutes(5);

  private final String run = UUID.randomUUID().toString().substring(0, 8);
  private final Map<House, AtomicLong> numbers = new EnumMap<>(House.class);
  private final Clock clock;

  ChangeCount(Clock clock) {
    this.clock = clock;
    for (House house : House.values()) {
      numbers.put(house, new AtomicLong());
    }
  }

  /** Counts a change in the household that the thread works for. */
  public void count() {
    numbers.get(House.current()).incrementAndGet();
  }

  /**
   * What an answer depends on.
   *
   * @param run of the application; the numbers begin anew with each
   * @param house the household
   * @param number how much was changed in it
   * @param slice the minutes in which the answer is true
   */
  record State(String run, House house, long number, Instant slice) {
    /** Returns it as a weak ETag of the answer in these words. */
    String tag(String voice) {
      return "W/\"%s-%s-%d-%d-%s\""
          .formatted(
              run, house, number, slice.getEpochSecond(), Integer.toHexString(voice.hashCode()));
    }
  }

  /** Returns what an answer of now depends on, in the household that the thread works for. */
  State state() {
    Instant now = clock.instant();
    long within = Math.floorMod(now.getEpochSecond(), SLICE.toSeconds());
    House house = House.current();
    return new State(
        run, house, numbers.get(house).get(), Instant.ofEpochSecond(now.getEpochSecond() - within));
  }
}
