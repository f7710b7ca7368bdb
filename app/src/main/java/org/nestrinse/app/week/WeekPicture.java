package org.nestrinse.app.week;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.household.Household;
import org.nestrinse.app.presence.PresenceViews;
import org.nestrinse.app.time.TimeSaying;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.household.WeekAhead;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.shelf.WeekPlan;
import org.nestrinse.core.shelf.WeekQuestion;
import org.nestrinse.core.why.Why;

/** A laid week as it is shown. */
final class WeekPicture {
  private final WeekAhead ahead;
  private final Household household;
  private final ZoneId zone;
  private final Instant now;
  private final TimeWords words;

  WeekPicture(WeekAhead ahead, Household household, Instant now) {
    this.ahead = ahead;
    this.household = household;
    this.zone = household.zoneId();
    this.now = now;
    this.words = new TimeWords(zone, now);
  }

  /** Returns it with what the household said. */
  WeekViews.Week week(PresenceViews.Settings settings, @Nullable Instant maintainedAt) {
    double without = WeekPlan.of(ahead.question()).cost();
    boolean moved = ahead.plan().rounds().stream().anyMatch(WeekPlan.Round::pinned);
    Map<String, Why> whys = new LinkedHashMap<>();
    List<WeekViews.Planned> shown = new ArrayList<>();
    for (int i = 0; i < ahead.plan().rounds().size(); i++) {
      WeekPlan.Round r = ahead.plan().rounds().get(i);
      boolean hot = Integer.valueOf(i).equals(ahead.extras().hotRound());
      shown.add(round(r, hot));
      whys.put(
          r.start().toInstant().toString(),
          r.why(ahead.question(), words.at(r.start().toInstant())));
    }
    return WeekViewsWeekBuilder.builder()
        .now(now)
        .dates(dates())
        .rounds(shown)
        .extras(
            ahead.extras().runs().stream()
                .map(
                    e ->
                        new WeekViews.Extra(
                            e.sort(),
                            e.sort().said(),
                            e.start().toInstant(),
                            e.end().toInstant(),
                            words.at(e.start().toInstant())))
                .toList())
        .there(there())
        .nights(nights())
        .money(ahead.plan().rounds().stream().mapToDouble(WeekPlan.Round::money).sum())
        .moveCost(moved ? Math.max(0, ahead.plan().cost() - without) : 0)
        .maintainedWords(maintainedAt == null ? null : words.at(maintainedAt))
        .settings(settings)
        .whys(whys)
        .build();
  }

  /** Today and the days after it, from midnight to midnight in the house. */
  private List<WeekViews.Day> dates() {
    List<WeekViews.Day> dates = new ArrayList<>();
    LocalDate today = now.atZone(zone).toLocalDate();
    for (int day = 0; day <= WeekAhead.DAYS; day++) {
      LocalDate date = today.plusDays(day);
      dates.add(
          new WeekViews.Day(
              date,
              date.atStartOfDay(zone).toInstant(),
              date.plusDays(1).atStartOfDay(zone).toInstant(),
              Said.of(TimeSaying.DAY_AND_DATE).with("day", date.getDayOfWeek()).with("date", date),
              Said.from(date.getDayOfWeek())));
    }
    return dates;
  }

  private WeekViews.Planned round(WeekPlan.Round r, boolean hot) {
    List<WeekViews.Moment> steps = new ArrayList<>();
    step(steps, r.start(), hot ? WeekSaying.HOT_WASH_STEP : WeekSaying.WASH_STEP);
    step(steps, r.bulkAt(), WeekSaying.ADD_STEP);
    step(steps, r.hangAt(), WeekSaying.HANG_STEP);
    step(steps, r.turnAt(), WeekSaying.TURN_STEP);
    step(steps, r.bringInAt(), WeekSaying.BRING_IN_STEP);
    step(steps, r.foldAt(), WeekSaying.FOLD_STEP);
    List<Said> notes = new ArrayList<>(r.objections().stream().map(o -> o.said()).toList());
    if (r.late()) {
      notes.add(WeekSaying.WAITED_TOO_LONG.said());
    }
    if (r.missing() >= 1) {
      notes.add(Said.of(WeekSaying.NOTHING_CLEAN).with("uses", (int) r.missing()));
    }
    return WeekViewsPlannedBuilder.builder()
        .start(r.start().toInstant())
        .hang(r.hangAt().toInstant())
        .dry(r.dryAt().toInstant())
        .startWords(words.at(r.start().toInstant()))
        .steps(steps)
        .pieces(r.pieces())
        .money(r.money())
        .hot(hot)
        .pinned(r.pinned())
        .notes(notes)
        .carers(r.carers())
        .build();
  }

  private void step(List<WeekViews.Moment> steps, @Nullable ZonedDateTime at, WeekSaying what) {
    if (at != null) {
      steps.add(new WeekViews.Moment(at.toInstant(), what.said(), words.at(at.toInstant())));
    }
  }

  private List<WeekViews.Span> there() {
    List<WeekViews.Span> spans = new ArrayList<>();
    ZonedDateTime midnight = now.atZone(zone).truncatedTo(ChronoUnit.DAYS);
    for (int day = 0; day <= WeekAhead.DAYS; day++) {
      ZonedDateTime date = midnight.plusDays(day);
      for (WeekQuestion.Presence p : ahead.question().presence()) {
        if (p.day() == date.getDayOfWeek()) {
          spans.add(
              new WeekViews.Span(
                  Said.from(p.carer()),
                  date.with(p.from()).toInstant(),
                  date.with(p.to()).toInstant()));
        }
      }
    }
    return spans;
  }

  private List<WeekViews.Span> nights() {
    List<WeekViews.Span> spans = new ArrayList<>();
    if (household.nightPerKwh() >= household.dayPerKwh()) {
      return spans;
    }
    ZonedDateTime midnight = now.atZone(zone).truncatedTo(ChronoUnit.DAYS);
    for (int day = 0; day <= WeekAhead.DAYS; day++) {
      ZonedDateTime from = midnight.plusDays(day).with(household.nightFrom());
      ZonedDateTime to = midnight.plusDays(day).with(household.nightTo());
      spans.add(
          new WeekViews.Span(
              WeekSaying.NIGHT_PRICE.said(),
              from.toInstant(),
              (to.isAfter(from) ? to : to.plusDays(1)).toInstant()));
    }
    return spans;
  }
}
