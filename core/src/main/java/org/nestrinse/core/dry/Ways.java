package org.nestrinse.core.dry;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.textile.DryerHeat;

/**
 * The ways in which one batch may become dry: hanging in one spot; outdoors while the weather is
 * good and inside for the rest, once or every day; moved once; and each of these with the dryer
 * from one of its hours on. None of them breaks a limit of the piece or of the household, carries
 * in quiet hours, or moves a piece again within three hours.
 */
final class Ways {
  /** Strong sun that waterproof and elastic pieces tolerate in one drying [h]. */
  static final int STRONG_SUN_H = 3;

  /** Above this air temperature they hang in the shade [°C]. */
  static final double SHADE_ABOVE_C = 35;

  /** No errand moves a piece again so soon [h]. */
  static final int BETWEEN_MOVES_H = 3;

  /** Time within which the dryer is started [h]. */
  private static final int DRYER_WITHIN_H = 24;

  /** The dryer's hours are looked at in such steps, so that pieces share runs and trips [h]. */
  private static final int DRYER_STEP_H = 2;

  /** Whatever is only finished in the dryer hangs so long before [h]. */
  private static final int FINISH_AFTER_H = 3;

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
  private final int hours;
  private final int firstMinutes;
  private final Map<Long, AirDrying.Stretch> known = new HashMap<>();

  Ways(DryingQuestion question, RoomLoad rooms) {
    this.question = question;
    this.rooms = rooms;
    this.hours = question.weather().size();
    this.firstMinutes = HangingGroup.minutesLeft(question.from());
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
  record Part(int index, Batch batch, int whole) {}

  /** Returns all ways of a part under a policy, each once, with their courses. */
  Map<Way, Course> of(Part part, DryingPolicy policy) {
    Batch batch = part.batch;
    boolean mayTumble =
        batch.kind().tumble() != DryerHeat.NONE
            && !question.dryers().isEmpty()
            && question.wishes().tumbling() != DryingWishes.Tumbling.NEVER;
    Map<Way, Course> all = new java.util.LinkedHashMap<>();
    for (int[] route : routes(batch)) {
      if (mayHang(batch, route, false)) {
        Air air = new Air(part, route, false);
        if (policy.air(mayTumble, air.dryHour())) {
          add(all, air, new Way(route, false, null, -1));
        }
        if (mayTumble && policy.dryer()) {
          tumbled(batch, policy, air, all);
        }
      }
      if (stays(route) && mayHang(batch, route, true)) {
        Air close = new Air(part, route, true);
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
  private boolean mayHang(Batch batch, int[] route, boolean crowded) {
    boolean here = batch.at() != null && question.spots().get(route[0]).equals(batch.at());
    return !here || !stays(route) || crowded == batch.crowded() || question.errand(0);
  }

  private static void add(Map<Way, Course> all, Air air, Way way) {
    all.put(way, air.course(way.dryer, way.start));
  }

  /** Returns the course of a way, with the rooms' air as it is known now. */
  Course course(Part part, Way way) {
    return new Air(part, way.route, way.crowded).course(way.dryer, way.start);
  }

  private void tumbled(Batch batch, DryingPolicy policy, Air air, Map<Way, Course> all) {
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
          add(all, air, new Way(air.route, air.crowded, dryer, start));
        }
      }
    }
  }

  private static boolean stays(int[] route) {
    return Arrays.stream(route).distinct().count() == 1;
  }

  /** Returns for each way in the air the spot of every hour, each once. */
  private List<int[]> routes(Batch batch) {
    List<int[]> all = new ArrayList<>();
    List<Spot> spots = question.spots();
    int here = batch.at() == null ? -1 : spots.indexOf(batch.at());
    for (int i = 0; i < spots.size(); i++) {
      Spot spot = spots.get(i);
      if (spot.outdoors()) {
        outdoors(all, i, here);
      } else {
        all.add(staying(i));
        if (here >= 0 && here != i) {
          all.add(later(here, i, batch));
        }
      }
    }
    Set<List<Integer>> seen = new HashSet<>();
    List<int[]> kept = new ArrayList<>();
    for (int[] route : all) {
      if (seen.add(Arrays.stream(route).boxed().toList()) && allowed(batch, here, route)) {
        kept.add(route);
      }
    }
    if (kept.isEmpty() && here >= 0) {
      kept.add(staying(here));
    }
    return kept;
  }

  private void outdoors(List<int[]> all, int outside, int here) {
    if (!question.wishes().outdoors()) {
      if (here == outside) {
        all.add(staying(outside));
      }
      return;
    }
    boolean anyShelter = false;
    for (int j = 0; j < question.spots().size(); j++) {
      if (shelters(question.spots().get(outside), question.spots().get(j))) {
        anyShelter = true;
        outAndIn(all, outside, j);
        if (here >= 0 && here != outside && here != j) {
          outAndIn(all, outside, here);
        }
      }
    }
    if (!anyShelter || here == outside) {
      all.add(staying(outside));
    }
  }

  private int[] staying(int spot) {
    int[] route = new int[hours];
    Arrays.fill(route, spot);
    return route;
  }

  /** Stays where it is until it may be carried, then hangs elsewhere. */
  private int[] later(int here, int there, Batch batch) {
    int[] route = staying(there);
    int from = firstErrand(batch);
    Arrays.fill(route, 0, Math.min(hours, from), here);
    return route;
  }

  private int firstErrand(Batch batch) {
    for (int hour = 0; hour < hours; hour++) {
      if (question.errand(hour) && rested(batch, hour)) {
        return hour;
      }
    }
    return hours;
  }

  private boolean rested(Batch batch, int hour) {
    return batch.hungAt() == null
        || !question.hour(hour).isBefore(batch.hungAt().plus(Duration.ofHours(BETWEEN_MOVES_H)));
  }

  /** A movable airer is carried in with all that hangs on it; everything else is hung anew. */
  private static boolean shelters(Spot outside, Spot inside) {
    if (inside.outdoors()) {
      return false;
    }
    boolean movable = outside.place().sort() == Place.Sort.MOVABLE_AIRER;
    return movable ? inside.placeId() == outside.placeId() : !inside.carriedIn();
  }

  /** Out while the weather is good and somebody may carry, for at least three hours at a time. */
  private void outAndIn(List<int[]> all, int outside, int inside) {
    Place place = question.spots().get(outside).place();
    boolean[] good = new boolean[hours];
    for (int hour = 0; hour < hours; hour++) {
      good[hour] = question.weather().get(hour).good(place) && question.errand(hour);
    }
    int[] once = staying(inside);
    int[] daily = staying(inside);
    boolean any = false;
    int free = 0;
    for (int from = 0; from < hours; from++) {
      if (!good[from] || from < free) {
        continue;
      }
      int to = from;
      while (to < hours && good[to]) {
        to++;
      }
      if (to - from >= BETWEEN_MOVES_H) {
        Arrays.fill(daily, from, to, outside);
        if (!any) {
          Arrays.fill(once, from, to, outside);
        }
        any = true;
        free = to + BETWEEN_MOVES_H;
      }
      from = to;
    }
    if (any) {
      all.add(once);
      all.add(daily);
    }
  }

  /**
   * No errand in quiet hours or after dark, none too soon; what rain comes to is fetched at once.
   */
  private boolean allowed(Batch batch, int here, int[] route) {
    if (here >= 0 && route[0] != here) {
      boolean fetched = flees(here, route[0], 0);
      if (!fetched && !(question.errand(0) && rested(batch, 0))) {
        return false;
      }
    }
    int last = here >= 0 && route[0] != here ? 0 : -BETWEEN_MOVES_H;
    for (int hour = 1; hour < hours; hour++) {
      if (route[hour] == route[hour - 1]) {
        continue;
      }
      boolean fetched = flees(route[hour - 1], route[hour], hour);
      boolean soon = hour - last < BETWEEN_MOVES_H || !rested(batch, hour);
      boolean inTime = question.errand(hour) || question.errand(hour - 1);
      if (!fetched && (soon || !inTime)) {
        return false;
      }
      last = hour;
    }
    return true;
  }

  private boolean flees(int from, int to, int hour) {
    Spot before = question.spots().get(from);
    return before.outdoors()
        && !question.spots().get(to).outdoors()
        && !question.weather().get(hour).good(before.place());
  }

  private AirDrying.Stretch stretch(int spot, int hour, boolean shade) {
    Spot s = question.spots().get(spot);
    long key = ((long) spot * hours + hour) * 2 + (shade ? 1 : 0);
    return known.computeIfAbsent(
        key, k -> AirDrying.Stretch.of(question.weather().get(hour).at(s.felt(), shade), 1, null));
  }

  /** One part of a batch on one way through the spots. */
  private final class Air {
    private final Part part;
    private final Batch batch;
    private final int[] route;
    private final boolean crowded;
    private final boolean[] shade = new boolean[hours];
    private final int[] strongSunBefore = new int[hours + 1];
    private final AirDrying drying;
    private final List<HangingGroup.Point> points;

    Air(Part part, int[] route, boolean crowded) {
      this.part = part;
      this.batch = part.batch;
      this.route = route;
      this.crowded = crowded;
      strongSunBefore[0] = batch.strongSunH();
      List<AirDrying.Stretch> way = new ArrayList<>(hours);
      for (int hour = 0; hour < hours; hour++) {
        way.add(at(hour));
      }
      AirDrying.Hung hung = HangingGroup.hung(batch.kind(), 1, batch.moisture());
      drying =
          HangingGroup.ofWhole(
              batch.kind(), AirDrying.along(hung, batch.count(), way, firstMinutes));
      points = HangingGroup.points(drying, question.from());
    }

    private AirDrying.Stretch at(int hour) {
      Spot spot = question.spots().get(route[hour]);
      WeatherHour weather = question.weather().get(hour);
      double sun = weather.sunAt(spot.felt());
      boolean strong = sun >= WeatherHour.STRONG_SUN_W_M2;
      shade[hour] =
          batch.kind().sunShy()
              && sun > 0
              && switch (question.wishes().sun()) {
                case NEVER -> true;
                case FULL -> false;
                case LIMITED ->
                    weather.temperatureC() > SHADE_ABOVE_C
                        || (strong && strongSunBefore[hour] >= STRONG_SUN_H);
              };
      strongSunBefore[hour + 1] = strongSunBefore[hour] + (strong && !shade[hour] ? 1 : 0);
      Place place = spot.felt();
      double exposure =
          HangingGroup.corrected(
              crowded ? place.crowdedExposure() : place.exposure(),
              question.factors().of(spot.place(), batch.kind()));
      double others = rooms.others(spot.placeId(), hour, part.index);
      return stretch(route[hour], hour, shade[hour])
          .exposed(exposure)
          .in(HangingGroup.room(place, spot.placeId(), others));
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
      for (int h = Math.max(1, hour - BETWEEN_MOVES_H + 1); h < hour; h++) {
        if (route[h] != route[h - 1]) {
          return false;
        }
      }
      boolean movesNow = batch.at() != null && !question.spots().get(route[0]).equals(batch.at());
      return !movesNow || hour == 0 || hour >= BETWEEN_MOVES_H;
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
      if (dryer == null) {
        if (airDry != null) {
          marks.add(new Course.Mark(airDry, Course.Sort.DRY, Course.Sort.DRY.said()));
        }
        return new Course(
            batch, legs, marks, points, airDry, airKwh, money, wear, sun, weights(damp));
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
      marks.add(new Course.Mark(airEnd, Course.Sort.DRYER, DryWords.dryer(dryer.dryer(), run)));
      marks.add(new Course.Mark(end, Course.Sort.DRY, Course.Sort.DRY.said()));
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
          wear + batch.count() * run.wear(),
          sun,
          weights(damp));
    }

    private Course.Weights weights(double dampH) {
      return new Course.Weights(question.wishes(), part.whole, dampH);
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
      boolean rehung = stays(route) && crowded != batch.crowded();
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
          marks.add(new Course.Mark(at, Course.Sort.SHADE, DryWords.shade(hot)));
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
        return new Course.Mark(at, Course.Sort.BRING_IN, DryWords.bringIn(null, first));
      }
      if (before != null && !before.outdoors() && first.outdoors()) {
        return new Course.Mark(at, Course.Sort.OUT, DryWords.out(first));
      }
      return new Course.Mark(at, Course.Sort.HANG, DryWords.hang(first, before != null, crowded));
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
        return new Course.Mark(at, Course.Sort.OUT, DryWords.out(to));
      }
      if (!from.outdoors()) {
        return new Course.Mark(at, Course.Sort.HANG, DryWords.hang(to, true, crowded));
      }
      return new Course.Mark(at, Course.Sort.BRING_IN, DryWords.bringIn(before(hour, from), to));
    }

    /** What comes within the next hours that drives things in, or null. */
    private DryWords.@Nullable Before before(int hour, Spot from) {
      List<WeatherHour> next =
          question.weather().subList(hour, Math.min(hours, hour + BETWEEN_MOVES_H));
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
        marks.add(new Course.Mark(at, Course.Sort.TURN, DrySaying.INSIDE_OUT.said()));
      } else if (batch.kind().thick() && sunny) {
        marks.add(new Course.Mark(at, Course.Sort.TURN, DrySaying.THICK_SIDE_TO_SUN.said()));
      }
    }
  }
}
