package org.nestrinse.app.week;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.List;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.ComponentList;
import net.fortuna.ical4j.model.PropertyList;
import net.fortuna.ical4j.model.component.CalendarComponent;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.nestrinse.app.speech.Speech;
import org.nestrinse.core.said.Said;
import org.springframework.stereotype.Service;

/**
 * The week as iCalendar: one event for each thing that a person does. Times are given in universal
 * time, so that every calendar shows them right on both sides of a change to summer time.
 */
@Service
class WeekCalendar {
  private static final long ATTENDED_MINUTES = 10;
  private static final String PRODUCT = "-//Nest Rinse//Week 1//EN";

  private final WeekService week;
  private final Clock clock;
  private final Speech speech;

  WeekCalendar(WeekService week, Clock clock, Speech speech) {
    this.week = week;
    this.clock = clock;
    this.speech = speech;
  }

  /** Returns the calendar as text. */
  String text() {
    WeekViews.Week now = week.week();
    List<CalendarComponent> events = new ArrayList<>();
    for (WeekViews.Planned round : now.rounds()) {
      Said about = about(round);
      for (WeekViews.Moment step : round.steps()) {
        events.add(event(step.at(), step.words(), about));
      }
    }
    for (WeekViews.Extra extra : now.extras()) {
      events.add(event(extra.start(), extra.words(), WeekSaying.BESIDE_NAPPIES.said()));
    }
    PropertyList properties =
        new PropertyList(
            List.of(
                new ProdId(PRODUCT), ImmutableVersion.VERSION_2_0, ImmutableCalScale.GREGORIAN));
    return new Calendar(properties, new ComponentList<>(events)).toString();
  }

  private static Said about(WeekViews.Planned round) {
    List<Said> all = new ArrayList<>();
    all.add(Said.of(WeekSaying.ABOUT_PIECES).with("pieces", round.pieces()));
    if (!round.carers().isEmpty()) {
      all.add(Said.of(WeekSaying.THERE).with("people", Said.either(round.carers())));
    }
    if (!round.notes().isEmpty()) {
      all.add(Said.of(WeekSaying.AGAINST).with("notes", Said.row(round.notes())));
    }
    return Said.sentences(all);
  }

  private VEvent event(Instant at, Said what, Said about) {
    String title = speech.ofTheHouse().words(what.capital());
    VEvent event = new VEvent((Temporal) at, at.plusSeconds(ATTENDED_MINUTES * 60), title);
    event.replace(new DtStamp(clock.instant()));
    event.add(new Uid("%s-%d@nest-rinse".formatted(title.replace(' ', '-'), at.getEpochSecond())));
    event.add(new Description(speech.ofTheHouse().words(about)));
    return event;
  }
}
