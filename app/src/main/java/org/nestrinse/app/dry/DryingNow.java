package org.nestrinse.app.dry;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.household.Household;
import org.nestrinse.app.kit.machine.DryerService;
import org.nestrinse.app.kit.place.PlaceService;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.dry.HangingGroup;
import org.nestrinse.core.dry.JointDrying;
import org.nestrinse.core.dry.Spot;
import org.nestrinse.core.dry.TumbleDrying;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.dry.plan.Course;
import org.nestrinse.core.dry.plan.DryingBatch;
import org.nestrinse.core.dry.plan.DryingBatchBuilder;
import org.nestrinse.core.dry.plan.DryingFactors;
import org.nestrinse.core.dry.plan.DryingQuestion;
import org.nestrinse.core.dry.plan.DryingQuestionBuilder;
import org.nestrinse.core.dry.plan.HangingPlan;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Role;

/**
 * Everything that one look at what hangs needs, read once: the facts and the question they make for
 * the plan.
 *
 * @param now the moment
 * @param household its zone and prices
 * @param groups what hangs or tumbles
 * @param kinds by number
 * @param places all places
 * @param dryers all dryers
 * @param factors what dry checks have taught, by place and kind
 * @param neededBy when the shelf runs out, by role
 * @param weather where hours come from
 * @param together how everything dries that stays where it hangs; filled when first asked for
 */
@RecordBuilder
record DryingNow(
    Instant now,
    Household household,
    List<HangingEntity> groups,
    Map<Long, Kind> kinds,
    List<PlaceService.Numbered> places,
    List<DryerService.View> dryers,
    Map<Pair, Double> factors,
    Map<Role, Instant> neededBy,
    WeatherSource weather,
    Map<Long, AirDrying> together) {
  private static final int NEXT_HOURS = 6;

  /** A place and a kind. */
  record Pair(long placeId, long kindId) {}

  /** Gives the weather from a moment on, hour by hour. */
  @FunctionalInterface
  interface WeatherSource {
    List<WeatherHour> from(Instant moment, int hours);
  }

  Kind kind(HangingEntity e) {
    return Objects.requireNonNull(kinds.get(e.kindId));
  }

  Spot spot(HangingEntity e) {
    return new Spot(e.placeId, place(e.placeId), e.carriedIn);
  }

  Place place(long id) {
    return places.stream().filter(p -> p.id() == id).findFirst().orElseThrow().place();
  }

  double factor(long placeId, long kindId) {
    return factors.getOrDefault(new Pair(placeId, kindId), 1.0);
  }

  /** Returns all spots: each place, and movable airers also carried in. */
  List<Spot> spots() {
    List<Spot> spots = new ArrayList<>();
    for (PlaceService.Numbered p : places) {
      spots.add(new Spot(p.id(), p.place(), false));
      if (p.place().sort() == Place.Type.MOVABLE_AIRER) {
        spots.add(new Spot(p.id(), p.place(), true));
      }
    }
    return spots;
  }

  /** Returns how a group dries if it stays where it hangs, beside everything else in its room. */
  HangingGroup staying(HangingEntity e) {
    if (together.isEmpty()) {
      together.putAll(jointly());
    }
    return HangingGroup.of(
        group(e),
        together.get(e.id),
        factor(e.placeId, e.kindId),
        weather.from(e.hungAt, AirDrying.LONGEST_H));
  }

  private Map<Long, AirDrying> jointly() {
    List<JointDrying.Group> hanging =
        groups.stream().filter(e -> e.tumbleMinutes == null).map(this::group).toList();
    Instant first =
        hanging.stream().map(JointDrying.Group::hungAt).min(Comparator.naturalOrder()).orElse(now);
    int past = (int) Math.max(0, Duration.between(first, now).toHours());
    return JointDrying.of(hanging, weather.from(first, past + AirDrying.LONGEST_H));
  }

  private JointDrying.Group group(HangingEntity e) {
    Place felt = spot(e).felt();
    double exposure =
        HangingGroup.corrected(
            e.crowded ? felt.crowdedExposure() : felt.exposure(), factor(e.placeId, e.kindId));
    return new JointDrying.Group(
        e.id, kind(e), spot(e), exposure, e.pieces, e.hungAt, e.startMoisture);
  }

  /** Returns the strong sun that a group has had where it hangs [h]. */
  int strongSunH(HangingEntity e, Instant until) {
    long hours = Duration.between(e.hungAt, until).toHours();
    return hours < 1 || e.tumbleMinutes != null
        ? 0
        : WeatherHour.strongSunH(
            weather.from(e.hungAt, (int) Math.min(AirDrying.LONGEST_H, hours)), spot(e).felt());
  }

  /** Returns how a group would dry elsewhere. */
  HangingGroup in(HangingEntity e, Spot spot, boolean crowded, Instant since, double moisture) {
    Place felt = spot.felt();
    return HangingGroup.of(
        kind(e),
        new HangingGroup.Hanging(
            felt,
            crowded ? felt.crowdedExposure() : felt.exposure(),
            e.pieces,
            felt.outdoors() ? 0 : others(e, spot)),
        since,
        moisture,
        factor(spot.placeId(), e.kindId),
        weather.from(since, AirDrying.LONGEST_H));
  }

  /** What evaporates in a room from everything else that hangs there, in the next hours [kg/h]. */
  private double others(HangingEntity e, Spot spot) {
    double sum = 0;
    for (HangingEntity other : groups) {
      boolean here =
          !other.id.equals(e.id)
              && other.tumbleMinutes == null
              && spot(other).placeId() == spot.placeId()
              && !spot(other).outdoors();
      if (here) {
        HangingGroup group = staying(other);
        double gone =
            group.moistureAt(now) - group.moistureAt(now.plus(Duration.ofHours(NEXT_HOURS)));
        sum += Math.max(0, gone) * kind(other).massKg() * other.pieces / NEXT_HOURS;
      }
    }
    return sum;
  }

  /** How damp a group is now [kg/kg]; in a dryer it falls on a straight line. */
  double moistureNow(HangingEntity e) {
    return e.tumbleMinutes == null
        ? staying(e).moistureAt(now)
        : tumbledFor(e, Duration.between(e.hungAt, now).toSeconds() / 60.0);
  }

  double tumbledFor(HangingEntity e, double minutes) {
    double takes = e.tumbleMinutes == null ? 0 : e.tumbleMinutes;
    return TumbleDrying.moistureAfter(kind(e), e.startMoisture, minutes, takes);
  }

  @Nullable Instant tumbledBy(HangingEntity e) {
    return e.tumbleMinutes == null
        ? null
        : e.hungAt.plus(Duration.ofSeconds(Math.round(e.tumbleMinutes * 60)));
  }

  /** Returns whether the place of a group holds more of what hangs than it has room for. */
  boolean overfull(HangingEntity e, List<HangingEntity> hanging) {
    Place here = place(e.placeId);
    return Place.overfull(
        hanging.stream()
            .filter(o -> o.tumbleMinutes == null && o.placeId.equals(e.placeId))
            .mapToDouble(o -> here.share(kind(o)) * o.pieces)
            .sum());
  }

  /** Returns the question of all that hangs, without what is in a dryer. */
  DryingQuestion question(List<WeatherHour> hours) {
    List<DryingBatch> batches =
        groups.stream().filter(e -> e.tumbleMinutes == null).map(this::batch).toList();
    return question(batches, hours);
  }

  private DryingBatch batch(HangingEntity e) {
    return DryingBatchBuilder.builder()
        .key(e.id)
        .kind(kind(e))
        .count(e.pieces)
        .moisture(moistureNow(e))
        .neededBy(neededBy.get(kind(e).role()))
        .at(spot(e))
        .hungAt(e.hungAt)
        .strongSunH(strongSunH(e, now))
        .crowded(e.crowded)
        .dampSince(e.dampSince == null ? e.hungAt : e.dampSince)
        .build();
  }

  /** Returns what a plan has for all that hangs, and what comes out of the dryers. */
  List<Course> withTumbling(HangingPlan plan) {
    List<Course> all = new ArrayList<>(plan.courses());
    for (HangingEntity e : groups) {
      Instant end = tumbledBy(e);
      if (end != null) {
        all.add(Course.tumbling(batch(e), end, household.drying()));
      }
    }
    return all;
  }

  /** Returns the question of some batches, in this household's places and prices. */
  DryingQuestion question(List<DryingBatch> batches, List<WeatherHour> hours) {
    Map<Place, Long> numbers = new HashMap<>();
    places.forEach(p -> numbers.put(p.place(), p.id()));
    DryingFactors learnt = (place, kind) -> factor(numbers.getOrDefault(place, 0L), kind.id());
    List<DryingQuestion.DryerAt> free =
        dryers.stream()
            .map(d -> new DryingQuestion.DryerAt(d.id(), d.dryer(), freeFrom(d.id())))
            .toList();
    return DryingQuestionBuilder.builder()
        .from(now)
        .zone(household.zoneId())
        .weather(hours)
        .spots(spots())
        .dryers(free)
        .batches(batches)
        .factors(learnt)
        .tariff(household.tariff())
        .wishes(household.drying())
        .build();
  }

  private Instant freeFrom(long dryerId) {
    return groups.stream()
        .filter(e -> Objects.equals(e.dryerId, dryerId))
        .map(this::tumbledBy)
        .filter(Objects::nonNull)
        .filter(end -> end.isAfter(now))
        .max(Comparator.naturalOrder())
        .orElse(now);
  }
}
