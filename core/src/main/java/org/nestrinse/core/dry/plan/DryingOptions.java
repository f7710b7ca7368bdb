package org.nestrinse.core.dry.plan;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.dry.DryingWishes;
import org.nestrinse.core.textile.DryerHeat;

/**
 * The ways in which one batch may become dry: hanging in one spot; outdoors while the weather is
 * good and inside for the rest, once or every day; moved once; and each of these with the dryer
 * from one of its hours on. None of them breaks a limit of the piece or of the household, carries
 * in quiet hours, or moves a piece again within three hours.
 */
final class DryingOptions {
  /** Time within which the dryer is started [h]. */
  private static final int DRYER_WITHIN_H = 24;

  /** The dryer's hours are looked at in such steps, so that pieces share runs and trips [h]. */
  private static final int DRYER_STEP_H = 2;

  /** Whatever is only finished in the dryer hangs so long before [h]. */
  private static final int FINISH_AFTER_H = 3;

  private final DryingQuestion question;
  private final RoomLoad rooms;
  private final int hours;
  private final Routes routes;
  private final Stretches stretches;

  DryingOptions(DryingQuestion question, RoomLoad rooms) {
    this.question = question;
    this.rooms = rooms;
    this.hours = question.weather().size();
    this.routes = new Routes(question);
    this.stretches = new Stretches(question);
  }

  /**
   * One way, before it is worked out.
   *
   * @param route the spot of every hour
   * @param crowded whether pieces hang closer than they should
   * @param dryer the dryer that finishes them, or null
   * @param start the hour in which it starts, -1 without a dryer
   */
  record Way(int[] route, boolean crowded, DryingQuestion.@Nullable DryerAt dryer, int start) {
    @Override
    public boolean equals(@Nullable Object other) {
      return other instanceof Way way
          && Arrays.equals(route, way.route)
          && crowded == way.crowded
          && start == way.start
          && Objects.equals(dryer, way.dryer);
    }

    @Override
    public int hashCode() {
      return Objects.hash(Arrays.hashCode(route), crowded, dryer, start);
    }
  }

  /** A part of a batch: its place among all parts tells it from the others. */
  record Part(int index, DryingBatch batch, int whole) {}

  /** Returns all ways of a part under a policy, each once, with their courses. */
  Map<Way, Course> of(Part part, DryingPolicy policy) {
    DryingBatch batch = part.batch;
    boolean mayTumble =
        batch.kind().tumble() != DryerHeat.NONE
            && !question.dryers().isEmpty()
            && question.wishes().tumbling() != DryingWishes.Tumbling.NEVER;
    Map<Way, Course> all = new LinkedHashMap<>();
    for (int[] route : routes.of(batch)) {
      if (mayHang(batch, route, false)) {
        WayInAir air = air(part, route, false);
        if (policy.air(mayTumble, air.dryHour())) {
          add(all, air, new Way(route, false, null, -1));
        }
        if (mayTumble && policy.dryer()) {
          tumbled(batch, policy, air, all);
        }
      }
      if (Routes.stays(route) && mayHang(batch, route, true)) {
        WayInAir close = air(part, route, true);
        if (policy.air(mayTumble, 0)) {
          add(all, close, new Way(route, true, null, -1));
        }
        if (mayTumble && policy.dryer()) {
          tumbled(batch, policy, close, all);
        }
      }
    }
    return all;
  }

  /** Whether pieces that stay may be hung closer or further apart: nobody does that at night. */
  private boolean mayHang(DryingBatch batch, int[] route, boolean crowded) {
    boolean here = batch.at() != null && question.spots().get(route[0]).equals(batch.at());
    return !here || !Routes.stays(route) || crowded == batch.crowded() || question.errand(0);
  }

  private WayInAir air(Part part, int[] route, boolean crowded) {
    return new WayInAir(question, rooms, stretches, part, route, crowded);
  }

  private static void add(Map<Way, Course> all, WayInAir air, Way way) {
    all.put(way, air.course(way.dryer, way.start));
  }

  /** Returns the course of a way, with the rooms' air as it is known now. */
  Course course(Part part, Way way) {
    return air(part, way.route, way.crowded).course(way.dryer, way.start);
  }

  private void tumbled(DryingBatch batch, DryingPolicy policy, WayInAir air, Map<Way, Course> all) {
    int last = air.dryHour() < 0 ? DRYER_WITHIN_H : Math.min(DRYER_WITHIN_H, air.dryHour());
    boolean finish = question.wishes().tumbling() == DryingWishes.Tumbling.FINISH_ONLY;
    TreeSet<Integer> starts = new TreeSet<>();
    for (int hour = 0; hour <= Math.min(last, hours - 1); hour++) {
      boolean looked = hour % DRYER_STEP_H == 0 || hour == air.firstMove();
      boolean hung = !finish || hour >= FINISH_AFTER_H || batch.hungAt() != null;
      if (looked
          && hung
          && question.errand(hour)
          && policy.starts(hour, air.firstMove())
          && air.restedBefore(hour)) {
        starts.add(hour);
      }
    }
    for (DryingQuestion.DryerAt dryer : question.dryers()) {
      if (batch.massKg() > dryer.dryer().capacityKg()) {
        continue;
      }
      for (int start : starts) {
        if (!question.hour(start).isBefore(dryer.freeFrom())) {
          add(all, air, new Way(air.route(), air.crowded(), dryer, start));
        }
      }
    }
  }
}
