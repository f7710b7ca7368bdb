package org.nestrinse.core.dry.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.dry.DrySaying;
import org.nestrinse.core.dry.DryWords;
import org.nestrinse.core.dry.HangingGroup;
import org.nestrinse.core.dry.Spot;
import org.nestrinse.core.dry.TumbleDrying;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.kit.Place;

/** One part of a batch on one way through the spots, and its course with or without the dryer. */
final class WayInAir {
  /** Strong sun that waterproof and elastic pieces tolerate in one drying [h]. */
  static final int STRONG_SUN_H = 3;

  /** Above this air temperature they hang in the shade [°C]. */
  static final double SHADE_ABOVE_C = 35;

  /** From this hour on what comes next is the night. */
  private static final int AFTERNOON_H = 15;

  private static final double TURN_AFTER_H = 2;
  private static final double TURN_WHEN_LONGER_H = 3;
  private static final double ROOM_WHEN_UNKNOWN_M = 10;
  private static final double SUN_WEAR = 0.5;
  private static final double W_PER_KW = 1000;
  private static final double MINUTES_PER_HOUR = 60;

  private final DryingQuestion question;
  private final RoomLoad rooms;
  private final Stretches stretches;
  private final int hours;
  private final DryingOptions.Part part;
  private final DryingBatch batch;
  private final int[] route;
  private final boolean crowded;
  private final boolean[] shade;
  private final int[] strongSunBefore;
  private int looked;
  private double exposure;
  private final AirDrying drying;
  private final List<HangingGroup.Point> points;

  /**
   * Lets it dry.
   *
   * @param route the spot of every hour
   * @param crowded whether pieces hang closer than they should
   */
  WayInAir(
      DryingQuestion question,
      RoomLoad rooms,
      Stretches stretches,
      DryingOptions.Part part,
      int[] route,
      boolean crowded) {
    this.question = question;
    this.rooms = rooms;
    this.stretches = stretches;
    this.hours = question.weather().size();
    this.shade = new boolean[hours];
    this.strongSunBefore = new int[hours + 1];
    this.part = part;
    this.batch = part.batch();
    this.route = route;
    this.crowded = crowded;
    strongSunBefore[0] = batch.strongSunH();
    AirDrying.Hung hung = HangingGroup.hung(batch.kind(), 1, batch.moisture());
    drying =
        HangingGroup.ofWhole(
            batch.kind(),
            AirDrying.along(
                hung, batch.count(), hours, this::at, HangingGroup.minutesLeft(question.from())));
    points = HangingGroup.points(drying, question.from());
  }

  private AirDrying.Stretch at(int hour) {
    lookAtTheSun(hour);
    Spot spot = question.spots().get(route[hour]);
    Place place = spot.felt();
    if (hour == 0 || route[hour] != route[hour - 1]) {
      exposure =
          HangingGroup.corrected(
              crowded ? place.crowdedExposure() : place.exposure(),
              question.factors().of(spot.place(), batch.kind()));
    }
    double others = rooms.others(spot.placeId(), hour, part.index());
    return stretches
        .of(route[hour], hour, shade[hour])
        .with(exposure, HangingGroup.room(place, spot.placeId(), others));
  }

  /** Works out shade and strong sun up to an hour. */
  private void lookAtTheSun(int last) {
    for (; looked <= last; looked++) {
      WeatherHour weather = question.weather().get(looked);
      double sun = weather.sunAt(question.spots().get(route[looked]).felt());
      boolean strong = sun >= WeatherHour.STRONG_SUN_W_M2;
      shade[looked] =
          batch.kind().sunShy()
              && sun > 0
              && switch (question.wishes().sun()) {
                case NEVER -> true;
                case FULL -> false;
                case LIMITED ->
                    weather.temperatureC() > SHADE_ABOVE_C
                        || (strong && strongSunBefore[looked] >= STRONG_SUN_H);
              };
      strongSunBefore[looked + 1] = strongSunBefore[looked] + (strong && !shade[looked] ? 1 : 0);
    }
  }

  int[] route() {
    return route;
  }

  boolean crowded() {
    return crowded;
  }

  /** The hour in which it is dry, or -1. */
  int dryHour() {
    return drying.hoursToDry() == null
        ? -1
        : question.indexOf(HangingGroup.after(question.from(), drying.hoursToDry()));
  }

  /** The first hour in which it would be carried, or -1. */
  int firstMove() {
    for (int hour = 1; hour < hours; hour++) {
      if (route[hour] != route[hour - 1]) {
        return hour;
      }
    }
    return -1;
  }

  /** Whether it was not carried within the last three hours before one, or is carried in it. */
  boolean restedBefore(int hour) {
    for (int h = Math.max(1, hour - Routes.BETWEEN_MOVES_H + 1); h < hour; h++) {
      if (route[h] != route[h - 1]) {
        return false;
      }
    }
    boolean movesNow = batch.at() != null && !question.spots().get(route[0]).equals(batch.at());
    return !movesNow || hour == 0 || hour >= Routes.BETWEEN_MOVES_H;
  }

  /** Returns the course, with the dryer from an hour on when there is one. */
  Course course(DryingQuestion.@Nullable DryerAt dryer, int start) {
    Instant from = question.from();
    Instant airDry =
        drying.hoursToDry() == null ? null : HangingGroup.after(from, drying.hoursToDry());
    Instant airEnd =
        dryer != null ? question.hour(start) : airDry != null ? airDry : question.hour(hours - 1);
    int lastHour = Math.min(hours - 1, question.indexOf(airEnd));
    lookAtTheSun(lastHour);
    List<Course.Leg> legs = new ArrayList<>();
    List<Course.Mark> marks = new ArrayList<>();
    double airKwh = 0;
    double money = 0;
    boolean hangs = dryer == null || airEnd.isAfter(from);
    if (hangs) {
      walk(airEnd, lastHour, legs, marks);
      for (int hour = 0; hour <= lastHour; hour++) {
        double watts = question.spots().get(route[hour]).place().watts();
        double minutes = minutesIn(hour, airEnd);
        if (watts > 0 && minutes > 0) {
          double share = roomShare(route[hour]);
          double kwh = watts * share / W_PER_KW * minutes / MINUTES_PER_HOUR;
          airKwh += kwh;
          money += question.money(kwh, question.hour(hour), minutes);
        }
      }
    }
    double wear = SUN_WEAR * batch.count() * strongSun(lastHour);
    double sun = hangs ? wetSun(airEnd, lastHour) : 0;
    double damp = dampH(airEnd, lastHour, hangs);
    Instant dryBy = dryer == null ? airDry : null;
    if (dryBy != null) {
      marks.add(new Course.Mark(dryBy, Course.Event.DRY, Course.Event.DRY.said()));
    }
    Course inAir =
        CourseBuilder.builder()
            .batch(batch)
            .legs(legs)
            .marks(marks)
            .points(points)
            .dryBy(dryBy)
            .kwh(airKwh)
            .money(money)
            .wear(wear)
            .wetSunKwhM2(sun)
            .weights(weights(damp))
            .build();
    return dryer == null ? inAir : finished(inAir, dryer, airEnd);
  }

  /** Returns a course that the dryer finishes from a moment on. */
  private Course finished(Course inAir, DryingQuestion.DryerAt dryer, Instant airEnd) {
    List<Course.Leg> legs = new ArrayList<>(inAir.legs());
    List<Course.Mark> marks = new ArrayList<>(inAir.marks());
    double moisture = HangingGroup.moistureAt(points, airEnd);
    TumbleDrying run =
        TumbleDrying.of(
            dryer.dryer(), List.of(new TumbleDrying.Damp(batch.kind(), batch.count(), moisture)));
    Instant end = HangingGroup.after(airEnd, run.minutes() / MINUTES_PER_HOUR);
    Course.Tumble tumble =
        new Course.Tumble(
            dryer.id(), dryer.dryer(), run.heat(), run.minutes(), run.waterKg(), run.kwh());
    legs.add(new Course.Leg(airEnd, end, null, tumble, false));
    marks.add(new Course.Mark(airEnd, Course.Event.DRYER, DryWords.dryer(dryer.dryer(), run)));
    marks.add(new Course.Mark(end, Course.Event.DRY, Course.Event.DRY.said()));
    List<HangingGroup.Point> way =
        new ArrayList<>(points.stream().filter(p -> p.at().isBefore(airEnd)).toList());
    way.add(new HangingGroup.Point(airEnd, moisture));
    double dryMoisture = Math.min(moisture, TumbleDrying.dryMoisture(batch.kind()));
    way.add(new HangingGroup.Point(end, dryMoisture));
    return CourseBuilder.builder()
        .batch(batch)
        .legs(legs)
        .marks(marks)
        .points(way)
        .dryBy(end)
        .kwh(inAir.kwh() + run.kwh())
        .money(inAir.money() + question.money(run.kwh(), airEnd, run.minutes()))
        .wear(inAir.wear() + batch.count() * run.wear())
        .wetSunKwhM2(inAir.wetSunKwhM2())
        .weights(inAir.weights())
        .build();
  }

  private Course.Weights weights(double dampH) {
    return new Course.Weights(question.wishes(), part.whole(), dampH);
  }

  private double minutesIn(int hour, Instant end) {
    Instant begin = question.hour(hour);
    Instant next = hour + 1 < hours ? question.hour(hour + 1) : end;
    Instant to = next.isAfter(end) ? end : next;
    return Math.max(0, Duration.between(begin, to).toSeconds() / 60.0);
  }

  /** How long it is damp until it is dry or in the dryer; hours in warm air count twice [h]. */
  private double dampH(Instant end, int lastHour, boolean hangs) {
    Instant since = batch.dampSince();
    double sum =
        since == null
            ? 0
            : Math.max(0, Duration.between(since, question.from()).toMinutes() / 60.0);
    for (int hour = 0; hangs && hour <= lastHour; hour++) {
      boolean warm =
          question.weather().get(hour).at(question.spots().get(route[hour]).felt()).warm();
      sum += minutesIn(hour, end) / MINUTES_PER_HOUR * (warm ? 2 : 1);
    }
    return sum;
  }

  /** Sun on the cloth while it is damp [kWh/m²]. */
  private double wetSun(Instant end, int lastHour) {
    double sum = 0;
    for (int hour = 0; hour <= lastHour; hour++) {
      Place place = question.spots().get(route[hour]).felt();
      double sun = shade[hour] ? 0 : question.weather().get(hour).at(place).irradianceWm2();
      sum += sun * minutesIn(hour, end) / MINUTES_PER_HOUR / W_PER_KW;
    }
    return sum;
  }

  /** Strong sun that from now on falls on a piece that tolerates little of it [h]. */
  private int strongSun(int lastHour) {
    return batch.kind().sunShy() ? strongSunBefore[lastHour + 1] - strongSunBefore[0] : 0;
  }

  private double roomShare(int spot) {
    Place place = question.spots().get(spot).place();
    double one = place.share(batch.kind());
    double all = batch.count() * (one > 0 ? one : batch.kind().widthM() / ROOM_WHEN_UNKNOWN_M);
    return Math.min(1, all);
  }

  private void walk(Instant end, int lastHour, List<Course.Leg> legs, List<Course.Mark> marks) {
    Instant since = question.from();
    Spot first = question.spots().get(route[0]);
    boolean rehung = Routes.stays(route) && crowded != batch.crowded();
    if (!first.equals(batch.at()) || rehung) {
      marks.add(begun(first, since));
    }
    turn(end, marks);
    for (int hour = 1; hour <= lastHour; hour++) {
      Instant at = question.hour(hour);
      if (!at.isBefore(end)) {
        break;
      }
      if (shade[hour] && !shade[hour - 1] && route[hour] == route[hour - 1]) {
        boolean hot = question.weather().get(hour).temperatureC() > SHADE_ABOVE_C;
        marks.add(new Course.Mark(at, Course.Event.SHADE, DryWords.shade(hot)));
      }
      if (route[hour] != route[hour - 1]) {
        legs.add(leg(since, at, route[hour - 1]));
        since = at;
        marks.add(moved(hour, at));
      }
    }
    legs.add(leg(since, end, route[Math.min(lastHour, indexBefore(end))]));
  }

  /** What is done at once: hung, or carried from where it hangs. */
  private Course.Mark begun(Spot first, Instant at) {
    Spot before = batch.at();
    if (before != null && before.outdoors() && !first.outdoors()) {
      return new Course.Mark(at, Course.Event.BRING_IN, DryWords.bringIn(null, first));
    }
    if (before != null && !before.outdoors() && first.outdoors()) {
      return new Course.Mark(at, Course.Event.OUT, DryWords.out(first));
    }
    return new Course.Mark(at, Course.Event.HANG, DryWords.hang(first, before != null, crowded));
  }

  private int indexBefore(Instant end) {
    return Math.max(0, question.indexOf(end.minusSeconds(1)));
  }

  private Course.Leg leg(Instant from, Instant to, int spot) {
    return new Course.Leg(from, to, question.spots().get(spot), null, crowded);
  }

  private Course.Mark moved(int hour, Instant at) {
    Spot to = question.spots().get(route[hour]);
    Spot from = question.spots().get(route[hour - 1]);
    if (to.outdoors()) {
      return new Course.Mark(at, Course.Event.OUT, DryWords.out(to));
    }
    if (!from.outdoors()) {
      return new Course.Mark(at, Course.Event.HANG, DryWords.hang(to, true, crowded));
    }
    return new Course.Mark(at, Course.Event.BRING_IN, DryWords.bringIn(before(hour, from), to));
  }

  /** What comes within the next hours that drives things in, or null. */
  private DryWords.@Nullable Before before(int hour, Spot from) {
    List<WeatherHour> next =
        question.weather().subList(hour, Math.min(hours, hour + Routes.BETWEEN_MOVES_H));
    if (!from.place().covered() && next.stream().anyMatch(WeatherHour::rains)) {
      return DryWords.Before.RAIN;
    }
    if (next.stream().anyMatch(w -> w.relativeHumidity() > WeatherHour.DAMP_PERCENT)) {
      return DryWords.Before.DAMP;
    }
    return next.get(0).from().getHour() >= AFTERNOON_H ? DryWords.Before.NIGHT : null;
  }

  /** Flaps are turned inside out; a thick side is turned to the sun, where there is some. */
  private void turn(Instant end, List<Course.Mark> marks) {
    Instant since = batch.hungAt() == null ? question.from() : batch.hungAt();
    double whole = Duration.between(since, end).toMinutes() / MINUTES_PER_HOUR;
    Instant at = HangingGroup.after(since, TURN_AFTER_H);
    int hour = Math.min(hours - 1, question.indexOf(at));
    boolean ahead = at.isAfter(question.from()) && at.isBefore(end);
    if (!ahead || !question.up(hour) || whole <= TURN_WHEN_LONGER_H) {
      return;
    }
    Spot spot = question.spots().get(route[hour]);
    boolean sunny = question.weather().get(hour).sunAt(spot.felt()) > 0 && !shade[hour];
    if (batch.kind().sunShy()) {
      marks.add(new Course.Mark(at, Course.Event.TURN, DrySaying.INSIDE_OUT.said()));
    } else if (batch.kind().thick() && sunny) {
      marks.add(new Course.Mark(at, Course.Event.TURN, DrySaying.THICK_SIDE_TO_SUN.said()));
    }
  }
}
