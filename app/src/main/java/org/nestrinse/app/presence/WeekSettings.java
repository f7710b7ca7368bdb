package org.nestrinse.app.presence;

import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.person.Person;
import org.nestrinse.app.kit.person.PersonService;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.Stale;
import org.nestrinse.app.problem.What;
import org.nestrinse.core.shelf.WeekExtras;
import org.nestrinse.core.shelf.WeekQuestion;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the household says about its weeks, and when people are there. */
@Service
public class WeekSettings {
  private static final Range VERSION = new Range(0, Integer.MAX_VALUE);

  private final WeekSettingRepository settings;
  private final PersonTimeRepository times;
  private final PersonService people;
  private final Clock clock;

  WeekSettings(
      WeekSettingRepository settings,
      PersonTimeRepository times,
      PersonService people,
      Clock clock) {
    this.settings = settings;
    this.times = times;
    this.people = people;
    this.clock = clock;
  }

  /** What is sent to change what the household says about its weeks. */
  public record Change(
      @Nullable Integer version,
      @Nullable LocalTime quietFrom,
      @Nullable LocalTime quietTo,
      @Nullable Integer householdEveryDays) {}

  /** When a person is there: on some days, between two times; no days for never. */
  public record TimeChange(
      @Nullable List<@Nullable DayOfWeek> days, @Nullable LocalTime from, @Nullable LocalTime to) {}

  /** Changes what the household says about its weeks. */
  @Transactional
  public void change(Change c) {
    WeekSettingEntity e = setting();
    if (e.version != RequestChecks.whole("version", c.version, VERSION)) {
      throw new Stale(What.WEEK, view(e));
    }
    if ((c.quietFrom == null) != (c.quietTo == null)) {
      throw new OutOfRange(
          c.quietFrom == null ? "quietFrom" : "quietTo",
          Allowed.MISSING,
          PresenceSaying.BOTH_TIMES);
    }
    e.quietFrom = c.quietFrom;
    e.quietTo = c.quietTo;
    e.householdEveryDays =
        RequestChecks.whole(
            "householdEveryDays", c.householdEveryDays, WeekExtras.HOUSEHOLD_EVERY_DAYS);
    settings.saveAndFlush(e);
  }

  /** Keeps when a person is there. */
  @Transactional
  public void there(long personId, TimeChange c) {
    if (people.all().stream().noneMatch(p -> p.id() == personId)) {
      throw new NotFound(What.PERSON, personId);
    }
    if (c.days == null) {
      throw new OutOfRange("days", Allowed.MISSING, PresenceSaying.DAYS_OF_WEEK);
    }
    if (!c.days.isEmpty() && (c.from == null || c.to == null)) {
      throw new OutOfRange(c.from == null ? "from" : "to", Allowed.MISSING, PresenceSaying.A_TIME);
    }
    times.deleteByPersonId(personId);
    if (c.days.isEmpty()) {
      return;
    }
    if (c.from == null || c.to == null) {
      throw new OutOfRange(c.from == null ? "from" : "to", Allowed.MISSING, PresenceSaying.A_TIME);
    }
    for (DayOfWeek day : RequestChecks.list("days", c.days)) {
      // Checks that it ends after it begins.
      new WeekQuestion.Presence("", day, c.from, c.to);
      PersonTimeEntity e = new PersonTimeEntity();
      e.personId = personId;
      e.dayOfWeek = day;
      e.fromTime = c.from;
      e.toTime = c.to;
      times.save(e);
    }
  }

  /** Returns when the machine was maintained last, or null when nobody said. */
  @Transactional(readOnly = true)
  public @Nullable Instant maintainedAt() {
    return settings.findAll().stream().findFirst().map(s -> s.maintainedAt).orElse(null);
  }

  /** Keeps that the machine was maintained now. */
  @Transactional
  public void maintained() {
    WeekSettingEntity e = setting();
    e.maintainedAt = clock.instant();
    settings.saveAndFlush(e);
  }

  /** The ones that were said, or the usual ones. */
  private WeekSettingEntity setting() {
    return settings.findById(WeekSettingEntity.ONLY).orElseGet(WeekSettingEntity::new);
  }

  /** Returns them as they are shown. */
  @Transactional(readOnly = true)
  public PresenceViews.Settings view() {
    return view(setting());
  }

  /** Returns when the machine must not run, or null when it always may. */
  @Transactional(readOnly = true)
  public WeekQuestion.@Nullable Quiet quiet() {
    WeekSettingEntity e = setting();
    return e.quietFrom == null || e.quietTo == null
        ? null
        : new WeekQuestion.Quiet(e.quietFrom, e.quietTo);
  }

  /** Returns the days between loads of other laundry, 0 for none. */
  @Transactional(readOnly = true)
  public int householdEveryDays() {
    return setting().householdEveryDays;
  }

  private PresenceViews.Settings view(WeekSettingEntity e) {
    Map<Long, String> names =
        people.all().stream().collect(Collectors.toMap(Person::id, Person::name));
    Map<List<Object>, PresenceViews.Time> byPerson = new LinkedHashMap<>();
    times.findAll().stream()
        .filter(t -> t.dayOfWeek != null)
        .sorted(Comparator.comparing(t -> t.id))
        .forEach(
            t ->
                byPerson.merge(
                    List.of(t.personId, t.fromTime, t.toTime),
                    new PresenceViews.Time(
                        t.personId,
                        names.getOrDefault(t.personId, ""),
                        List.of(t.dayOfWeek),
                        t.fromTime,
                        t.toTime),
                    (a, b) -> {
                      List<DayOfWeek> days = new ArrayList<>(a.days());
                      days.addAll(b.days());
                      return new PresenceViews.Time(a.personId(), a.name(), days, a.from(), a.to());
                    }));
    return new PresenceViews.Settings(
        e.version, e.quietFrom, e.quietTo, e.householdEveryDays, List.copyOf(byPerson.values()));
  }

  /** Returns when people are there. */
  @Transactional(readOnly = true)
  public List<WeekQuestion.Presence> presence() {
    Map<Long, String> names =
        people.all().stream().collect(Collectors.toMap(Person::id, Person::name));
    return times.findAll().stream()
        .filter(t -> t.dayOfWeek != null)
        .map(
            t ->
                new WeekQuestion.Presence(
                    names.getOrDefault(t.personId, "somebody"), t.dayOfWeek, t.fromTime, t.toTime))
        .toList();
  }
}
