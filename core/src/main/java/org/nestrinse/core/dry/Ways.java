package org.nestrinse.core.dry;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.units.Numbers;

/**
 * The ways in which one batch may become dry: hanging in one spot; outdoors while the weather is
 * good and inside for the rest, once or every day; and each of these with the dryer from one of its
 * hours on. None of them breaks a limit of the piece.
 */
final class Ways {
  /** Strong sun that waterproof and elastic pieces bear in one drying [h]. */
  static final int STRONG_SUN_H = 3;

  /** Above this air temperature they hang in the shade [°C]. */
  static final double SHADE_ABOVE_C = 35;

  /** The dryer is started within so many hours [h]. */
  private static final int DRYER_WITHIN_H = 14;

  private static final double TURN_AFTER_H = 2;
  private static final double TURN_WHEN_LONGER_H = 3;
  private static final double ROOM_WHEN_UNKNOWN_M = 10;
  private static final double SUN_WEAR = 0.5;
  private static final double W_PER_KW = 1000;
  private static final double MINUTES_PER_HOUR = 60;

  private final DryingQuestion question;
  private final int hours;
  private final int firstMinutes;
  private final Map<Long, AirDrying.Stretch> known = new HashMap<>();
  private final List<int[]> routes;

  Ways(DryingQuestion question) {
    this.question = question;
    this.hours = question.weather().size();
    this.firstMinutes = HangingGroup.minutesLeft(question.from());
    this.routes = routes();
  }

  /**
   * Returns all ways of a batch under a policy, each once.
   *
   * @param crowding whether pieces may hang closer than there is room for; then there is always a
   *     way
   */
  List<Course> of(Batch batch, DryingPolicy policy, boolean crowding) {
    boolean mayTumble = batch.kind().tumble() != DryerHeat.NONE && !question.dryers().isEmpty();
    List<Course> all = new ArrayList<>();
    for (int[] route : routes) {
      Air air = new Air(batch, route, false);
      if (policy.air(mayTumble, air.dryHour())) {
        all.add(air.course(null, -1));
      }
      if (mayTumble && policy.dryer()) {
        tumbled(batch, policy, air, all);
      }
    }
    for (int spot : crowding ? crowdedSpots() : List.<Integer>of()) {
      all.add(new Air(batch, staying(spot), true).course(null, -1));
    }
    return all;
  }

  private void tumbled(Batch batch, DryingPolicy policy, Air air, List<Course> all) {
    int last = air.dryHour() < 0 ? DRYER_WITHIN_H : Math.min(DRYER_WITHIN_H, air.dryHour());
    TreeSet<Integer> starts = new TreeSet<>();
    for (int hour = 0; hour <= Math.min(last, hours - 1); hour++) {
      if (question.up(hour) && policy.starts(hour, air.firstMove())) {
        starts.add(hour);
      }
    }
    for (DryingQuestion.DryerAt dryer : question.dryers()) {
      if (batch.massKg() > dryer.dryer().capacityKg()) {
        continue;
      }
      for (int start : starts) {
        if (!question.hour(start).isBefore(dryer.freeFrom())) {
          all.add(air.course(dryer, start));
        }
      }
    }
  }

  /** Returns for each way in the air the spot of every hour. */
  private List<int[]> routes() {
    List<int[]> all = new ArrayList<>();
    List<Spot> spots = question.spots();
    for (int i = 0; i < spots.size(); i++) {
      Spot spot = spots.get(i);
      if (!spot.outdoors()) {
        all.add(staying(i));
        continue;
      }
      boolean anyShelter = false;
      for (int j = 0; j < spots.size(); j++) {
        if (shelters(spot, spots.get(j))) {
          anyShelter = true;
          outAndIn(all, i, j);
        }
      }
      if (!anyShelter) {
        all.add(staying(i));
      }
    }
    return all;
  }

  private int[] staying(int spot) {
    int[] route = new int[hours];
    Arrays.fill(route, spot);
    return route;
  }

  /** A movable airer is carried in with all that hangs on it; everything else is hung anew. */
  private static boolean shelters(Spot outside, Spot inside) {
    if (inside.outdoors()) {
      return false;
    }
    boolean movable = outside.place().sort() == Place.Sort.MOVABLE_AIRER;
    return movable ? inside.placeId() == outside.placeId() : !inside.carriedIn();
  }

  private void outAndIn(List<int[]> all, int outside, int inside) {
    int[] once = new int[hours];
    int[] daily = new int[hours];
    boolean wasOut = false;
    boolean over = false;
    for (int hour = 0; hour < hours; hour++) {
      boolean good = question.weather().get(hour).good(question.spots().get(outside).place());
      // It is carried out only while somebody is up, and in before nobody is.
      boolean out = good && question.up(hour);
      over |= wasOut && !out;
      wasOut |= out;
      daily[hour] = out ? outside : inside;
      once[hour] = out && !over ? outside : inside;
    }
    if (wasOut) {
      all.add(once);
      if (!Arrays.equals(once, daily)) {
        all.add(daily);
      }
    }
  }

  private List<Integer> crowdedSpots() {
    List<Integer> inside = new ArrayList<>();
    List<Integer> all = new ArrayList<>();
    for (int i = 0; i < question.spots().size(); i++) {
      all.add(i);
      if (!question.spots().get(i).outdoors()) {
        inside.add(i);
      }
    }
    return inside.isEmpty() ? all : inside;
  }

  private AirDrying.Stretch stretch(int spot, int hour, boolean shade, double factor) {
    Spot s = question.spots().get(spot);
    long key = ((long) spot * hours + hour) * 2 + (shade ? 1 : 0);
    AirDrying.Stretch base =
        known.computeIfAbsent(
            key, k -> AirDrying.Stretch.of(question.weather().get(hour).at(s.felt(), shade), 1));
    return new AirDrying.Stretch(
        base.clothC(),
        base.evaporation(),
        base.relativeHumidity(),
        HangingGroup.corrected(s.place().exposure(), factor),
        base.rainMm());
  }

  /** One batch on one way through the spots. */
  private final class Air {
    private final Batch batch;
    private final int[] route;
    private final boolean crowded;
    private final boolean[] shade = new boolean[hours];
    private final int[] strongSunBefore = new int[hours + 1];
    private final AirDrying drying;
    private final List<HangingGroup.Point> points;

    Air(Batch batch, int[] route, boolean crowded) {
      this.batch = batch;
      this.route = route;
      this.crowded = crowded;
      strongSunBefore[0] = batch.strongSunH();
      List<AirDrying.Stretch> way = new ArrayList<>(hours);
      for (int hour = 0; hour < hours; hour++) {
        Spot spot = question.spots().get(route[hour]);
        WeatherHour weather = question.weather().get(hour);
        double sun = weather.sunAt(spot.felt());
        boolean strong = sun >= WeatherHour.STRONG_SUN_W_M2;
        shade[hour] =
            batch.kind().sunShy()
                && sun > 0
                && (weather.temperatureC() > SHADE_ABOVE_C
                    || (strong && strongSunBefore[hour] >= STRONG_SUN_H));
        strongSunBefore[hour + 1] = strongSunBefore[hour] + (strong && !shade[hour] ? 1 : 0);
        double factor =
            question.factors().of(spot.place(), batch.kind())
                * (crowded ? DryingQuestion.CROWDED : 1);
        way.add(stretch(route[hour], hour, shade[hour], factor));
      }
      double exposure = question.spots().get(route[0]).place().exposure();
      drying =
          AirDrying.along(
              HangingGroup.hung(batch.kind(), exposure, batch.moisture()), way, firstMinutes);
      points = HangingGroup.points(drying, question.from());
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

    /** Returns the course, with the dryer from an hour on when there is one. */
    Course course(DryingQuestion.@Nullable DryerAt dryer, int start) {
      Instant from = question.from();
      Instant airDry =
          drying.hoursToDry() == null ? null : HangingGroup.after(from, drying.hoursToDry());
      Instant airEnd =
          dryer != null ? question.hour(start) : airDry != null ? airDry : question.hour(hours - 1);
      int lastHour = Math.min(hours - 1, question.indexOf(airEnd));
      List<Course.Leg> legs = new ArrayList<>();
      List<Course.Mark> marks = new ArrayList<>();
      double airKwh = 0;
      double money = 0;
      boolean hangs = dryer == null || airEnd.isAfter(from);
      if (hangs) {
        walk(airEnd, lastHour, legs, marks);
        double share = roomShare(route[0]);
        for (int hour = 0; hour <= lastHour; hour++) {
          Instant begin = question.hour(hour);
          Instant end = hour + 1 < hours ? question.hour(hour + 1) : airEnd;
          end = end.isAfter(airEnd) ? airEnd : end;
          double watts = question.spots().get(route[hour]).place().watts();
          if (watts == 0) {
            continue;
          }
          double minutes = Math.max(0, Duration.between(begin, end).toSeconds() / 60.0);
          double kwh = watts * share / W_PER_KW * minutes / MINUTES_PER_HOUR;
          airKwh += kwh;
          money += question.money(kwh, begin, minutes);
        }
      }
      double wear = SUN_WEAR * batch.count() * strongSun(lastHour);
      if (dryer == null) {
        if (airDry != null) {
          marks.add(new Course.Mark(airDry, Course.Sort.DRY, "dry"));
        }
        return new Course(batch, legs, marks, points, airDry, airKwh, money, wear);
      }
      double moisture = HangingGroup.moistureAt(points, airEnd);
      TumbleDrying run =
          TumbleDrying.of(
              dryer.dryer(), List.of(new TumbleDrying.Damp(batch.kind(), batch.count(), moisture)));
      Instant end = HangingGroup.after(airEnd, run.minutes() / MINUTES_PER_HOUR);
      Course.Tumble tumble =
          new Course.Tumble(
              dryer.id(), dryer.dryer(), run.heat(), run.minutes(), run.waterKg(), run.kwh());
      legs.add(new Course.Leg(airEnd, end, null, tumble, false));
      marks.add(new Course.Mark(airEnd, Course.Sort.DRYER, dryerWords(dryer, run)));
      marks.add(new Course.Mark(end, Course.Sort.DRY, "dry"));
      List<HangingGroup.Point> way =
          new ArrayList<>(points.stream().filter(p -> p.at().isBefore(airEnd)).toList());
      way.add(new HangingGroup.Point(airEnd, moisture));
      double dryMoisture = Math.min(moisture, TumbleDrying.dryMoisture(batch.kind()));
      way.add(new HangingGroup.Point(end, dryMoisture));
      return new Course(
          batch,
          legs,
          marks,
          way,
          end,
          airKwh + run.kwh(),
          money + question.money(run.kwh(), airEnd, run.minutes()),
          wear + batch.count() * run.wear());
    }

    private String dryerWords(DryingQuestion.DryerAt dryer, TumbleDrying run) {
      return "into %s, %s, %s; clean the lint filter first"
          .formatted(dryer.dryer().name(), run.heat().words(), Numbers.duration(run.minutes()));
    }

    /** Strong sun that from now on falls on a piece that bears little of it [h]. */
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
      if (!first.equals(batch.at())) {
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
          marks.add(
              new Course.Mark(
                  at,
                  Course.Sort.SHADE,
                  hot
                      ? "into the shade, above 35°"
                      : "into the shade, 3 h of strong sun are enough"));
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
        return new Course.Mark(at, Course.Sort.BRING_IN, "bring in: " + first.words());
      }
      if (before != null && !before.outdoors() && first.outdoors()) {
        return new Course.Mark(at, Course.Sort.OUT, "out: " + first.words());
      }
      String what = before == null ? "hang: " : "hang over to: ";
      return new Course.Mark(at, Course.Sort.HANG, what + first.words());
    }

    private int indexBefore(Instant end) {
      return Math.max(0, question.indexOf(end.minusSeconds(1)));
    }

    private Course.Leg leg(Instant from, Instant to, int spot) {
      return new Course.Leg(from, to, question.spots().get(spot), null, crowded);
    }

    private Course.Mark moved(int hour, Instant at) {
      Spot to = question.spots().get(route[hour]);
      if (to.outdoors()) {
        return new Course.Mark(at, Course.Sort.OUT, "out: " + to.words());
      }
      Spot from = question.spots().get(route[hour - 1]);
      WeatherHour weather = question.weather().get(hour);
      String why =
          weather.rains() && !from.place().covered()
              ? "before the rain"
              : weather.relativeHumidity() > WeatherHour.DAMP_PERCENT
                  ? "before the damp of the evening"
                  : "before the night";
      return new Course.Mark(
          at, Course.Sort.BRING_IN, "bring in, %s: %s".formatted(why, to.words()));
    }

    private void turn(Instant end, List<Course.Mark> marks) {
      boolean wants = batch.kind().sunShy() || batch.kind().thick();
      Instant since = batch.hungAt() == null ? question.from() : batch.hungAt();
      double whole = Duration.between(since, end).toMinutes() / MINUTES_PER_HOUR;
      Instant at = HangingGroup.after(since, TURN_AFTER_H);
      boolean ahead = at.isAfter(question.from()) && at.isBefore(end);
      if (wants && ahead && question.up(question.indexOf(at)) && whole > TURN_WHEN_LONGER_H) {
        marks.add(
            new Course.Mark(
                at,
                Course.Sort.TURN,
                batch.kind().sunShy() ? "turn inside out" : "turn, thick side to the sun"));
      }
    }
  }
}
