package org.nestrinse.core.dry.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.nestrinse.core.dry.HangingGroup;

/**
 * What evaporates in each room, hour by hour, from each part of the wash, so that every way is made
 * with the room's air as it will be with everything in it.
 */
final class RoomLoad {
  /** Nothing hangs anywhere yet. */
  static final RoomLoad EMPTY = new RoomLoad(0);

  private static final double NEW_SHARE = 0.5;

  private final int hours;
  private final Map<Long, double[]> whole = new HashMap<>();
  private final Map<Integer, Map<Long, double[]>> own = new HashMap<>();

  private RoomLoad(int hours) {
    this.hours = hours;
  }

  /** Returns what everything but one part evaporates in a room in an hour [kg/h]. */
  double others(long placeId, int hour, int part) {
    double[] all = whole.get(placeId);
    if (all == null || hour >= hours) {
      return 0;
    }
    double[] mine = own.getOrDefault(part, Map.of()).get(placeId);
    return Math.max(0, all[hour] - (mine == null ? 0 : mine[hour]));
  }

  /**
   * Returns what some courses evaporate.
   *
   * @param courses one for each part, in their order
   */
  static RoomLoad of(List<Course> courses, DryingQuestion question) {
    RoomLoad load = new RoomLoad(question.weather().size());
    for (int part = 0; part < courses.size(); part++) {
      Course course = courses.get(part);
      for (Course.Leg leg : course.legs()) {
        if (leg.spot() != null && !leg.spot().outdoors()) {
          load.add(part, course, leg, question);
        }
      }
    }
    return load;
  }

  private void add(int part, Course course, Course.Leg leg, DryingQuestion question) {
    long place = leg.spot().placeId();
    double kg = course.batch().massKg();
    int first = question.indexOf(leg.from());
    for (int hour = first; hour < hours; hour++) {
      Instant from = later(question.hour(hour), leg.from());
      Instant to = hour + 1 < hours ? question.hour(hour + 1) : leg.to();
      to = to.isAfter(leg.to()) ? leg.to() : to;
      double length = Duration.between(from, to).toSeconds() / 3600.0;
      if (length <= 0) {
        break;
      }
      double gone =
          HangingGroup.moistureAt(course.points(), from)
              - HangingGroup.moistureAt(course.points(), to);
      double kgPerHour = Math.max(0, gone) * kg;
      whole.computeIfAbsent(place, p -> new double[hours])[hour] += kgPerHour;
      own.computeIfAbsent(part, p -> new HashMap<>())
              .computeIfAbsent(place, p -> new double[hours])[hour] +=
          kgPerHour;
    }
  }

  private static Instant later(Instant a, Instant b) {
    return a.isAfter(b) ? a : b;
  }

  /** Returns this load moved half the way to another, so that two looks do not swing about. */
  RoomLoad towards(RoomLoad other) {
    RoomLoad mean = new RoomLoad(Math.max(hours, other.hours));
    mean.mix(this, 1 - NEW_SHARE);
    mean.mix(other, NEW_SHARE);
    return mean;
  }

  private void mix(RoomLoad from, double share) {
    from.whole.forEach((place, kg) -> addTo(whole, place, kg, share));
    from.own.forEach(
        (part, rooms) ->
            rooms.forEach(
                (place, kg) ->
                    addTo(own.computeIfAbsent(part, p -> new HashMap<>()), place, kg, share)));
  }

  private void addTo(Map<Long, double[]> to, long place, double[] kg, double share) {
    double[] sum = to.computeIfAbsent(place, p -> new double[hours]);
    for (int hour = 0; hour < kg.length; hour++) {
      sum[hour] += share * kg[hour];
    }
  }
}
