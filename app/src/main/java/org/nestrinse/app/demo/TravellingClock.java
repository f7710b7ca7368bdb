package org.nestrinse.app.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * A clock that can be moved to another moment for what one thread does. That is how the demo
 * household lives through its past with the real services, which see nothing but a clock.
 */
public final class TravellingClock extends Clock {
  private final Clock base;
  private volatile Duration ahead = Duration.ZERO;
  private final ThreadLocal<@Nullable Instant> moved = new ThreadLocal<>();

  /** Makes a clock that ticks with the machine's. */
  public TravellingClock() {
    this(Clock.systemUTC());
  }

  private TravellingClock(Clock base) {
    this.base = base;
  }

  /** Returns a clock that shows {@code start} now and ticks on from there. */
  public static TravellingClock startingAt(Instant start) {
    return new TravellingClock(
        Clock.offset(Clock.systemUTC(), Duration.between(Instant.now(), start)));
  }

  /** Returns a clock that shows {@code moment} for ever. */
  public static TravellingClock standingAt(Instant moment) {
    return new TravellingClock(Clock.fixed(moment, ZoneOffset.UTC));
  }

  /** Sets the clock forward, or back when the duration is negative, as a device's clock is set. */
  public void forward(Duration by) {
    ahead = ahead.plus(by);
  }

  /** Does {@code work} at another moment. */
  public void doAt(Instant moment, Runnable work) {
    at(
        moment,
        () -> {
          work.run();
          return moment;
        });
  }

  /** Returns what {@code work} returns when it is done at another moment. */
  public <T> T at(Instant moment, Supplier<T> work) {
    Instant before = moved.get();
    moved.set(moment);
    try {
      return work.get();
    } finally {
      if (before == null) {
        moved.remove();
      } else {
        moved.set(before);
      }
    }
  }

  @Override
  public Instant instant() {
    Instant moment = moved.get();
    return moment == null ? base.instant().plus(ahead) : moment;
  }

  @Override
  public ZoneId getZone() {
    return ZoneOffset.UTC;
  }

  @Override
  public Clock withZone(ZoneId zone) {
    return base.withZone(zone);
  }
}
