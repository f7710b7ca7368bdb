package org.nestrinse.core.household;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.record.RoundFigures;
import org.nestrinse.core.shelf.DryingDays;
import org.nestrinse.core.shelf.Need;
import org.nestrinse.core.shelf.Rhythm;
import org.nestrinse.core.shelf.RhythmSettingBuilder;
import org.nestrinse.core.shelf.StockNeed;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Role;

/**
 * Washing every one, two or three days, or when the pail says so: each simulated from a household's
 * own stock, normal days, machine, places and weather.
 *
 * @param lines one for each need and rhythm
 * @param meanDryingDays by month, January first: days until everything is dry
 * @see "docs/models.md, rhythm"
 */
public record Rhythms(List<Line> lines, List<Double> meanDryingDays) {
  /** None, while there is no machine or nowhere to hang. */
  public static final Rhythms NONE = new Rhythms(List.of(), List.of());

  /** So certain the stock should be. */
  private static final double SERVICE_LEVEL = 0.98;

  /** How many more pieces are tried. */
  private static final int MORE_PIECES = 5;

  private static final int YEARS = 200;
  private static final double ILL_WEEKS = 3;
  private static final double AWAY_WEEKS = 2;
  private static final int[] TRIED = {1, 2, 3, Rhythm.BY_TRIGGER};
  private static final int[] SAMPLE_DAYS = {3, 9, 15, 21, 27};
  private static final LocalTime HUNG_AT = LocalTime.of(13, 0);
  private static final double LEAST_LITRES = 0.1;
  private static final long SEED = 20;
  private static final int MONTHS = 12;

  /**
   * One need at one rhythm.
   *
   * @param need what is used, with all that is owned
   * @param everyDays days from wash to wash
   * @param enough how many are enough, 98 times of 100
   * @param slowestDays drying in the slowest month [days]
   * @param rhythm what the simulation says
   * @param withMore days a year that would still run short with five more
   * @param yearly what it takes in a year
   */
  public record Line(
      Supplies.OwnedNeed need,
      int everyDays,
      int enough,
      double slowestDays,
      Rhythm rhythm,
      double withMore,
      Rhythm.Yearly yearly) {}

  /**
   * Everything that the rhythms of a household depend on, but for the weather.
   *
   * @param needs what is in daily use
   * @param kinds the kinds that are not removed
   * @param equipment what it washes and dries with
   * @param daysApart the rhythm that its holding time asks for [days]
   * @param year whose months are looked at
   * @param zone its time zone
   * @param perRun what a run takes
   */
  public record Question(
      List<Supplies.OwnedNeed> needs,
      List<Kind> kinds,
      Equipment equipment,
      int daysApart,
      int year,
      ZoneId zone,
      Rhythm.PerRun perRun) {
    /** Returns the question of a household. */
    public static Question of(HouseholdSnapshot house) {
      RoundFigures.Spent last = house.past().last();
      return new Question(
          Supplies.of(house.shelf()).needs(),
          house.shelf().kinds().stream().map(StockedKind::kind).toList(),
          house.equipment(),
          house.habits().daysApart(),
          house.shelf().now().getYear(),
          house.shelf().now().getZone(),
          last == null
              ? Rhythm.PerRun.UNKNOWN
              : new Rhythm.PerRun(last.litres(), last.kwh(), last.money(), last.attendedMinutes()));
    }

    /** Returns whether there is a machine, and somewhere to hang. */
    public boolean canWash() {
      return equipment.machine() != null && !equipment.places().isEmpty();
    }
  }

  /** Returns every rhythm for every need; none without machine or places. */
  public static Rhythms of(Question question, Weather weather) {
    return question.canWash() ? new Simulations(question, weather).all() : NONE;
  }

  /** The years of one household. */
  private record Simulations(Question question, Weather weather) {
    Rhythms all() {
      List<Line> lines = new ArrayList<>();
      for (Supplies.OwnedNeed need : question.needs) {
        double[][] drying = dryingDays(need.roles()::contains);
        double slowest = means(drying).stream().mapToDouble(Double::doubleValue).max().orElse(1);
        for (int every : TRIED) {
          lines.add(line(need, every, drying, slowest));
        }
      }
      return new Rhythms(lines, means(dryingDays(Role::driesSlowly)));
    }

    private Line line(Supplies.OwnedNeed need, int every, double[][] drying, double slowest) {
      int apart = every == Rhythm.BY_TRIGGER ? question.daysApart : every;
      Rhythm rhythm = lived(need.owned(), need, every, drying);
      return new Line(
          need,
          every,
          StockNeed.of(need.perDay(), apart, slowest, SERVICE_LEVEL).pieces(),
          slowest,
          rhythm,
          lived(need.owned() + MORE_PIECES, need, every, drying).shortagesPerYear(),
          rhythm.yearly(need.owned(), question.perRun));
    }

    private Rhythm lived(int pieces, Supplies.OwnedNeed need, int every, double[][] drying) {
      return Rhythm.of(
          RhythmSettingBuilder.builder()
              .pieces(pieces)
              .usesPerDay(need.perDay())
              .everyDays(every)
              .perRun(perRun(need.roles()))
              .dryingDays(drying)
              .illWeeksPerYear(ILL_WEEKS)
              .awayWeeksPerYear(AWAY_WEEKS)
              .longestDays(question.daysApart)
              .years(YEARS)
              .seed(SEED + seed(need.need()))
              .build());
    }

    /** Fixed for each need, so that the figures do not change from one start to the next. */
    private static int seed(Need need) {
      return need.name().hashCode();
    }

    /** How many of a need fit one run, by the volume that one takes dry. */
    private int perRun(Set<Role> roles) {
      double litres =
          roles.stream()
              .mapToDouble(
                  role ->
                      question.kinds.stream()
                          .filter(k -> k.role() == role)
                          .mapToDouble(Kind::dryL)
                          .average()
                          .orElse(0))
              .sum();
      Machine machine = Objects.requireNonNull(question.equipment.machine());
      double fits = machine.drumL() * machine.window().most() / Math.max(litres, LEAST_LITRES);
      return Math.max(1, (int) fits);
    }

    /**
     * How likely drying takes 0, 1, 2 … days in each month: the slowest kind of these roles in its
     * best place.
     */
    private double[][] dryingDays(Predicate<Role> roles) {
      List<Kind> slow = question.kinds.stream().filter(k -> roles.test(k.role())).toList();
      double[][] shares = new double[MONTHS][DryingDays.LONGEST + 1];
      for (int month = 1; month <= MONTHS; month++) {
        for (int day : SAMPLE_DAYS) {
          Instant at =
              LocalDate.of(question.year, month, day)
                  .atTime(HUNG_AT)
                  .atZone(question.zone)
                  .toInstant();
          shares[month - 1][days(slow, at)] += 1.0 / SAMPLE_DAYS.length;
        }
      }
      return shares;
    }

    private int days(List<Kind> slow, Instant at) {
      return DryingDays.of(
          slow,
          question.equipment.places(),
          at,
          weather.hours(at, AirDrying.LONGEST_H),
          question.equipment.drumRadiusM(),
          question.zone);
    }

    private static List<Double> means(double[][] drying) {
      return Arrays.stream(drying).map(Simulations::mean).toList();
    }

    private static double mean(double[] shares) {
      double mean = 0;
      for (int days = 0; days < shares.length; days++) {
        mean += days * shares[days];
      }
      return mean;
    }
  }
}
