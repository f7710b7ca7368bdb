package org.nestrinse.core.dry.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.dry.DrySpan;
import org.nestrinse.core.dry.DryingWishes;
import org.nestrinse.core.dry.HangingGroup;
import org.nestrinse.core.dry.Spot;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.textile.DryerHeat;

/**
 * The way of one batch from damp to dry.
 *
 * @param batch the pieces
 * @param legs where they are, one after the other
 * @param marks what a person does, in order
 * @param points how damp they are
 * @param dryBy when they are dry, or null when not within four days
 * @param kwh electricity, dryer and fans [kWh]
 * @param money what that costs
 * @param wear a house figure: 1 for each piece and hour of tumbling at normal heat, half of it for
 *     an hour of strong sun on a piece that is waterproof or elastic
 * @param wetSunKwhM2 sun on the cloth while it is damp, which pales stains [kWh/m²]
 * @param weights what it is weighed by
 */
@RecordBuilder
public record Course(
    DryingBatch batch,
    List<Leg> legs,
    List<Mark> marks,
    List<HangingGroup.Point> points,
    @Nullable Instant dryBy,
    double kwh,
    double money,
    double wear,
    double wetSunKwhM2,
    Weights weights) {
  private static final double LONGEST_H = AirDrying.LONGEST_H;

  /** A piece may be damp for so long; warm hours count twice [h]. */
  public static final double DAMP_H = 24;

  /** Hours of drying that moving a batch is worth. */
  private static final double HOURS_PER_MOVE = 2;

  /** What wear counts against money: a house figure, hardly more than a tie. */
  private static final double WEAR_WORTH = 0.002;

  private static final double SECONDS_PER_HOUR = 3600;

  public Course {
    legs = List.copyOf(legs);
    marks = List.copyOf(marks);
    points = List.copyOf(points);
  }

  /**
   * A time in one spot or in one dryer.
   *
   * @param from since when
   * @param to until when
   * @param spot where they hang, or null in a dryer
   * @param tumble the dryer's run, or null on a line
   * @param crowded whether they hang closer than there is room for
   */
  public record Leg(
      Instant from, Instant to, @Nullable Spot spot, @Nullable Tumble tumble, boolean crowded) {}

  /**
   * A run in a dryer.
   *
   * @param dryerId the household's number for it
   * @param dryer the dryer
   * @param heat at which it runs
   * @param minutes how long, cool-down included [min]
   * @param waterKg what it takes out of this batch [kg]
   * @param kwh electricity [kWh]
   */
  public record Tumble(
      long dryerId, Dryer dryer, DryerHeat heat, double minutes, double waterKg, double kwh) {}

  /**
   * What a course is weighed by.
   *
   * @param wishes how the household wants to dry
   * @param whole how many pieces its batch has in all
   * @param dampH how long it is damp in all, warm hours twice [h]
   */
  record Weights(DryingWishes wishes, int whole, double dampH) {}

  /** What is done to hanging pieces. */
  public enum Event implements Saying {
    HANG,
    TURN,
    SHADE,
    OUT,
    BRING_IN,
    DRYER,
    DRY;
  }

  /**
   * One thing to do.
   *
   * @param at when
   * @param sort what
   * @param words the same with its reason
   */
  public record Mark(Instant at, Event sort, Said words) {}

  /** Returns the dryer's run, or null when it dries in the air alone. */
  public @Nullable Tumble tumble() {
    return legs.get(legs.size() - 1).tumble();
  }

  /** Returns this course when its dryer's run is shared and takes longer. */
  Course sharing(double minutes, Instant end) {
    Tumble alone = tumble();
    if (alone == null) {
      return this;
    }
    int last = legs.size() - 1;
    List<Leg> shared = new ArrayList<>(legs);
    Tumble run =
        new Tumble(alone.dryerId, alone.dryer, alone.heat, minutes, alone.waterKg, alone.kwh);
    shared.set(last, new Leg(legs.get(last).from, end, null, run, false));
    List<Mark> then =
        marks.stream()
            .map(m -> m.sort == Event.DRY ? new Mark(end, Event.DRY, m.words) : m)
            .toList();
    List<HangingGroup.Point> way = new ArrayList<>(points);
    HangingGroup.Point dry = way.remove(way.size() - 1);
    way.add(new HangingGroup.Point(end, dry.moisture()));
    return CourseBuilder.builder()
        .batch(batch)
        .legs(shared)
        .marks(then)
        .points(way)
        .dryBy(end)
        .kwh(kwh)
        .money(money)
        .wear(wear)
        .wetSunKwhM2(wetSunKwhM2)
        .weights(weights)
        .build();
  }

  /** Returns whether another part of the same batch goes the same way. */
  boolean sameWay(Course other) {
    return batch.key() == other.batch.key()
        && marks.equals(other.marks)
        && Objects.equals(dryBy, other.dryBy)
        && legs.stream()
            .map(Leg::spot)
            .toList()
            .equals(other.legs.stream().map(Leg::spot).toList());
  }

  /** Returns this course with another part of the same batch. */
  Course with(Course other) {
    return CourseBuilder.builder()
        .batch(batch.of(batch.count() + other.batch.count()))
        .legs(legs)
        .marks(marks)
        .points(points)
        .dryBy(dryBy)
        .kwh(kwh + other.kwh)
        .money(money + other.money)
        .wear(wear + other.wear)
        .wetSunKwhM2(wetSunKwhM2)
        .weights(weights)
        .build();
  }

  /** Returns how often it is carried from one spot to another, the first hanging apart. */
  int moves() {
    return (int) marks.stream().filter(this::carries).count();
  }

  /** Returns whether a mark means that pieces are carried somewhere else. */
  boolean carries(Mark mark) {
    return switch (mark.sort) {
      case OUT, BRING_IN, DRYER, SHADE -> true;
      case HANG -> batch.at() != null;
      case TURN, DRY -> false;
    };
  }

  /** Returns how late it is for the shelf when it is dry at this moment [h]. */
  static double late(DryingBatch batch, @Nullable Instant dryBy) {
    if (batch.neededBy() == null) {
      return 0;
    }
    if (dryBy == null) {
      return LONGEST_H;
    }
    return Math.max(0, Duration.between(batch.neededBy(), dryBy).toSeconds() / SECONDS_PER_HOUR);
  }

  /** Returns whether it comes too late for the shelf. */
  public boolean late() {
    return late(batch, dryBy) > 0;
  }

  /** Returns the course of pieces for which no place has room: they wait, damp. */
  static Course nowhere(DryingBatch batch, DryingQuestion question, int whole) {
    Instant from = question.from();
    Instant to = question.hour(question.weather().size() - 1);
    return CourseBuilder.builder()
        .batch(batch)
        .legs(List.of(new Leg(from, to, null, null, false)))
        .marks(List.of())
        .points(
            List.of(
                new HangingGroup.Point(from, batch.moisture()),
                new HangingGroup.Point(to, batch.moisture())))
        .dryBy(null)
        .kwh(0)
        .money(0)
        .wear(0)
        .wetSunKwhM2(0)
        .weights(new Weights(question.wishes(), whole, LONGEST_H))
        .build();
  }

  /**
   * Returns the course of pieces that tumble already: they are taken out when the dryer ends.
   *
   * @param batch what is in the dryer, with when it went in
   * @param end when the dryer is done
   */
  public static Course tumbling(DryingBatch batch, Instant end, DryingWishes wishes) {
    return CourseBuilder.builder()
        .batch(batch)
        .legs(List.of(new Leg(batch.hungAt(), end, null, null, false)))
        .marks(List.of(new Mark(end, Event.DRY, Said.NOTHING)))
        .points(List.of())
        .dryBy(end)
        .kwh(0)
        .money(0)
        .wear(0)
        .wetSunKwhM2(0)
        .weights(new Weights(wishes, batch.count(), 0))
        .build();
  }

  /** Returns whether no place has room for it. */
  public boolean noRoom() {
    return legs.size() == 1 && legs.get(0).spot() == null && tumble() == null;
  }

  /** Returns whether it stays damp so long that it will smell. */
  public boolean dampTooLong() {
    return weights.dampH > DAMP_H + 1e-6;
  }

  /** Returns where it is, one after the other. */
  List<String> where() {
    return legs.stream()
        .map(
            leg ->
                leg.spot() != null
                    ? leg.spot().placeId() + "/" + leg.spot().carriedIn() + leg.crowded
                    : leg.tumble == null ? "" : leg.tumble.dryer.name())
        .toList();
  }

  /** Returns what it costs when it shares no run of the dryer. */
  PlanCost alone() {
    return cost(dryBy);
  }

  /**
   * Returns when it should be dry, as a span, or null when not within four days.
   *
   * @param checked whether touch checks have taught its place
   */
  public @Nullable DrySpan span(boolean checked) {
    if (dryBy == null) {
      return null;
    }
    if (tumble() != null) {
      return DrySpan.tumbled(legs.get(legs.size() - 1).from(), dryBy);
    }
    return DrySpan.of(batch.hungAt() == null ? start() : batch.hungAt(), dryBy, checked);
  }

  private Instant start() {
    return legs.get(0).from();
  }

  /**
   * Returns what it costs when it is dry at this moment, which a shared run may put off.
   *
   * @param dry when it is dry, or null when not within four days
   */
  PlanCost cost(@Nullable Instant dry) {
    Weights w = weights;
    double hours =
        dry == null ? LONGEST_H : Duration.between(start(), dry).toSeconds() / SECONDS_PER_HOUR;
    double share = batch.count() / (double) w.whole;
    double waiting = share * (hours + HOURS_PER_MOVE * moves());
    boolean wants =
        w.wishes.tumbling() == DryingWishes.Tumbling.ABSORBENT
            && batch.kind().absorbent()
            && batch.kind().tumble() != DryerHeat.NONE;
    int unwished = wants && tumble() == null ? batch.count() : 0;
    return new PlanCost(
        batch.count() * late(batch, dry),
        batch.count() * Math.max(0, w.dampH - DAMP_H),
        unwished,
        money + w.wishes.hour() * waiting + WEAR_WORTH * wear,
        money,
        wear);
  }
}
