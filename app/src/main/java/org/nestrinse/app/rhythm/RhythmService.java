package org.nestrinse.app.rhythm;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.dry.WeatherService;
import org.nestrinse.app.kit.HouseholdService;
import org.nestrinse.app.kit.KindService;
import org.nestrinse.app.kit.MachineService;
import org.nestrinse.app.kit.PlaceService;
import org.nestrinse.app.shelf.ShelfService;
import org.nestrinse.app.time.HouseClock;
import org.nestrinse.app.wash.RoundService;
import org.nestrinse.app.wash.RoundViews;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.record.RoundFigures;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.shelf.DryingDays;
import org.nestrinse.core.shelf.Rhythm;
import org.nestrinse.core.shelf.StockNeed;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Washing every one, two or three days, each simulated from the household's own stock, normal days,
 * machine, places and weather.
 */
@Service
public class RhythmService {
  /** So certain the stock should be. */
  private static final double SERVICE_LEVEL = 0.98;

  /** How many more pieces are tried. */
  private static final int MORE_PIECES = 5;

  private static final int YEARS = 200;
  private static final double ILL_WEEKS = 3;
  private static final double AWAY_WEEKS = 2;
  private static final int[] RHYTHMS = {1, 2, 3, Rhythm.BY_TRIGGER};
  private static final int[] SAMPLE_DAYS = {3, 9, 15, 21, 27};
  private static final LocalTime HUNG_AT = LocalTime.of(13, 0);
  private static final long SEED = 20;

  private final ShelfService shelf;
  private final RoundService rounds;
  private final KindService kinds;
  private final MachineService machines;
  private final PlaceService places;
  private final HouseholdService households;
  private final WeatherService weather;
  private final HouseClock clock;
  private volatile @Nullable Known known;

  RhythmService(
      ShelfService shelf,
      RoundService rounds,
      KindService kinds,
      MachineService machines,
      PlaceService places,
      HouseholdService households,
      WeatherService weather,
      HouseClock clock) {
    this.shelf = shelf;
    this.rounds = rounds;
    this.kinds = kinds;
    this.machines = machines;
    this.places = places;
    this.households = households;
    this.weather = weather;
    this.clock = clock;
  }

  /**
   * How every rhythm would do.
   *
   * @param everyDays the rhythm that the household's holding time asks for [days]
   * @param lines one for each need and rhythm
   * @param meanDryingDays by month, January first: days until everything is dry
   * @param whys reasons by key {@code NEED.DAYS}
   */
  public record Rhythms(
      int everyDays, List<Line> lines, List<Double> meanDryingDays, Map<String, Why> whys) {}

  /**
   * One need at one rhythm.
   *
   * @param need what is used
   * @param owned how many there are
   * @param perDay used on a normal day
   * @param everyDays days from wash to wash
   * @param enough how many are enough, 98 times of 100
   * @param rhythm what the simulation says
   * @param withMore days a year that would still run short with five more
   * @param seldomShort whether it runs short so seldom that it is as good as never
   * @param yearly what it takes in a year
   */
  public record Line(
      String need,
      Said name,
      int owned,
      int perDay,
      int everyDays,
      int enough,
      Rhythm rhythm,
      double withMore,
      boolean seldomShort,
      Rhythm.Yearly yearly) {}

  /** Returns every rhythm for every need of the household; empty without machine or places. */
  @Transactional(readOnly = true)
  public Rhythms rhythms() {
    int holding = Math.max(1, households.current().wetHours() / 24);
    if (!machines.isSetUp() || places.all().isEmpty()) {
      return new Rhythms(holding, List.of(), List.of(), Map.of());
    }
    int year = clock.instant().atZone(households.current().zoneId()).getYear();
    List<RoundViews.Summary> done = rounds.page(0, 1).rounds();
    Rhythm.PerRun perRun =
        done.isEmpty() ? Rhythm.PerRun.UNKNOWN : perRun(done.get(0).figures().spent());
    Facts facts =
        new Facts(
            shelf.needs(),
            machines.machine(),
            places.all(),
            kinds.byId(),
            holding,
            year,
            perRun,
            households.current().pretendWeather());
    Known before = known;
    if (before != null && before.facts.equals(facts)) {
      return before.rhythms;
    }
    Rhythms rhythms = simulated(holding, perRun);
    known = new Known(facts, rhythms);
    return rhythms;
  }

  private static Rhythm.PerRun perRun(RoundFigures.Spent spent) {
    return new Rhythm.PerRun(spent.litres(), spent.kwh(), spent.money(), spent.attendedMinutes());
  }

  /** Everything that the rhythms depend on. */
  private record Facts(
      List<ShelfService.OwnedNeed> needs,
      Machine machine,
      List<PlaceService.Numbered> places,
      Map<Long, Kind> kinds,
      int holding,
      int year,
      Rhythm.PerRun perRun,
      boolean pretendWeather) {}

  /** What was simulated last: the same facts give the same years. */
  private record Known(Facts facts, Rhythms rhythms) {}

  private Rhythms simulated(int holding, Rhythm.PerRun perRun) {
    List<Double> mean = means(dryingDays(Role::driesSlowly));
    List<Line> lines = new ArrayList<>();
    Map<String, Why> whys = new LinkedHashMap<>();
    for (ShelfService.OwnedNeed need : shelf.needs()) {
      double[][] drying = dryingDays(need.roles()::contains);
      double slowest = means(drying).stream().mapToDouble(Double::doubleValue).max().orElse(1);
      for (int every : RHYTHMS) {
        int apart = every == Rhythm.BY_TRIGGER ? holding : every;
        int enough = StockNeed.of(need.perDay(), apart, slowest, SERVICE_LEVEL).pieces();
        Rhythm rhythm = simulated(need.owned(), need, every, holding, drying);
        double more =
            simulated(need.owned() + MORE_PIECES, need, every, holding, drying).shortagesPerYear();
        Line line =
            new Line(
                need.need().name(),
                need.need().said(),
                need.owned(),
                need.perDay(),
                every,
                enough,
                rhythm,
                more,
                rhythm.enough(),
                rhythm.yearly(need.owned(), perRun));
        lines.add(line);
        whys.put(need.need().name() + "." + every, why(line, slowest));
      }
    }
    return new Rhythms(holding, lines, mean, whys);
  }

  private Rhythm simulated(
      int pieces, ShelfService.OwnedNeed need, int every, int holding, double[][] drying) {
    return Rhythm.of(
        new Rhythm.Setting(
            pieces,
            need.perDay(),
            every,
            perRun(need.roles()),
            drying,
            ILL_WEEKS,
            AWAY_WEEKS,
            holding,
            YEARS,
            SEED + need.need().name().hashCode()));
  }

  /** How many of a need fit one run, by the volume that one takes dry. */
  private int perRun(Set<Role> roles) {
    Machine machine = machines.machine();
    double litres =
        roles.stream()
            .mapToDouble(
                role ->
                    kinds.inUse().stream()
                        .filter(k -> k.role() == role)
                        .mapToDouble(Kind::dryL)
                        .average()
                        .orElse(0))
            .sum();
    double fits = machine.drumL() * machine.window().most() / Math.max(litres, 0.1);
    return Math.max(1, (int) fits);
  }

  private static List<Double> means(double[][] drying) {
    return Arrays.stream(drying).map(RhythmService::mean).toList();
  }

  /**
   * How likely drying takes 0, 1, 2 … days in each month: the slowest kind of these roles in its
   * best place.
   */
  private double[][] dryingDays(Predicate<Role> roles) {
    List<Kind> slow = kinds.inUse().stream().filter(k -> roles.test(k.role())).toList();
    ZoneId zone = households.current().zoneId();
    int year = clock.instant().atZone(zone).getYear();
    double[][] shares = new double[12][DryingDays.LONGEST + 1];
    for (int month = 1; month <= 12; month++) {
      for (int day : SAMPLE_DAYS) {
        Instant at = LocalDate.of(year, month, day).atTime(HUNG_AT).atZone(zone).toInstant();
        int days = days(slow, at, zone);
        shares[month - 1][days] += 1.0 / SAMPLE_DAYS.length;
      }
    }
    return shares;
  }

  private int days(List<Kind> slow, Instant at, ZoneId zone) {
    return DryingDays.of(
        slow,
        places.all().stream().map(PlaceService.Numbered::place).toList(),
        at,
        weather.hours(at, AirDrying.LONGEST_H),
        machines.machine().drumRadiusM(),
        zone);
  }

  private static double mean(double[] shares) {
    double mean = 0;
    for (int days = 0; days < shares.length; days++) {
      mean += days * shares[days];
    }
    return mean;
  }

  private static Why why(Line line, double slowest) {
    Rhythm.Yearly yearly = line.yearly();
    Said title =
        line.everyDays() == Rhythm.BY_TRIGGER
            ? Said.of(RhythmSaying.BY_TRIGGER).with("need", line.name())
            : Said.of(RhythmSaying.EVERY).with("need", line.name()).with("days", line.everyDays());
    return Why.of(title, RhythmSaying.YEARS)
        .line(RhythmSaying.OWNED, line.owned())
        .line(RhythmSaying.NORMAL_DAY, line.perDay())
        .line(RhythmSaying.SLOWEST, days(slowest))
        .line(RhythmSaying.ENOUGH, line.enough())
        .line(RhythmSaying.RUNS, number(line.rhythm().runsPerYear(), 0))
        .line(RhythmSaying.WAITS, days(line.rhythm().meanHoldingDays()))
        .total(RhythmSaying.SHORT_DAYS, number(line.rhythm().shortagesPerYear(), 1))
        .line(RhythmSaying.WITH_MORE, number(line.withMore(), 1))
        .line(RhythmSaying.WATER, Quantity.of(yearly.litres(), Unit.LITRE))
        .line(RhythmSaying.ELECTRICITY, Quantity.of(yearly.kwh(), Unit.KILOWATT_HOUR))
        .line(RhythmSaying.COST, Quantity.of(yearly.money(), Unit.MONEY))
        .line(RhythmSaying.WORK, Quantity.of(yearly.hours(), Unit.HOUR))
        .line(
            RhythmSaying.EACH_WASHED,
            Said.of(RhythmSaying.TIMES_A_YEAR).with("times", number(yearly.washesPerPiece(), 0)))
        .by(Model.HOW_MANY);
  }

  private static Said days(double days) {
    return Said.of(RhythmSaying.DAYS).with("days", number(days, 1));
  }

  private static Quantity number(double value, int digits) {
    return new Quantity(value, Unit.NONE, digits);
  }
}
