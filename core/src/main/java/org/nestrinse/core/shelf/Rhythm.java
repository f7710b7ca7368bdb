package org.nestrinse.core.shelf;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Arrays;
import java.util.SplittableRandom;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;

/**
 * A year of using, washing and drying, day by day, many times over: how often something is missing
 * when washing every few days, and what that costs.
 *
 * <p>A day uses pieces by chance (Poisson). On a wash day everything soiled goes in, as many runs
 * as the machine needs; it is back on the shelf when it is dry, which depends on the day's weather.
 * In a week of illness more is used.
 *
 * @param shortagesPerYear days a year on which something was missing
 * @param missingPerYear pieces a year that were missing
 * @param runsPerYear runs of the machine
 * @param meanHoldingDays how long a piece waits soiled, on average
 * @param longestHoldingDays the longest that any waited
 * @param usedPerYear pieces used a year
 * @see "docs/models.md, rhythm"
 */
public record Rhythm(
    double shortagesPerYear,
    double missingPerYear,
    double runsPerYear,
    double meanHoldingDays,
    double longestHoldingDays,
    double usedPerYear) {
  /** How many years are simulated. */
  public static final Range YEARS = new Range(1, 1000, Unit.YEAR);

  /** How many pieces there can be. */
  public static final Range PIECES = new Range(0, 2000, Unit.PIECE);

  /** Instead of a number of days: wash when a run is full or the oldest has waited long enough. */
  public static final int BY_TRIGGER = 0;

  /** By trigger, a run counts as full from this share on. */
  private static final double FULL_RUN = 0.8;

  /** A day or less a year that runs short. */
  private static final double SELDOM_DAYS = 1;

  private static final double MINUTES_PER_HOUR = 60;
  private static final int DAYS = 365;
  private static final int WARM_UP_DAYS = 30;
  private static final int LONGEST_DRYING_DAYS = DryingDays.LONGEST;
  private static final int WEEK = 7;

  /**
   * What is simulated.
   *
   * @param pieces how many there are
   * @param usesPerDay uses of a normal day
   * @param everyDays days from wash to wash, 1 to 7; {@link #BY_TRIGGER} to wash when the pail says
   *     so
   * @param perRun how many pieces one run takes
   * @param dryingDays how likely it is that drying takes 0, 1, 2 … days, by month from January on;
   *     each row adds up to 1
   * @param illWeeksPerYear weeks with half as much again
   * @param awayWeeksPerYear weeks in which nothing is used
   * @param longestDays by trigger, a wash at the latest when the oldest has waited so long
   * @param years how many years
   * @param seed of the chance
   */
  @RecordBuilder
  public record Setting(
      int pieces,
      double usesPerDay,
      int everyDays,
      int perRun,
      double[][] dryingDays,
      double illWeeksPerYear,
      double awayWeeksPerYear,
      int longestDays,
      int years,
      long seed) {
    private static final Range EVERY = new Range(BY_TRIGGER, WEEK, Unit.DAY);
    private static final Range LONGEST_DAYS = new Range(1, WEEK, Unit.DAY);
    private static final Range PER_RUN = new Range(1, 2000, Unit.PIECE);
    private static final Range ILL = new Range(0, 52, Unit.WEEK);
    private static final int MONTHS = 12;

    /** Makes a year without holidays, washed by the calendar. */
    public Setting(
        int pieces,
        double usesPerDay,
        int everyDays,
        int perRun,
        double[][] dryingDays,
        double illWeeksPerYear,
        int years,
        long seed) {
      this(pieces, usesPerDay, everyDays, perRun, dryingDays, illWeeksPerYear, 0, 2, years, seed);
    }

    public Setting {
      PIECES.check("pieces", pieces);
      StockNeed.USES_PER_DAY.check("usesPerDay", usesPerDay);
      EVERY.check("everyDays", everyDays);
      PER_RUN.check("perRun", perRun);
      ILL.check("illWeeksPerYear", illWeeksPerYear);
      ILL.check("awayWeeksPerYear", awayWeeksPerYear);
      LONGEST_DAYS.check("longestDays", longestDays);
      YEARS.check("years", years);
      if (dryingDays.length != MONTHS) {
        throw new OutOfRange(
            "dryingDays",
            Said.of(StockSaying.ROWS).with("rows", dryingDays.length),
            StockSaying.A_ROW_A_MONTH);
      }
      for (double[] month : dryingDays) {
        boolean whole = Math.abs(Arrays.stream(month).sum() - 1) < 1e-6;
        if (!whole || month.length > LONGEST_DRYING_DAYS + 1) {
          throw new OutOfRange("dryingDays", Arrays.toString(month), StockSaying.SHARES_OF_ONE);
        }
      }
    }
  }

  /**
   * What one run takes.
   *
   * @param litres water [L]
   * @param kwh electricity [kWh]
   * @param money in the household's currency
   * @param attendedMinutes of a person's work [min]
   */
  public record PerRun(double litres, double kwh, double money, double attendedMinutes) {
    /** Nothing was washed yet. */
    public static final PerRun UNKNOWN = new PerRun(0, 0, 0, 0);
  }

  /**
   * What a rhythm takes in a year.
   *
   * @param litres water [L]
   * @param kwh electricity [kWh]
   * @param money in the household's currency
   * @param hours of a person's work [h]
   * @param washesPerPiece how often each piece is washed
   */
  public record Yearly(
      double litres, double kwh, double money, double hours, double washesPerPiece) {}

  /** Returns what it takes in a year when every run is like one. */
  public Yearly yearly(int owned, PerRun run) {
    return new Yearly(
        runsPerYear * run.litres,
        runsPerYear * run.kwh,
        runsPerYear * run.money,
        runsPerYear * run.attendedMinutes / MINUTES_PER_HOUR,
        owned == 0 ? 0 : usedPerYear / owned);
  }

  /** Returns whether it runs short so seldom that it is as good as never. */
  public boolean enough() {
    return shortagesPerYear <= SELDOM_DAYS;
  }

  /** Returns what a rhythm does, by simulation. */
  public static Rhythm of(Setting s) {
    Year sum = new Year();
    for (int year = 0; year < s.years; year++) {
      walk(s, new SplittableRandom(s.seed + year), sum);
    }
    double years = s.years;
    return new Rhythm(
        sum.shortDays / years,
        sum.missing / years,
        sum.runs / years,
        sum.used == 0 ? 0 : sum.waited / sum.used,
        sum.longest,
        sum.used / years);
  }

  private static final class Year {
    double shortDays;
    double missing;
    double runs;
    double waited;
    double longest;
    double used;
  }

  private static void walk(Setting s, SplittableRandom random, Year sum) {
    int clean = s.pieces;
    int soiled = 0;
    int oldestDays = 0;
    int[] back = new int[LONGEST_DRYING_DAYS + 2];
    boolean ill = false;
    boolean away = false;
    for (int day = -WARM_UP_DAYS; day < DAYS; day++) {
      boolean counted = day >= 0;
      clean += back[0];
      System.arraycopy(back, 1, back, 0, back.length - 1);
      back[back.length - 1] = 0;
      if (Math.floorMod(day, WEEK) == 0) {
        ill = random.nextDouble() < s.illWeeksPerYear / (DAYS / (double) WEEK);
        away =
            s.awayWeeksPerYear > 0
                && random.nextDouble() < s.awayWeeksPerYear / (DAYS / (double) WEEK);
      }
      int wanted = away ? 0 : poisson(random, s.usesPerDay * (ill ? 1.5 : 1));
      int taken = Math.min(wanted, clean);
      clean -= taken;
      soiled += taken;
      if (counted) {
        sum.used += taken;
        sum.missing += wanted - taken;
        sum.shortDays += taken < wanted ? 1 : 0;
        // Pieces of today wait half a day on average, those of before a whole one.
        sum.waited += soiled - taken / 2.0;
      }
      oldestDays = soiled > 0 ? oldestDays + 1 : 0;
      if (counted) {
        sum.longest = Math.max(sum.longest, oldestDays);
      }
      if (washes(s, day, soiled, oldestDays)) {
        int month = Math.floorMod(day, DAYS) * 12 / DAYS;
        // Drawn even when nothing is soiled, so that other stocks meet the same weather.
        back[drying(random, s.dryingDays[month])] += soiled;
        sum.runs += counted ? Math.ceil(soiled / (double) s.perRun) : 0;
        soiled = 0;
        oldestDays = 0;
      }
    }
  }

  private static boolean washes(Setting s, int day, int soiled, int oldestDays) {
    return s.everyDays == BY_TRIGGER
        ? soiled >= FULL_RUN * s.perRun || oldestDays >= s.longestDays
        : Math.floorMod(day, s.everyDays) == s.everyDays - 1;
  }

  private static int drying(SplittableRandom random, double[] shares) {
    double chance = random.nextDouble();
    for (int days = 0; days < shares.length; days++) {
      chance -= shares[days];
      if (chance < 0) {
        return days;
      }
    }
    return shares.length - 1;
  }

  /** Returns a count by chance with this mean, by Knuth's product of random numbers. */
  private static int poisson(SplittableRandom random, double mean) {
    double limit = Math.exp(-mean);
    double product = random.nextDouble();
    int count = 0;
    while (product > limit) {
      product *= random.nextDouble();
      count++;
    }
    return count;
  }
}
