package org.nestrinse.core.shelf;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.kit.Tariff;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;

/**
 * What the rounds of the coming days must satisfy.
 *
 * @param from planned from the full hour after this moment on
 * @param days how many days, 1 to 14
 * @param presence when somebody is there for what needs a person; nobody named means always
 * @param quiet when the machine must not run, or null
 * @param tariff what electricity costs at which hour
 * @param shape what a round takes
 * @param soiledPerDay pieces that come in on a normal day
 * @param waiting pieces that wait now
 * @param oldestH how long the oldest has waited [h]
 * @param holdingH how long a piece may wait [h]
 * @param needs what is in daily use
 * @param drying by hour of the start: how what is washed then dries
 */
@RecordBuilder
public record WeekQuestion(
    ZonedDateTime from,
    int days,
    List<Presence> presence,
    @Nullable Quiet quiet,
    Tariff tariff,
    Shape shape,
    double soiledPerDay,
    int waiting,
    double oldestH,
    double holdingH,
    List<Need> needs,
    List<Drying> drying) {
  /** How many days are laid out. */
  public static final Range DAYS = new Range(1, 14, Unit.DAY);

  private static final int HOURS_PER_DAY = 24;
  private static final int PRICE_STEP_MINUTES = 15;

  /**
   * Hours at which a carer is there.
   *
   * @param carer who
   * @param day on which day of the week
   * @param from since when
   * @param to until when, later than {@code from}
   */
  public record Presence(String carer, DayOfWeek day, LocalTime from, LocalTime to) {
    public Presence {
      if (!from.isBefore(to)) {
        throw new OutOfRange("to", to, Said.of(Allowed.LATER_THAN).with("time", from));
      }
    }

    boolean holds(ZonedDateTime moment) {
      LocalTime time = moment.toLocalTime();
      return moment.getDayOfWeek() == day && !time.isBefore(from) && time.isBefore(to);
    }
  }

  /**
   * Hours in which the machine must not run; they may lead over midnight.
   *
   * @param from since when
   * @param to until when
   */
  public record Quiet(LocalTime from, LocalTime to) {
    boolean holds(LocalTime time) {
      return from.isBefore(to)
          ? !time.isBefore(from) && time.isBefore(to)
          : !time.isBefore(from) || time.isBefore(to);
    }
  }

  /**
   * What a round takes.
   *
   * @param bulkAfterMinutes when bulkers join, 0 when none do [min]
   * @param minutes until it is out of the machine [min]
   * @param perRun pieces that one run takes
   * @param kwh electricity of a run [kWh]
   * @param otherMoney water and products of a run
   */
  public record Shape(
      int bulkAfterMinutes, int minutes, int perRun, double kwh, double otherMoney) {
    private static final Range MINUTES = new Range(20, 720, Unit.MINUTE);
    private static final Range PER_RUN = new Range(1, 2000, Unit.PIECE);

    /** What a round takes when none was ever washed here. */
    public static final Shape USUAL = new Shape(45, 210, 45, 1.2, 0.6);

    private static final double LEAST_FILL = 0.1;

    public Shape {
      MINUTES.check("minutes", minutes);
      PER_RUN.check("perRun", perRun);
    }

    /**
     * A step of a round.
     *
     * @param minutes it takes
     * @param whole whether bulkers are in
     * @param runs whether the machine is still at work
     */
    public record StepTime(int minutes, boolean whole, boolean runs) {}

    /**
     * The last round.
     *
     * @param steps in order
     * @param pieces how many
     * @param fill how full the drum was
     * @param minutes until it was out of the machine [min]
     * @param kwh electricity [kWh]
     * @param money what it cost
     */
    public record Last(
        List<StepTime> steps, int pieces, double fill, double minutes, double kwh, double money) {}

    /**
     * Returns the shape of the next round, which is like the last.
     *
     * @param fullest how full the machine may be
     * @param pricePerKwh by day
     */
    public static Shape like(Last last, double fullest, double pricePerKwh) {
      int bulk = bulkAfter(last.steps);
      double perRun = last.pieces * fullest / Math.max(LEAST_FILL, last.fill);
      return new Shape(
          bulk < last.minutes ? bulk : 0,
          (int) MINUTES.clamp(last.minutes),
          (int) Math.max(1, perRun),
          last.kwh,
          Math.max(0, last.money - last.kwh * pricePerKwh));
    }

    /** When bulkers join: before the first step of the whole load that is not the first step. */
    private static int bulkAfter(List<StepTime> steps) {
      int before = 0;
      for (StepTime step : steps) {
        if (before > 0 && step.whole && step.runs) {
          return before;
        }
        before += step.minutes;
      }
      return 0;
    }
  }

  /**
   * Something in daily use.
   *
   * @param name what
   * @param perDay uses a day
   * @param owned how many there are in all
   * @param coveredH for how long it lasts without another wash [h]
   */
  public record Need(Saying name, double perDay, int owned, double coveredH) {}

  /**
   * How what comes out at some hour dries.
   *
   * @param hours until the slowest is dry [h]
   * @param bringInAfterH when it is brought in before rain or night [h], or null when it stays
   */
  public record Drying(double hours, @Nullable Double bringInAfterH) {}

  public WeekQuestion {
    DAYS.check("days", days);
    presence = List.copyOf(presence);
    needs = List.copyOf(needs);
    drying = List.copyOf(drying);
    if (drying.size() < days * HOURS_PER_DAY) {
      throw new OutOfRange(
          "drying",
          Said.from(Quantity.of(drying.size(), Unit.HOUR)),
          Said.from(Quantity.of(days * HOURS_PER_DAY, Unit.HOUR)));
    }
    from = from.truncatedTo(ChronoUnit.HOURS).plusHours(1);
  }

  /** Returns whether nothing waits and nothing will come in. */
  public boolean nothingToWash() {
    return waiting == 0 && soiledPerDay == 0;
  }

  /** Returns how many hours are laid out. */
  int hours() {
    return days * HOURS_PER_DAY;
  }

  /**
   * Returns an hour of the plan; counted on the clock of the world, so that summer time shifts it.
   */
  ZonedDateTime at(int hour) {
    return from.plus(Duration.ofHours(hour));
  }

  /** Returns who is there at a moment; nobody when somebody was named and is away. */
  List<String> there(ZonedDateTime moment) {
    return presence.stream()
        .filter(p -> p.holds(moment))
        .map(Presence::carer)
        .distinct()
        .collect(Collectors.toList());
  }

  private boolean attended(ZonedDateTime moment) {
    return presence.isEmpty() || !there(moment).isEmpty();
  }

  /** Returns what stands against a round that starts in an hour, none when nothing does. */
  List<StockSaying> objections(int hour) {
    ZonedDateTime start = at(hour);
    ZonedDateTime end = start.plusMinutes(shape.minutes);
    List<StockSaying> all = new java.util.ArrayList<>();
    if (!attended(start)) {
      all.add(StockSaying.NOBODY_STARTS);
    }
    if (shape.bulkAfterMinutes > 0 && !attended(start.plusMinutes(shape.bulkAfterMinutes))) {
      all.add(StockSaying.NOBODY_ADDS);
    }
    if (!attended(end)) {
      all.add(StockSaying.NOBODY_HANGS);
    }
    if (quiet != null) {
      for (ZonedDateTime t = start; t.isBefore(end); t = t.plusMinutes(PRICE_STEP_MINUTES)) {
        if (quiet.holds(t.toLocalTime())) {
          all.add(StockSaying.QUIET_HOURS);
          break;
        }
      }
    }
    return all;
  }

  /** Returns what one run costs that starts in an hour. */
  double money(int hour) {
    double sum = 0;
    int steps = Math.max(1, shape.minutes / PRICE_STEP_MINUTES);
    for (int i = 0; i < steps; i++) {
      sum += tariff.perKwh(at(hour).plusMinutes((long) i * PRICE_STEP_MINUTES).toLocalTime());
    }
    return shape.kwh * sum / steps + shape.otherMoney;
  }

  /** Returns the next moment from one on at which somebody is there. */
  ZonedDateTime nextAttended(ZonedDateTime moment) {
    ZonedDateTime t = moment;
    for (int i = 0; i < 2 * HOURS_PER_DAY * 7 && !attended(t); i++) {
      t = t.truncatedTo(ChronoUnit.HOURS).plusMinutes(t.getMinute() < 30 ? 30 : 60);
    }
    return t;
  }
}
