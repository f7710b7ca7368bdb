package org.nestrinse.app.rhythm;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.snapshot.SnapshotReader;
import org.nestrinse.core.household.HouseholdSnapshot;
import org.nestrinse.core.household.Rhythms;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.shelf.Rhythm;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How every rhythm would do in this household. Two hundred years of each take long to live. */
@Service
public class RhythmService {
  private final SnapshotReader houses;
  private final HouseholdService households;
  private volatile @Nullable Known known;

  RhythmService(SnapshotReader houses, HouseholdService households) {
    this.houses = houses;
    this.households = households;
  }

  /**
   * How every rhythm would do.
   *
   * @param everyDays the rhythm that the household's holding time asks for [days]
   * @param lines one for each need and rhythm
   * @param meanDryingDays by month, January first: days until everything is dry
   * @param whys reasons by key {@code NEED.DAYS}
   */
  public record RhythmsShown(
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
  @RecordBuilder
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

  /** What was simulated last: the same facts give the same years. */
  private record Known(Rhythms.Question question, boolean pretendWeather, Rhythms rhythms) {}

  /** Returns every rhythm for every need of the household; empty without machine or places. */
  @Transactional(readOnly = true)
  public RhythmsShown rhythms() {
    HouseholdSnapshot house = houses.now();
    Rhythms.Question question = Rhythms.Question.of(house);
    List<Line> lines = new ArrayList<>();
    Map<String, Why> whys = new LinkedHashMap<>();
    Rhythms rhythms = lived(question, house);
    for (Rhythms.Line l : rhythms.lines()) {
      Line line = shown(l);
      lines.add(line);
      whys.put(line.need() + "." + line.everyDays(), why(line, l.slowestDays()));
    }
    return new RhythmsShown(house.habits().daysApart(), lines, rhythms.meanDryingDays(), whys);
  }

  private Rhythms lived(Rhythms.Question question, HouseholdSnapshot house) {
    boolean pretend = households.current().pretendWeather();
    Known before = known;
    if (before != null && before.question.equals(question) && before.pretendWeather == pretend) {
      return before.rhythms;
    }
    Rhythms rhythms = Rhythms.of(question, house.weather());
    known = new Known(question, pretend, rhythms);
    return rhythms;
  }

  private static Line shown(Rhythms.Line l) {
    return RhythmServiceLineBuilder.builder()
        .need(l.need().need().name())
        .name(l.need().need().said())
        .owned(l.need().owned())
        .perDay(l.need().perDay())
        .everyDays(l.everyDays())
        .enough(l.enough())
        .rhythm(l.rhythm())
        .withMore(l.withMore())
        .seldomShort(l.rhythm().enough())
        .yearly(l.yearly())
        .build();
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
