package org.nestrinse.app.week;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.dry.WeatherService;
import org.nestrinse.app.gather.GatherService;
import org.nestrinse.app.gather.NormalDayService;
import org.nestrinse.app.gather.Waiting;
import org.nestrinse.app.kit.Household;
import org.nestrinse.app.kit.HouseholdService;
import org.nestrinse.app.kit.KindService;
import org.nestrinse.app.kit.MachineService;
import org.nestrinse.app.kit.PlaceService;
import org.nestrinse.app.rhythm.CoverService;
import org.nestrinse.app.shelf.ShelfService;
import org.nestrinse.app.time.HouseClock;
import org.nestrinse.app.wash.RoundService;
import org.nestrinse.app.wash.RoundViews;
import org.nestrinse.core.bath.SpinRetention;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.record.RoundFigures;
import org.nestrinse.core.shelf.SlowestDrying;
import org.nestrinse.core.shelf.WashHistory;
import org.nestrinse.core.shelf.WeekExtras;
import org.nestrinse.core.shelf.WeekPlan;
import org.nestrinse.core.shelf.WeekQuestion;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.wash.Step;
import org.springframework.stereotype.Service;

/** What a week must satisfy, collected from the whole household, and the best plan for it. */
@Service
class WeekPlanning {
  static final int DAYS = 7;
  static final int HOURS = DAYS * 24;
  private static final int LOOK_BACK_ROUNDS = 40;

  /** Drying is computed for every third hour; weather changes no faster than that. */
  private static final int DRYING_STEP_H = 3;

  private final WeekSettings settings;
  private final WeekPinRepository pins;
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

  WeekPlanning(
      WeekSettings settings,
      WeekPinRepository pins,
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
    this.pins = pins;
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

  /**
   * The plan with what runs beside it.
   *
   * @param question what it must satisfy
   * @param plan the rounds
   * @param extras the rest
   */
  record Laid(WeekQuestion question, WeekPlan plan, WeekExtras extras) {}

  /** Returns the best plan for the coming days, around what a person moved. */
  Laid laid() {
    Instant now = clock.instant();
    Household household = households.current();
    ZoneId zone = household.zoneId();
    List<RoundViews.Summary> done = rounds.latestWashes(LOOK_BACK_ROUNDS);
    WashHistory history =
        new WashHistory(
            done.stream()
                .map(
                    r ->
                        new WashHistory.Wash(
                            r.startedAt(), r.figures().pieces(), r.figures().bath().peakC()))
                .toList());
    WeekQuestion question = question(now, household, shape(done, household), history);
    if (!machines.isSetUp() || kinds.inUse().isEmpty()) {
      return new Laid(question, WeekPlan.NONE, new WeekExtras(List.of(), null));
    }
    List<ZonedDateTime> wanted =
        pins.findByStartAtGreaterThanEqualOrderByStartAt(now).stream()
            .map(p -> p.startAt.atZone(zone))
            .toList();
    WeekPlan plan = WeekPlan.of(question, wanted);
    WeekSettingEntity setting = settings.setting();
    WeekExtras.Due due = history.due(setting.householdEveryDays, setting.maintainedAt, now);
    return new Laid(question, plan, WeekExtras.of(question, plan, due));
  }

  private WeekQuestion question(
      Instant now, Household household, WeekQuestion.Shape shape, WashHistory history) {
    // Rounds start at full hours; the plan counts from the next one.
    Instant begin = now.truncatedTo(ChronoUnit.HOURS).plus(1, ChronoUnit.HOURS);
    WeekSettingEntity setting = settings.setting();
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
    int told =
        normal.normalDays().habits().stream().mapToInt(NormalDayService.HabitView::count).sum();
    WeekQuestion.Quiet quiet =
        setting.quietFrom == null || setting.quietTo == null
            ? null
            : new WeekQuestion.Quiet(setting.quietFrom, setting.quietTo);
    return new WeekQuestion(
        now.atZone(household.zoneId()),
        DAYS,
        settings.presence(),
        quiet,
        household.tariff(),
        shape,
        told > 0 ? told : history.piecesPerDay(now),
        waiting,
        oldest,
        household.wetHours(),
        needs(begin),
        drying(now, shape.minutes()));
  }

  private WeekQuestion.Shape shape(List<RoundViews.Summary> done, Household household) {
    // Of a round that came out of a file without its plan, only figures are known.
    RoundViews.Summary last =
        done.stream().filter(RoundViews.Summary::hasPlan).findFirst().orElse(null);
    if (last == null || !machines.isSetUp()) {
      return WeekQuestion.Shape.USUAL;
    }
    List<WeekQuestion.Shape.StepTime> steps =
        rounds.one(last.id()).plan().steps().stream()
            .map(
                s ->
                    new WeekQuestion.Shape.StepTime(
                        s.minutes(), s.wholeLoad(), s.action() != Step.Action.UNLOAD))
            .toList();
    RoundFigures figures = last.figures();
    RoundFigures.Spent spent = figures.spent();
    return WeekQuestion.Shape.like(
        new WeekQuestion.Shape.Last(
            steps,
            figures.pieces(),
            figures.bath().fill(),
            spent.minutes(),
            spent.kwh(),
            spent.money()),
        machines.machine().window().most(),
        household.dayPerKwh());
  }

  private List<WeekQuestion.Need> needs(Instant begin) {
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
                        0, Duration.between(begin, until.get(n.need().name())).toMinutes() / 60.0)))
        .toList();
  }

  /** How the slowest kinds dry, for each hour at which a round may start. */
  private List<WeekQuestion.Drying> drying(Instant now, int washMinutes) {
    int after = washMinutes / 60 + 1;
    List<WeatherHour> hours = weather.hours(now, HOURS + after + AirDrying.LONGEST_H);
    List<Kind> slow = kinds.inUse().stream().filter(k -> k.role().driesSlowly()).toList();
    List<Place> all = places.all().stream().map(PlaceService.Numbered::place).toList();
    double radius =
        machines.isSetUp() ? machines.machine().drumRadiusM() : SpinRetention.USUAL_RADIUS_M;
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
}
