package org.nestrinse.core.household;

import java.time.Duration;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.shelf.Need;
import org.nestrinse.core.shelf.SlowestDrying;
import org.nestrinse.core.shelf.WeekExtras;
import org.nestrinse.core.shelf.WeekPlan;
import org.nestrinse.core.shelf.WeekQuestion;
import org.nestrinse.core.shelf.WeekQuestionBuilder;
import org.nestrinse.core.textile.Kind;

/**
 * The coming days of a household: what its rounds must satisfy, the best plan for that, and what
 * runs beside it.
 *
 * @param question what the rounds must satisfy
 * @param plan the rounds
 * @param extras the rest
 * @see "docs/models.md, the week"
 */
public record WeekAhead(WeekQuestion question, WeekPlan plan, WeekExtras extras) {
  /** How many days are laid out. */
  public static final int DAYS = 7;

  /** How many hours these are. */
  public static final int HOURS = DAYS * 24;

  private static final double MINUTES_PER_HOUR = 60;

  /** Drying is computed for every third hour; weather changes no faster than that. */
  private static final int DRYING_STEP_H = 3;

  /**
   * Returns the best plan for the coming days.
   *
   * @param wanted starts that somebody chose; the plan is laid out around them
   * @param drying how the slowest kinds dry, for each hour at which a round may start; see {@link
   *     DryingAhead}
   */
  public static WeekAhead of(
      HouseholdSnapshot house, List<ZonedDateTime> wanted, List<WeekQuestion.Drying> drying) {
    WeekQuestion question = question(house, drying);
    if (house.equipment().machine() == null || house.shelf().kinds().isEmpty()) {
      return new WeekAhead(question, WeekPlan.NONE, new WeekExtras(List.of(), null));
    }
    WeekPlan plan = WeekPlan.of(question, wanted);
    LaundryHabits habits = house.habits();
    WeekExtras.Due due =
        house
            .past()
            .history()
            .due(habits.householdEveryDays(), habits.maintained(), house.shelf().now().toInstant());
    return new WeekAhead(question, plan, WeekExtras.of(question, plan, due));
  }

  private static WeekQuestion question(HouseholdSnapshot house, List<WeekQuestion.Drying> drying) {
    Instant now = house.shelf().now().toInstant();
    // Rounds start at full hours; the plan counts from the next one.
    Instant begin = now.truncatedTo(ChronoUnit.HOURS).plus(1, ChronoUnit.HOURS);
    LaundryHabits habits = house.habits();
    return WeekQuestionBuilder.builder()
        .from(house.shelf().now())
        .days(DAYS)
        .presence(habits.presence())
        .quiet(habits.quiet())
        .tariff(house.equipment().tariff())
        .shape(shape(house))
        .soiledPerDay(
            habits.piecesTold() > 0
                ? habits.piecesTold()
                : house.past().history().piecesPerDay(now))
        .waiting(house.waiting().stream().mapToInt(SoiledPieces::count).sum())
        .oldestH(house.waiting().stream().mapToDouble(p -> hours(p.since(), begin)).max().orElse(0))
        .holdingH(habits.wetHours())
        .needs(needs(house, begin))
        .drying(drying)
        .build();
  }

  /** Returns what the next round takes: as much as the last, or what is usual. */
  static WeekQuestion.Shape shape(HouseholdSnapshot house) {
    WeekQuestion.Shape.Last last = house.past().shape();
    Machine machine = house.equipment().machine();
    return last == null || machine == null
        ? WeekQuestion.Shape.USUAL
        : WeekQuestion.Shape.like(
            last, machine.window().most(), house.equipment().tariff().dayPerKwh());
  }

  private static List<WeekQuestion.Need> needs(HouseholdSnapshot house, Instant begin) {
    Map<Need, CoverOutlook.Lasting> covered =
        CoverOutlook.of(house).stream()
            .collect(Collectors.toMap(l -> l.supply().need(), Function.identity()));
    return Supplies.of(house.shelf()).needs().stream()
        .filter(n -> covered.containsKey(n.need()))
        .map(
            n ->
                new WeekQuestion.Need(
                    n.need(),
                    n.perDay(),
                    n.owned(),
                    Math.max(0, hours(begin, covered.get(n.need()).until()))))
        .toList();
  }

  private static double hours(Instant from, Instant to) {
    return Duration.between(from, to).toMinutes() / MINUTES_PER_HOUR;
  }

  /**
   * How what is washed in the coming days dries. It takes longest to compute and depends on little
   * else than the weather.
   *
   * @param hours the weather from now on, hour by hour
   * @param slow the kinds that decide
   * @param places where they may hang
   * @param drumRadiusM of the machine [m]
   * @param after hours from the start of a round until it is hung [h]
   */
  public record DryingAhead(
      List<WeatherHour> hours, List<Kind> slow, List<Place> places, double drumRadiusM, int after) {

    /** Returns what decides how the rounds of a household dry. */
    public static DryingAhead of(HouseholdSnapshot house) {
      int after = shape(house).minutes() / 60 + 1;
      return new DryingAhead(
          house
              .weather()
              .hours(house.shelf().now().toInstant(), HOURS + after + AirDrying.LONGEST_H),
          house.shelf().kinds().stream()
              .map(StockedKind::kind)
              .filter(k -> k.role().driesSlowly())
              .toList(),
          house.equipment().places(),
          house.equipment().drumRadiusM(),
          after);
    }

    /** Returns how they dry, for each hour at which a round may start. */
    public List<WeekQuestion.Drying> drying() {
      List<WeekQuestion.Drying> drying = new ArrayList<>();
      for (int hour = 0; hour < HOURS; hour++) {
        int hung = hour - hour % DRYING_STEP_H + 1 + after;
        drying.add(
            hour % DRYING_STEP_H > 0
                ? drying.get(hour - 1)
                : SlowestDrying.of(
                    slow,
                    places,
                    hours.subList(hung, hung + AirDrying.LONGEST_H - 2),
                    drumRadiusM));
      }
      return drying;
    }
  }
}
