package org.nestrinse.app.dry;

import java.time.Instant;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.dry.DrySaying;
import org.nestrinse.core.dry.DrySpan;
import org.nestrinse.core.dry.Spot;
import org.nestrinse.core.dry.plan.Course;
import org.nestrinse.core.said.Said;

/** When things are dry, in words. */
final class DryTimes {
  private final DryingNow facts;
  private final Instant now;
  private final TimeWords words;

  DryTimes(DryingNow facts) {
    this.facts = facts;
    this.now = facts.now();
    this.words = new TimeWords(facts.household().zoneId(), now);
  }

  /** A span to the half hour, and that it will smell where nothing can prevent it. */
  Said of(Course c) {
    DrySpan span = c.span(checked(c));
    if (span == null) {
      return of(c.dryBy());
    }
    LocalTime to =
        LocalTime.ofInstant(span.to(), facts.household().zoneId()).truncatedTo(ChronoUnit.MINUTES);
    Said told =
        span.from().isBefore(now)
            ? Said.of(DryingSaying.BY).with("time", words.at(span.to()))
            : Said.of(DryingSaying.FROM_TO).with("from", words.at(span.from())).with("to", to);
    return c.dampTooLong()
        ? Said.of(DryingSaying.BUT_SMELLS).with("when", told).with("smell", DrySaying.WILL_SMELL)
        : told;
  }

  /** Whether touch checks have taught the place where it ends. */
  private boolean checked(Course c) {
    Spot last = c.legs().get(c.legs().size() - 1).spot();
    return last != null && facts.factor(last.placeId(), c.batch().kind().id()) != 1;
  }

  /** Returns a moment, or that it takes longer than can be foreseen. */
  Said of(@Nullable Instant by) {
    return by == null ? DryingSaying.NOT_IN_FOUR_DAYS.said() : words.at(by);
  }
}
