package org.nestrinse.core.dry;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;

/**
 * How everything dries that stays where it hangs, minute by minute and all of it together, since
 * what hangs in one room shares its air.
 *
 * @see "docs/models.md, section 8"
 */
public final class JointDrying {
  private static final int MINUTES_PER_HOUR = 60;
  private static final int LOOK_MINUTES = 5;

  private JointDrying() {}

  /**
   * Equal pieces that hang together.
   *
   * @param key the caller's number for them
   * @param kind what they are
   * @param spot where
   * @param exposure share of both faces that the air reaches, corrections included
   * @param pieces how many
   * @param hungAt since when
   * @param startMoisture how damp they were then [kg/kg]
   */
  public record Group(
      long key,
      Kind kind,
      Spot spot,
      double exposure,
      int pieces,
      Instant hungAt,
      double startMoisture) {}

  /**
   * Returns how each group dries, by its key.
   *
   * @param weather hour by hour; the first hour holds the moment at which the first group was hung
   */
  public static Map<Long, AirDrying> of(List<Group> groups, List<WeatherHour> weather) {
    Map<Long, AirDrying> all = new LinkedHashMap<>();
    if (groups.isEmpty()) {
      return all;
    }
    Instant first = weather.get(0).from().toInstant();
    List<State> states = groups.stream().map(g -> new State(g, first)).toList();
    Map<Long, Double> vapour = new HashMap<>();
    int minutes = weather.size() * MINUTES_PER_HOUR;
    boolean open = true;
    for (int minute = 0; minute < minutes && open; minute++) {
      WeatherHour hour = weather.get(minute / MINUTES_PER_HOUR);
      Map<Long, Double> given = new HashMap<>();
      open = false;
      for (State s : states) {
        s.minute(minute, hour, vapour, given);
        open |= !s.over();
      }
      for (State s : states) {
        AirDrying.Room room = s.room;
        Double evaporated = room == null ? null : given.remove(room.key());
        if (evaporated != null) {
          AirDrying.Air air = s.air(hour);
          double before = vapour.getOrDefault(room.key(), air.vapourDensity());
          vapour.put(room.key(), room.after(before, evaporated, air));
        }
      }
    }
    states.forEach(s -> all.put(s.group.key, s.drying()));
    return all;
  }

  /** A group while it dries. */
  private static final class State {
    private final Group group;
    private final Place place;
    private final DryingPiece drying;
    private final Material material;
    private final AirDrying.@Nullable Room room;
    private final int from;
    private final List<Double> moisture = new ArrayList<>();
    private double evaporation;
    private double resting;
    private @Nullable Double dryAfter;
    private AirDrying.@Nullable Air air;
    private @Nullable WeatherHour airOf;

    State(Group group, Instant first) {
      this.group = group;
      place = group.spot.felt();
      AirDrying.Hung piece = HangingGroup.hung(group.kind, 1, group.startMoisture);
      drying = new DryingPiece(piece);
      material = piece.material();
      room = HangingGroup.room(place, group.spot.placeId(), 0);
      from = (int) Math.max(0, Duration.between(first, group.hungAt).toMinutes());
      moisture.add(drying.moisture());
      if (drying.isDry()) {
        moisture.add(drying.moisture());
        dryAfter = 0.0;
      }
    }

    boolean over() {
      return dryAfter != null;
    }

    void minute(int minute, WeatherHour hour, Map<Long, Double> vapour, Map<Long, Double> given) {
      if (minute < from || over()) {
        return;
      }
      boolean newHour = minute % MINUTES_PER_HOUR == 0;
      boolean look = room == null ? newHour : minute % LOOK_MINUTES == 0;
      AirDrying.Air air = air(hour);
      if (minute == from || newHour) {
        drying.in(air, group.exposure);
      }
      if (minute == from || look) {
        double now =
            room == null
                ? air.vapourDensity()
                : vapour.getOrDefault(room.key(), air.vapourDensity());
        evaporation = air.evaporation(now);
        resting = AirDrying.restingMoisture(material, air.feltHumidity(now));
      }
      if (minute > from && newHour) {
        moisture.add(drying.moisture());
      }
      double givenKg = drying.minute(evaporation, resting);
      if (room != null) {
        given.merge(room.key(), givenKg * group.pieces, Double::sum);
      }
      if (drying.dryAfter() >= 0) {
        dryAfter = (minute - from + drying.dryAfter()) / MINUTES_PER_HOUR;
        moisture.add(drying.moisture());
      }
    }

    /** The air at its place, worked out once an hour. */
    AirDrying.Air air(WeatherHour hour) {
      if (air == null || hour != airOf) {
        air = hour.at(place);
        airOf = hour;
      }
      return air;
    }

    AirDrying drying() {
      if (dryAfter == null) {
        moisture.add(drying.moisture());
      }
      return HangingGroup.ofWhole(group.kind, new AirDrying(dryAfter, List.of(), moisture));
    }
  }
}
