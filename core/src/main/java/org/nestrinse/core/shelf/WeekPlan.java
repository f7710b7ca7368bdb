package org.nestrinse.core.shelf;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Duration;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;

/**
 * The rounds of the coming days: those starts for which nothing is held too long, nothing is
 * missing on the shelf, and the least is paid. Found exactly, as the shortest path through all
 * hours at which a round may start.
 *
 * @param rounds in order
 * @param cost what it counts: money, with a price on every hour held too long, every use that is
 *     missing and everything that stands against a chosen hour
 * @see "docs/models.md, the week"
 */
public record WeekPlan(List<Round> rounds, double cost) {
  /** Cost of one hour beyond the holding limit. */
  static final double LATE_HOUR = 0.5;

  /** Cost of one use with nothing clean. */
  static final double MISSING_USE = 2;

  /** Cost of one hour of drying: good weather is worth a short wait. */
  static final double DRYING_HOUR = 0.01;

  /** Cost of one hour in which two rounds share the same lines. */
  static final double CROWDED_HOUR = 0.03;

  /** Cost of each objection to an hour that a person chose anyway. */
  static final double OBJECTION = 1;

  /** Time over the limit that is not mentioned, since rounds start at full hours [h]. */
  private static final double HARDLY_LATE_H = 0.5;

  private static final double TURN_AFTER_H = 2;
  private static final double TURN_WHEN_LONGER_H = 3;
  private static final double HOURS_PER_DAY = 24;
  private static final int MINUTES_PER_HOUR = 60;

  /** The plan of a week in which there is nothing to wash, or nothing to wash it in. */
  public static final WeekPlan NONE = new WeekPlan(List.of(), 0);

  public WeekPlan {
    rounds = List.copyOf(rounds);
  }

  /**
   * One round.
   *
   * @param start when it begins
   * @param bulkAt when bulkers join, or null
   * @param hangAt when it is hung
   * @param turnAt when it is turned, or null
   * @param bringInAt when it is brought in, or null
   * @param dryAt when the slowest is dry
   * @param foldAt when somebody is there to fold it
   * @param pieces about how many
   * @param runs of the machine
   * @param money what they cost
   * @param heldH how long the oldest has waited by then [h]
   * @param late whether that is too long
   * @param missing uses for which nothing is clean before it is back
   * @param pinned whether a person wants it then
   * @param objections what stands against that hour
   * @param carers who is there at the start
   */
  @RecordBuilder
  public record Round(
      ZonedDateTime start,
      @Nullable ZonedDateTime bulkAt,
      ZonedDateTime hangAt,
      @Nullable ZonedDateTime turnAt,
      @Nullable ZonedDateTime bringInAt,
      ZonedDateTime dryAt,
      ZonedDateTime foldAt,
      int pieces,
      int runs,
      double money,
      double heldH,
      boolean late,
      double missing,
      boolean pinned,
      List<StockSaying> objections,
      List<String> carers) {

    /** Returns the reason of its time. */
    public Why why(WeekQuestion question, Said when) {
      Why.Builder why =
          Why.of(Said.of(WeekReason.WASH).with("when", when), WeekReason.BEST_HOUR)
              .line(WeekReason.ABOUT, Said.of(WeekReason.PIECES).with("pieces", pieces))
              .line(WeekReason.RUNS, runs)
              .line(WeekReason.OLDEST_WAITED, Quantity.of(heldH, Unit.HOUR))
              .line(WeekReason.MAY_WAIT, Quantity.of(question.holdingH(), Unit.HOUR));
      if (missing > 0) {
        why.line(WeekReason.WITHOUT_CLEAN, new Quantity(missing, Unit.NONE, 1));
      }
      if (!carers.isEmpty()) {
        why.line(
            WeekReason.THERE, Said.of(WeekReason.ONE_OR_OTHER).with("people", List.copyOf(carers)));
      }
      objections.forEach(o -> why.line(WeekReason.AGAINST, o));
      return why.total(WeekReason.COSTS, new Quantity(money, Unit.MONEY, 2)).by(Model.WEEK);
    }
  }

  /** Returns the best plan. */
  public static WeekPlan of(WeekQuestion question) {
    return of(question, List.of());
  }

  /**
   * Returns the best plan in which rounds start at some given hours.
   *
   * @param pins starts that a person wants; what lies outside the days is left out
   * @throws OutOfRange when two of them are nearer than a round takes
   */
  public static WeekPlan of(WeekQuestion question, Collection<ZonedDateTime> pins) {
    return question.nothingToWash() ? NONE : new Search(question, pins).plan();
  }

  private static final class Search {
    private static final int BEGIN = -1;
    private final WeekQuestion question;
    private final TreeSet<Integer> pins = new TreeSet<>();
    private final List<Integer> nodes = new ArrayList<>();
    private final int apart;
    private final double[] money;
    private final int[] objections;

    Search(WeekQuestion question, Collection<ZonedDateTime> wanted) {
      this.question = question;
      this.apart = (int) Math.ceil(question.shape().minutes() / (double) MINUTES_PER_HOUR);
      for (ZonedDateTime pin : wanted) {
        long hour = Duration.between(question.at(0), pin).toHours();
        if (hour >= 0 && hour < question.hours()) {
          pins.add((int) hour);
        }
      }
      int before = -apart;
      for (int pin : pins) {
        if (pin - before < apart) {
          throw new OutOfRange("start", question.at(pin), StockSaying.NOT_WHILE_ANOTHER_RUNS);
        }
        before = pin;
      }
      // Asked for by every step of the path: looked up once.
      money = IntStream.range(0, question.hours()).mapToDouble(question::money).toArray();
      objections =
          IntStream.range(0, question.hours()).map(h -> question.objections(h).size()).toArray();
      for (int hour = 0; hour < question.hours(); hour++) {
        if (pins.contains(hour) || objections[hour] == 0) {
          nodes.add(hour);
        }
      }
    }

    WeekPlan plan() {
      int n = nodes.size();
      double[] least = new double[n];
      int[] from = new int[n];
      Arrays.fill(least, Double.POSITIVE_INFINITY);
      double best = end(BEGIN);
      int last = BEGIN;
      for (int i = 0; i < n; i++) {
        least[i] = step(BEGIN, nodes.get(i));
        from[i] = BEGIN;
        for (int j = 0; j < i; j++) {
          double cost = least[j] + step(nodes.get(j), nodes.get(i));
          if (cost < least[i]) {
            least[i] = cost;
            from[i] = j;
          }
        }
        double whole = least[i] + end(nodes.get(i));
        if (whole < best) {
          best = whole;
          last = i;
        }
      }
      List<Round> rounds = new ArrayList<>();
      for (int i = last; i != BEGIN; i = from[i]) {
        int before = from[i] == BEGIN ? BEGIN : nodes.get(from[i]);
        rounds.add(0, round(before, nodes.get(i)));
      }
      return new WeekPlan(rounds, best);
    }

    /** What a round costs that follows another one, or is the first. */
    private double step(int before, int hour) {
      boolean tooNear = before != BEGIN && hour - before < apart;
      if (tooNear || skips(before, hour)) {
        return Double.POSITIVE_INFINITY;
      }
      return runs(before, hour) * money[hour]
          + LATE_HOUR * Math.max(0, held(before, hour) - question.holdingH())
          + MISSING_USE * missing(before, back(hour))
          + DRYING_HOUR * question.drying().get(hour).hours()
          + CROWDED_HOUR * crowded(before, hour)
          + OBJECTION * objections[hour];
    }

    /** What it costs to leave the days after some round. */
    private double end(int last) {
      if (skips(last, question.hours())) {
        return Double.POSITIVE_INFINITY;
      }
      double late = Math.max(0, held(last, question.hours()) - question.holdingH());
      return LATE_HOUR * late + MISSING_USE * missing(last, question.hours());
    }

    private boolean skips(int before, int hour) {
      Integer pin = pins.higher(before);
      return pin != null && pin < hour;
    }

    /** How long the oldest piece has waited [h]. */
    private double held(int before, int hour) {
      if (before != BEGIN) {
        return hour - before;
      }
      return question.waiting() > 0 ? question.oldestH() + hour : hour;
    }

    private double pieces(int before, int hour) {
      double waiting = before == BEGIN ? question.waiting() : 0;
      int since = before == BEGIN ? 0 : before;
      return waiting + question.soiledPerDay() * (hour - since) / HOURS_PER_DAY;
    }

    private int runs(int before, int hour) {
      return (int) Math.max(1, Math.ceil(pieces(before, hour) / question.shape().perRun() - 1e-9));
    }

    /** When what is washed is back on the shelf [h]. */
    private double back(int hour) {
      return hour
          + question.shape().minutes() / (double) MINUTES_PER_HOUR
          + question.drying().get(hour).hours();
    }

    /** Hours in which the round before hangs still when this one is hung [h]. */
    private double crowded(int before, int hour) {
      double minutes = question.shape().minutes() / (double) MINUTES_PER_HOUR;
      return before == BEGIN ? 0 : Math.max(0, back(before) - (hour + minutes));
    }

    /** Uses for which nothing is clean until a moment, when the round before began at some hour. */
    private double missing(int before, double until) {
      double sum = 0;
      for (WeekQuestion.Need need : question.needs()) {
        double out =
            before == BEGIN
                ? need.perDay() * Math.max(0, until - need.coveredH()) / HOURS_PER_DAY
                : Math.max(0, need.perDay() * (until - before) / HOURS_PER_DAY - need.owned());
        sum += out;
      }
      return sum;
    }

    private Round round(int before, int hour) {
      WeekQuestion.Drying drying = question.drying().get(hour);
      ZonedDateTime start = question.at(hour);
      ZonedDateTime hang = start.plusMinutes(question.shape().minutes());
      ZonedDateTime dry = plus(hang, drying.hours());
      boolean turns = drying.hours() > TURN_WHEN_LONGER_H;
      ZonedDateTime turn = plus(hang, TURN_AFTER_H);
      int bulk = question.shape().bulkAfterMinutes();
      double held = held(before, hour);
      return WeekPlanRoundBuilder.builder()
          .start(start)
          .bulkAt(bulk == 0 ? null : start.plusMinutes(bulk))
          .hangAt(hang)
          .turnAt(turns && question.nextAttended(turn).equals(turn) ? turn : null)
          .bringInAt(drying.bringInAfterH() == null ? null : plus(hang, drying.bringInAfterH()))
          .dryAt(dry)
          .foldAt(question.nextAttended(dry))
          .pieces((int) Math.round(pieces(before, hour)))
          .runs(runs(before, hour))
          .money(runs(before, hour) * money[hour])
          .heldH(held)
          .late(held > question.holdingH() + HARDLY_LATE_H)
          .missing(missing(before, back(hour)))
          .pinned(pins.contains(hour))
          .objections(question.objections(hour))
          .carers(question.there(start))
          .build();
    }

    private static ZonedDateTime plus(ZonedDateTime time, double hours) {
      return time.plus(Duration.ofMinutes(Math.round(hours * MINUTES_PER_HOUR)));
    }
  }
}
