package org.nestrinse.core.dry;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.kit.Dryer;
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
 * @param alone what it costs when it shares no run of the dryer
 */
public record Course(
    Batch batch,
    List<Leg> legs,
    List<Mark> marks,
    List<HangingGroup.Point> points,
    @Nullable Instant dryBy,
    double kwh,
    double money,
    double wear,
    PlanCost alone) {
  private static final double LONGEST_H = AirDrying.LONGEST_H;
  private static final double HOURS_PER_MOVE = 0.5;
  private static final double SECONDS_PER_HOUR = 3600;

  Course(
      Batch batch,
      List<Leg> legs,
      List<Mark> marks,
      List<HangingGroup.Point> points,
      @Nullable Instant dryBy,
      double kwh,
      double money,
      double wear) {
    this(
        batch,
        legs,
        marks,
        points,
        dryBy,
        kwh,
        money,
        wear,
        cost(batch, legs, marks, dryBy, money, wear));
  }

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

  /** What is done to hanging pieces. */
  public enum Sort {
    HANG("hang"),
    TURN("turn"),
    SHADE("into the shade"),
    OUT("take out"),
    BRING_IN("bring in"),
    DRYER("into the dryer"),
    DRY("dry");

    private final String words;

    Sort(String words) {
      this.words = words;
    }

    /** Returns what is done, in words. */
    public String words() {
      return words;
    }
  }

  /**
   * One thing to do.
   *
   * @param at when
   * @param sort what
   * @param words the same with its reason
   */
  public record Mark(Instant at, Sort sort, String words) {}

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
        marks.stream().map(m -> m.sort == Sort.DRY ? new Mark(end, Sort.DRY, m.words) : m).toList();
    List<HangingGroup.Point> way = new ArrayList<>(points);
    HangingGroup.Point dry = way.remove(way.size() - 1);
    way.add(new HangingGroup.Point(end, dry.moisture()));
    return new Course(batch, shared, then, way, end, kwh, money, wear);
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
    return new Course(
        batch.of(batch.count() + other.batch.count()),
        legs,
        marks,
        points,
        dryBy,
        kwh + other.kwh,
        money + other.money,
        wear + other.wear);
  }

  /** Returns how often it is carried from one spot to another, the first hanging apart. */
  private static int moves(Batch batch, List<Mark> marks) {
    boolean hangs = batch.at() != null;
    return (int)
        marks.stream().filter(m -> moves(m.sort) || (hangs && m.sort == Sort.HANG)).count();
  }

  private static boolean moves(Sort sort) {
    return sort == Sort.OUT || sort == Sort.BRING_IN || sort == Sort.DRYER || sort == Sort.SHADE;
  }

  /** Returns how late it is for the shelf when it is dry at this moment [h]. */
  static double late(Batch batch, @Nullable Instant dryBy) {
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

  /** Returns what it costs when it is dry at this moment, which a shared run may put off. */
  PlanCost cost(@Nullable Instant dry) {
    return cost(batch, legs, marks, dry, money, wear);
  }

  private static PlanCost cost(
      Batch batch,
      List<Leg> legs,
      List<Mark> marks,
      @Nullable Instant dry,
      double money,
      double wear) {
    Instant start = legs.get(0).from();
    double hours =
        dry == null ? LONGEST_H : Duration.between(start, dry).toSeconds() / SECONDS_PER_HOUR;
    double waiting = batch.count() * (hours + HOURS_PER_MOVE * moves(batch, marks));
    return new PlanCost(batch.count() * late(batch, dry), money, wear, waiting);
  }
}
