package org.nestrinse.app.week;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.presence.WeekSettings;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.core.household.WeekAhead;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The rounds of the coming seven days, from pails, shelf, weather, prices and people. */
@Service
public class WeekService {
  private static final Range HOUR = new Range(0, 23, Unit.HOUR);

  private final WeekSettings settings;
  private final WeekPlanning planning;
  private final WeekPinRepository pins;
  private final HouseholdService households;
  private final Clock clock;

  WeekService(
      WeekSettings settings,
      WeekPlanning planning,
      WeekPinRepository pins,
      HouseholdService households,
      Clock clock) {
    this.settings = settings;
    this.planning = planning;
    this.pins = pins;
    this.households = households;
    this.clock = clock;
  }

  /**
   * A round that is moved.
   *
   * @param date the day on which it shall start, in the house
   * @param hour the hour of that day
   * @param instead which start it had; null when it is added
   */
  public record Move(@Nullable LocalDate date, @Nullable Integer hour, @Nullable Instant instead) {}

  /** Returns the coming days. */
  @Transactional(readOnly = true)
  public WeekViews.Week week() {
    return new WeekPicture(planning.ahead(), households.current(), clock.instant())
        .week(settings.view(), settings.maintainedAt());
  }

  /** Moves a round to another hour, where it stays; the rest is laid out around it. */
  @Transactional
  public void move(Move move) {
    if (move.date == null) {
      throw new OutOfRange("date", Allowed.MISSING, WeekSaying.START_DAY);
    }
    int hour = RequestChecks.whole("hour", move.hour, HOUR);
    Instant now = clock.instant();
    ZoneId zone = households.current().zoneId();
    LocalDate today = now.atZone(zone).toLocalDate();
    if (move.date.isBefore(today) || move.date.isAfter(today.plusDays(WeekAhead.DAYS))) {
      throw new OutOfRange(
          "date",
          move.date,
          Said.of(WeekSaying.A_DAY_FROM)
              .with("from", today)
              .with("to", today.plusDays(WeekAhead.DAYS)));
    }
    // An hour that the clocks leave out is the one after it.
    Instant start = move.date.atTime(hour, 0).atZone(zone).toInstant();
    if (!start.isAfter(now) || start.isAfter(now.plus(Duration.ofHours(WeekAhead.HOURS)))) {
      throw new OutOfRange("hour", hour, WeekSaying.COMING_HOUR);
    }
    if (move.instead != null) {
      pins.deleteAllById(
          pins.findAllById(List.of(move.instead)).stream().map(p -> p.startAt).toList());
    }
    WeekPinEntity pin = new WeekPinEntity();
    pin.startAt = start;
    pins.saveAndFlush(pin);
    // Refused, and with it undone, when two rounds would overlap. The snapshot holds no starts.
    planning.ahead();
  }

  /** Lets a round that was moved go back to where the plan wants it. */
  @Transactional
  public void free(Instant start) {
    if (!pins.existsById(start)) {
      throw new StateConflict(WeekSaying.NOT_MOVED);
    }
    pins.deleteAllById(pins.findAllById(List.of(start)).stream().map(p -> p.startAt).toList());
  }
}
