package org.nestrinse.app.week;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.dry.WeatherService;
import org.nestrinse.app.gather.GatherService;
import org.nestrinse.app.gather.NormalDayService;
import org.nestrinse.app.gather.Waiting;
import org.nestrinse.app.kit.Household;
import org.nestrinse.app.kit.HouseholdService;
import org.nestrinse.app.kit.KindService;
import org.nestrinse.app.kit.MachineService;
import org.nestrinse.app.kit.Person;
import org.nestrinse.app.kit.PersonService;
import org.nestrinse.app.kit.PlaceService;
import org.nestrinse.app.problem.Given;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.NotNow;
import org.nestrinse.app.problem.Stale;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.rhythm.CoverService;
import org.nestrinse.app.shelf.ShelfService;
import org.nestrinse.app.time.HouseClock;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.app.wash.RoundService;
import org.nestrinse.app.wash.WashViews;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.record.RoundFigures;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.shelf.SlowestDrying;
import org.nestrinse.core.shelf.TextileLife;
import org.nestrinse.core.shelf.WeekExtras;
import org.nestrinse.core.shelf.WeekPlan;
import org.nestrinse.core.shelf.WeekQuestion;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.nestrinse.core.wash.Step;
import org.nestrinse.core.why.Why;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The rounds of the coming seven days, from pails, shelf, weather, prices and people. */
@Service
public class WeekService {
  private static final DateTimeFormatter DATE =
      DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
  private static final DateTimeFormatter WEEKDAY =
      DateTimeFormatter.ofPattern("EEE", Locale.ENGLISH);
  private static final int DAYS = 7;
  private static final int HOURS = DAYS * 24;
  private static final Range HOUR = new Range(0, 23, Unit.HOUR);
  private static final Range VERSION = new Range(0, Integer.MAX_VALUE);
  private static final int LOOK_BACK_ROUNDS = 40;

  /** Drying is computed for every third hour; weather changes no faster than that. */
  private static final int DRYING_STEP_H = 3;

  /** What a round takes when none was ever washed here. */
  private static final WeekQuestion.Shape USUAL = new WeekQuestion.Shape(45, 210, 45, 1.2, 0.6);

  private final WeekSettingRepository settings;
  private final PersonTimeRepository times;
  private final WeekPinRepository pins;
  private final PersonService people;
  private final GatherService gather;
  private final NormalDayService normal;
  private final ShelfService shelf;
  private final CoverService cover;
  private final RoundService rounds;
  private final KindService kinds;
  private final PlaceService places;
  private final MachineService machines;
  private final WeatherService weather;
  private final HouseholdService households;
  private final HouseClock clock;
  private volatile @Nullable Known known;

  WeekService(
      WeekSettingRepository settings,
      PersonTimeRepository times,
      WeekPinRepository pins,
      PersonService people,
      GatherService gather,
      NormalDayService normal,
      ShelfService shelf,
      CoverService cover,
      RoundService rounds,
      KindService kinds,
      PlaceService places,
      MachineService machines,
      WeatherService weather,
      HouseholdService households,
      HouseClock clock) {
    this.settings = settings;
    this.times = times;
    this.pins = pins;
    this.people = people;
    this.gather = gather;
    this.normal = normal;
    this.shelf = shelf;
    this.cover = cover;
    this.rounds = rounds;
    this.kinds = kinds;
    this.places = places;
    this.machines = machines;
    this.weather = weather;
    this.households = households;
    this.clock = clock;
  }

  /** How things dried that were asked for last: the same facts give the same hours. */
  private record Known(List<Object> facts, List<WeekQuestion.Drying> drying) {}

  /** What is sent to change what the household says about its weeks. */
  public record Change(
      @Nullable Integer version,
      @Nullable LocalTime quietFrom,
      @Nullable LocalTime quietTo,
      @Nullable Integer householdEveryDays) {}

  /** When a person is there: on some days, between two times; no days for never. */
  public record TimeChange(
      @Nullable List<@Nullable DayOfWeek> days, @Nullable LocalTime from, @Nullable LocalTime to) {}

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
    return new Look().week();
  }

  /** Returns the plan as rounds and runs, for a calendar. */
  @Transactional(readOnly = true)
  public Laid laid() {
    return new Look().laid();
  }

  /**
   * The plan with what runs beside it.
   *
   * @param question what it must satisfy
   * @param plan the rounds
   * @param extras the rest
   */
  public record Laid(WeekQuestion question, WeekPlan plan, WeekExtras extras) {}

  /** Changes what the household says about its weeks. */
  @Transactional
  public void change(Change c) {
    WeekSettingEntity e = setting();
    if (e.version != Given.whole("version", c.version, VERSION)) {
      throw new Stale(What.WEEK, view(e));
    }
    if ((c.quietFrom == null) != (c.quietTo == null)) {
      throw new OutOfRange(
          c.quietFrom == null ? "quietFrom" : "quietTo", Allowed.MISSING, WeekSaying.BOTH_TIMES);
    }
    e.quietFrom = c.quietFrom;
    e.quietTo = c.quietTo;
    e.householdEveryDays =
        Given.whole("householdEveryDays", c.householdEveryDays, WeekExtras.HOUSEHOLD_EVERY_DAYS);
    settings.saveAndFlush(e);
  }

  /** Keeps when a person is there. */
  @Transactional
  public void there(long personId, TimeChange c) {
    if (people.all().stream().noneMatch(p -> p.id() == personId)) {
      throw new NotFound(What.PERSON, personId);
    }
    if (c.days == null) {
      throw new OutOfRange("days", Allowed.MISSING, WeekSaying.DAYS_OF_WEEK);
    }
    if (!c.days.isEmpty() && (c.from == null || c.to == null)) {
      throw new OutOfRange(c.from == null ? "from" : "to", Allowed.MISSING, WeekSaying.A_TIME);
    }
    times.deleteByPersonId(personId);
    if (c.days.isEmpty()) {
      return;
    }
    if (c.from == null || c.to == null) {
      throw new OutOfRange(c.from == null ? "from" : "to", Allowed.MISSING, WeekSaying.A_TIME);
    }
    for (DayOfWeek day : Given.list("days", c.days)) {
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

  /** Moves a round to another hour, where it stays; the rest is laid out around it. */
  @Transactional
  public void move(Move move) {
    if (move.date == null) {
      throw new OutOfRange("date", Allowed.MISSING, WeekSaying.START_DAY);
    }
    int hour = Given.whole("hour", move.hour, HOUR);
    Instant now = clock.instant();
    ZoneId zone = households.current().zoneId();
    LocalDate today = now.atZone(zone).toLocalDate();
    if (move.date.isBefore(today) || move.date.isAfter(today.plusDays(DAYS))) {
      throw new OutOfRange(
          "date",
          move.date,
          Said.of(WeekSaying.A_DAY_FROM).with("from", today).with("to", today.plusDays(DAYS)));
    }
    // An hour that the clocks leave out is the one after it.
    Instant start = move.date.atTime(hour, 0).atZone(zone).toInstant();
    if (!start.isAfter(now) || start.isAfter(now.plus(Duration.ofHours(HOURS)))) {
      throw new OutOfRange("hour", hour, WeekSaying.COMING_HOUR);
    }
    if (move.instead != null) {
      pins.deleteAllById(
          pins.findAllById(List.of(move.instead)).stream().map(p -> p.startAt).toList());
    }
    WeekPinEntity pin = new WeekPinEntity();
    pin.startAt = start;
    pins.saveAndFlush(pin);
    // Refused, and with it undone, when two rounds would overlap.
    new Look().laid();
  }

  /** Lets a round that was moved go back to where the plan wants it. */
  @Transactional
  public void free(Instant start) {
    if (!pins.existsById(start)) {
      throw new NotNow(WeekSaying.NOT_MOVED);
    }
    pins.deleteAllById(pins.findAllById(List.of(start)).stream().map(p -> p.startAt).toList());
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

  private WeekSettingEntity setting() {
    return settings.findById(WeekSettingEntity.ONLY).orElseGet(WeekSettingEntity::new);
  }

  private WeekViews.Settings view(WeekSettingEntity e) {
    Map<Long, String> names =
        people.all().stream().collect(Collectors.toMap(Person::id, Person::name));
    Map<List<Object>, WeekViews.Time> byPerson = new LinkedHashMap<>();
    times.findAll().stream()
        .filter(t -> t.dayOfWeek != null)
        .sorted(Comparator.comparing(t -> t.id))
        .forEach(
            t ->
                byPerson.merge(
                    List.of(t.personId, t.fromTime, t.toTime),
                    new WeekViews.Time(
                        t.personId,
                        names.getOrDefault(t.personId, ""),
                        List.of(t.dayOfWeek),
                        t.fromTime,
                        t.toTime),
                    (a, b) -> {
                      List<DayOfWeek> days = new ArrayList<>(a.days());
                      days.addAll(b.days());
                      return new WeekViews.Time(a.personId(), a.name(), days, a.from(), a.to());
                    }));
    return new WeekViews.Settings(
        e.version, e.quietFrom, e.quietTo, e.householdEveryDays, List.copyOf(byPerson.values()));
  }

  private final class Look {
    private final Instant now = clock.instant();

    /** Rounds start at full hours; the plan counts from the next one. */
    private final Instant begin = now.truncatedTo(ChronoUnit.HOURS).plus(1, ChronoUnit.HOURS);

    private final Household household = households.current();
    private final ZoneId zone = household.zoneId();
    private final TimeWords words = households.timeWords();
    private final WeekSettingEntity setting = setting();
    private final List<WashViews.Summary> done = rounds.latestWashes(LOOK_BACK_ROUNDS);

    Laid laid() {
      WeekQuestion question = question();
      if (!machines.isSetUp() || kinds.inUse().isEmpty()) {
        return new Laid(question, WeekPlan.NONE, new WeekExtras(List.of(), null));
      }
      List<ZonedDateTime> wanted =
          pins.findByStartAtGreaterThanEqualOrderByStartAt(now).stream()
              .map(p -> p.startAt.atZone(zone))
              .toList();
      WeekPlan plan = WeekPlan.of(question, wanted);
      return new Laid(question, plan, WeekExtras.of(question, plan, due()));
    }

    WeekViews.Week week() {
      Laid laid = laid();
      double without = WeekPlan.of(laid.question).cost();
      boolean moved = laid.plan.rounds().stream().anyMatch(WeekPlan.Round::pinned);
      Map<String, Why> whys = new LinkedHashMap<>();
      List<WeekViews.Planned> shown = new ArrayList<>();
      for (int i = 0; i < laid.plan.rounds().size(); i++) {
        WeekPlan.Round r = laid.plan.rounds().get(i);
        boolean hot = Integer.valueOf(i).equals(laid.extras.hotRound());
        shown.add(round(r, hot));
        whys.put(
            r.start().toInstant().toString(),
            r.why(laid.question, words.at(r.start().toInstant())));
      }
      return new WeekViews.Week(
          now,
          dates(),
          shown,
          laid.extras.runs().stream()
              .map(
                  e ->
                      new WeekViews.Extra(
                          e.sort(),
                          e.sort().said(),
                          e.start().toInstant(),
                          e.end().toInstant(),
                          words.at(e.start().toInstant())))
              .toList(),
          there(),
          nights(),
          laid.plan.rounds().stream().mapToDouble(WeekPlan.Round::money).sum(),
          moved ? Math.max(0, laid.plan.cost() - without) : 0,
          setting.maintainedAt == null ? null : words.at(setting.maintainedAt),
          view(setting),
          whys);
    }

    /** Today and the days after it, from midnight to midnight in the house. */
    private List<WeekViews.Day> dates() {
      List<WeekViews.Day> dates = new ArrayList<>();
      LocalDate today = now.atZone(zone).toLocalDate();
      for (int day = 0; day <= DAYS; day++) {
        LocalDate date = today.plusDays(day);
        dates.add(
            new WeekViews.Day(
                date,
                date.atStartOfDay(zone).toInstant(),
                date.plusDays(1).atStartOfDay(zone).toInstant(),
                Said.from(DATE.format(date)),
                WEEKDAY.format(date)));
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
      return new WeekViews.Planned(
          r.start().toInstant(),
          r.hangAt().toInstant(),
          r.dryAt().toInstant(),
          words.at(r.start().toInstant()),
          steps,
          r.pieces(),
          r.money(),
          hot,
          r.pinned(),
          notes,
          r.carers());
    }

    private void step(List<WeekViews.Moment> steps, @Nullable ZonedDateTime at, WeekSaying what) {
      if (at != null) {
        steps.add(new WeekViews.Moment(at.toInstant(), what.said(), words.at(at.toInstant())));
      }
    }

    private List<WeekViews.Span> there() {
      List<WeekViews.Span> spans = new ArrayList<>();
      ZonedDateTime midnight = now.atZone(zone).truncatedTo(ChronoUnit.DAYS);
      for (int day = 0; day <= DAYS; day++) {
        ZonedDateTime date = midnight.plusDays(day);
        for (WeekQuestion.Presence p : presence()) {
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
      for (int day = 0; day <= DAYS; day++) {
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

    private WeekQuestion question() {
      List<Waiting> waits =
          gather.waiting().stream()
              .filter(w -> !w.forBulk() && w.pieces().kind().bin() == Bin.BODY)
              .toList();
      int waiting = waits.stream().mapToInt(w -> w.pieces().count()).sum();
      double oldest =
          waits.stream()
              .mapToDouble(w -> Duration.between(w.pieces().since(), begin).toMinutes() / 60.0)
              .max()
              .orElse(0);
      WeekQuestion.Quiet quiet =
          setting.quietFrom == null || setting.quietTo == null
              ? null
              : new WeekQuestion.Quiet(setting.quietFrom, setting.quietTo);
      return new WeekQuestion(
          now.atZone(zone),
          DAYS,
          presence(),
          quiet,
          household.tariff(),
          shape(),
          soiledPerDay(),
          waiting,
          oldest,
          household.wetHours(),
          needs(),
          drying());
    }

    private List<WeekQuestion.Presence> presence() {
      Map<Long, String> names =
          people.all().stream().collect(Collectors.toMap(Person::id, Person::name));
      return times.findAll().stream()
          .filter(t -> t.dayOfWeek != null)
          .map(
              t ->
                  new WeekQuestion.Presence(
                      names.getOrDefault(t.personId, "somebody"),
                      t.dayOfWeek,
                      t.fromTime,
                      t.toTime))
          .toList();
    }

    private WeekQuestion.Shape shape() {
      // Of a round that came out of a file without its plan, only figures are known.
      WashViews.Summary last =
          done.stream().filter(WashViews.Summary::hasPlan).findFirst().orElse(null);
      if (last == null || !machines.isSetUp()) {
        return USUAL;
      }
      RoundFigures figures = last.figures();
      RoundFigures.Spent spent = figures.spent();
      WashViews.Plan plan = rounds.one(last.id()).plan();
      int before = 0;
      int bulk = 0;
      for (WashViews.PlanStep s : plan.steps()) {
        if (bulk == 0 && before > 0 && s.wholeLoad() && s.action() != Step.Action.UNLOAD) {
          bulk = before;
        }
        before += s.minutes();
      }
      int perRun =
          (int)
              Math.max(
                  1,
                  figures.pieces()
                      * machines.machine().window().most()
                      / Math.max(0.1, figures.bath().fill()));
      double other = Math.max(0, spent.money() - spent.kwh() * household.dayPerKwh());
      return new WeekQuestion.Shape(
          bulk < spent.minutes() ? bulk : 0,
          (int) Math.max(20, Math.min(720, spent.minutes())),
          perRun,
          spent.kwh(),
          other);
    }

    /** What comes in on a normal day, or what was washed a day lately when none is set. */
    private double soiledPerDay() {
      int told =
          normal.normalDays().habits().stream().mapToInt(NormalDayService.HabitView::count).sum();
      if (told > 0 || done.isEmpty()) {
        return told;
      }
      double days =
          Math.max(
              1, Duration.between(done.get(done.size() - 1).startedAt(), now).toHours() / 24.0);
      return done.stream().mapToInt(r -> r.figures().pieces()).sum() / days;
    }

    private List<WeekQuestion.Need> needs() {
      Map<String, Instant> until = new HashMap<>();
      cover.covered().lines().forEach(l -> until.put(l.need(), l.until()));
      return shelf.needs().stream()
          .filter(n -> until.containsKey(n.need().name()))
          .map(
              n ->
                  new WeekQuestion.Need(
                      n.need(),
                      n.perDay(),
                      n.owned(),
                      Math.max(
                          0,
                          Duration.between(begin, until.get(n.need().name())).toMinutes() / 60.0)))
          .toList();
    }

    /** How the slowest kinds dry, for each hour at which a round may start. */
    private List<WeekQuestion.Drying> drying() {
      int after = shape().minutes() / 60 + 1;
      List<WeatherHour> hours = weather.hours(now, HOURS + after + AirDrying.LONGEST_H);
      List<Kind> slow = kinds.inUse().stream().filter(k -> k.role().driesSlowly()).toList();
      List<Place> all = places.all().stream().map(PlaceService.Numbered::place).toList();
      double radius = machines.isSetUp() ? machines.machine().drumRadiusM() : 0.235;
      List<Object> facts = List.of(hours, slow, all, radius);
      Known before = known;
      if (before != null && before.facts.equals(facts)) {
        return before.drying;
      }
      List<WeekQuestion.Drying> drying = new ArrayList<>();
      for (int hour = 0; hour < HOURS; hour++) {
        int hung = hour - hour % DRYING_STEP_H + 1 + after;
        drying.add(
            hour % DRYING_STEP_H > 0
                ? drying.get(hour - 1)
                : SlowestDrying.of(
                    slow, all, hours.subList(hung, hung + AirDrying.LONGEST_H - 2), radius));
      }
      known = new Known(facts, drying);
      return drying;
    }

    private WeekExtras.Due due() {
      int cool = 0;
      while (cool < done.size() && done.get(cool).figures().bath().peakC() < TextileLife.HOT_C) {
        cool++;
      }
      double hotAgo =
          cool < done.size()
              ? Duration.between(done.get(cool).startedAt(), now).toHours() / 24.0
              : WeekExtras.HOT_EVERY_DAYS;
      boolean coolSchool =
          !done.isEmpty() && done.get(0).figures().bath().peakC() < TextileLife.HOT_C;
      Instant maintained = setting.maintainedAt;
      double ago =
          maintained == null
              ? WeekExtras.MAINTENANCE_DAYS
              : Duration.between(maintained, now).toHours() / 24.0;
      return new WeekExtras.Due(
          setting.householdEveryDays, coolSchool && cool > 0, hotAgo, cool, ago);
    }
  }
}
