package org.nestrinse.core.dry.plan;

import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.dry.HangingGroup;
import org.nestrinse.core.dry.Spot;
import org.nestrinse.core.dry.TumbleDrying;
import org.nestrinse.core.kit.Place;

/**
 * Who hangs where, what is moved when, and what finishes in the dryer: dry before it is needed,
 * nothing damp for too long, as the household wishes, then least money and hours together.
 *
 * <p>Every part of a batch takes one of its {@link DryingOptions}; room on lines and rails, trips
 * and the dryers are shared, and so is the air of each room. A choice is made part by part, then
 * improved one part at a time, and small questions are searched through by branch and bound. The
 * rooms' air is looked at anew after each round, until it is the air that the plan itself makes.
 *
 * @param courses one or more for each batch, in the order of the batches
 * @param cost of all together, trips included
 * @param proven whether nothing better exists for the rooms' air as it is; false when looking was
 *     stopped
 * @see "docs/models.md, the hanging plan"
 */
public record HangingPlan(List<Course> courses, PlanCost cost, boolean proven) {
  /** Number of choices tried before the best so far is taken. */
  static final int MOST_LOOKS = 4_000;

  /** The rooms' air is looked at anew so often at most. */
  private static final int MOST_ROUNDS = 3;

  /** Steps in which the air settles between two choices. */
  private static final int SETTLING_ROUNDS = 2;

  private static final double MINUTES_PER_HOUR = 60;

  public HangingPlan {
    courses = List.copyOf(courses);
  }

  /** Returns the best plan that a policy allows. */
  public static HangingPlan of(DryingQuestion question, DryingPolicy policy) {
    RoomLoad rooms = RoomLoad.EMPTY;
    HangingSearch search = new HangingSearch(question, policy, rooms);
    List<DryingOptions.Way> chosen = search.choose();
    for (int round = 1; round < MOST_ROUNDS; round++) {
      for (int settling = 0; settling < SETTLING_ROUNDS; settling++) {
        rooms = rooms.towards(RoomLoad.of(search.courses(chosen, rooms), question));
      }
      List<DryingOptions.Way> before = chosen;
      search = new HangingSearch(question, policy, rooms);
      chosen = search.choose();
      if (chosen.equals(before)) {
        break;
      }
    }
    return search.plan(chosen, rooms);
  }

  /** Returns when everything is dry, or null when something is not within four days. */
  public @Nullable Instant allDry() {
    if (courses.stream().anyMatch(c -> c.dryBy() == null)) {
      return null;
    }
    return courses.stream().map(Course::dryBy).max(Comparator.naturalOrder()).orElse(null);
  }

  /** Returns the electricity of all courses [kWh]. */
  public double kwh() {
    return courses.stream().mapToDouble(Course::kwh).sum();
  }

  /** Returns how many pieces come too late for the shelf. */
  public int latePieces() {
    return courses.stream().filter(Course::late).mapToInt(c -> c.batch().count()).sum();
  }

  /** Returns how many pieces stay damp so long that they will smell. */
  public int dampTooLong() {
    return courses.stream().filter(Course::dampTooLong).mapToInt(c -> c.batch().count()).sum();
  }

  /** Returns whether two plans do the same with everything, at the same times. */
  public boolean same(HangingPlan other) {
    return doings().equals(other.doings());
  }

  private List<Object> doings() {
    return courses.stream()
        .<Object>map(c -> List.of(c.batch().key(), c.batch().count(), c.marks(), c.where()))
        .toList();
  }

  /**
   * A course with what the search asks of it again and again.
   *
   * @param way the way that it follows
   * @param course the way worked out
   * @param alone what it costs when it shares no run of the dryer
   * @param stays the room it takes
   * @param trips the hours in which somebody carries some of it, earliest first
   * @param runStart when the dryer starts, null without a dryer
   * @param massKg dry mass [kg]
   * @param thirstyKg how much of it gives its water slowly [kg]
   */
  record Option(
      DryingOptions.Way way,
      Course course,
      PlanCost alone,
      List<Stay> stays,
      List<Integer> trips,
      @Nullable Instant runStart,
      double massKg,
      double thirstyKg) {
    static Option of(DryingOptions.Way way, Course course, DryingQuestion question) {
      int lastHour = question.weather().size() - 1;
      List<Stay> stays = new ArrayList<>();
      for (Course.Leg leg : course.legs()) {
        Spot spot = leg.spot();
        if (spot != null && spot.place().share(course.batch().kind()) > 0) {
          int first = Math.min(lastHour, question.indexOf(leg.from()));
          int last = Math.max(first, question.indexOf(leg.to().minusSeconds(1)));
          double share = spot.place().share(course.batch().kind()) * course.batch().count();
          stays.add(
              new Stay(spot.placeId(), first, Math.min(lastHour, last), share, leg.crowded()));
        }
      }
      List<Integer> trips =
          course.marks().stream()
              .filter(course::carries)
              .map(m -> question.indexOf(m.at()))
              .distinct()
              .toList();
      int end = course.legs().size() - 1;
      return new Option(
          way,
          course,
          course.alone(),
          stays,
          trips,
          course.tumble() == null ? null : course.legs().get(end).from(),
          course.batch().massKg(),
          TumbleDrying.thirstyKg(course.batch().kind()) * course.batch().count());
    }

    Course.Tumble run() {
      return Objects.requireNonNull(course.tumble());
    }
  }

  /** Room that is taken in a place, from an hour to another, both included. */
  record Stay(long placeId, int first, int last, double share, boolean crowded) {}

  /** Options that share one run of a dryer. */
  private record Run(List<Option> options) {
    boolean holds(Option option) {
      Option first = options.get(0);
      return first.run().dryerId() == option.run().dryerId()
          && Objects.equals(first.runStart, option.runStart);
    }

    Run with(Option option) {
      List<Option> more = new ArrayList<>(options);
      more.add(option);
      return new Run(more);
    }

    Instant start() {
      return Objects.requireNonNull(options.get(0).runStart);
    }

    /** Minutes of the run; never less than its longest part would take alone. */
    double minutes() {
      double longest = 0;
      double water = 0;
      double mass = 0;
      double thirsty = 0;
      for (Option o : options) {
        longest = Math.max(longest, o.run().minutes());
        water += o.run().waterKg();
        mass += o.massKg;
        thirsty += o.thirstyKg;
      }
      Course.Tumble first = options.get(0).run();
      double together = TumbleDrying.minutes(first.dryer(), first.heat(), water, thirsty / mass, 1);
      return Math.max(longest, together);
    }

    Instant end() {
      return HangingGroup.after(start(), minutes() / MINUTES_PER_HOUR);
    }

    PlanCost cost() {
      if (options.size() == 1) {
        return options.get(0).alone;
      }
      Instant end = end();
      return options.stream().map(o -> o.course.cost(end)).reduce(PlanCost.NONE, PlanCost::plus);
    }

    /** Whether a dryer takes all of it: its mass, at one heat. */
    boolean possible() {
      double mass = options.stream().mapToDouble(Option::massKg).sum();
      Course.Tumble first = options.get(0).run();
      return mass <= first.dryer().capacityKg() + 1e-9
          && options.stream().allMatch(o -> o.run().heat() == first.heat());
    }
  }

  /**
   * What a choice of ways for all parts costs. Options are put in and taken out again one by one;
   * sums are kept along, since the search asks for them at every look.
   */
  static final class Table {
    private static final double FULL = 1 + 1e-9;

    private final DryingQuestion question;
    private final Map<Long, double[]> spaced = new HashMap<>();
    private final Map<Long, double[]> crowded = new HashMap<>();
    private final Map<Long, Double> before = new HashMap<>();
    private final int[] carried;
    private final int[] tripsOfDay;
    private int trips;
    private final Deque<Option> chosen = new ArrayDeque<>();
    private final Deque<PlanCost> airCosts = new ArrayDeque<>(List.of(PlanCost.NONE));
    private final Deque<List<Run>> runs = new ArrayDeque<>(List.of(List.of()));

    Table(DryingQuestion question) {
      this.question = question;
      int hours = question.weather().size();
      question
          .spots()
          .forEach(
              s -> {
                spaced.put(s.placeId(), new double[hours]);
                crowded.put(s.placeId(), new double[hours]);
              });
      for (DryingBatch batch : question.batches()) {
        Spot at = batch.at();
        if (at != null) {
          double share = at.place().share(batch.kind()) * batch.count();
          before.merge(at.placeId(), share, Double::sum);
        }
      }
      carried = new int[hours];
      tripsOfDay = new int[question.day(hours - 1) + 1];
    }

    /** Adds an option when there is room and time for it; returns whether there was. */
    boolean add(Option option) {
      List<Run> then = option.runStart == null ? runs.getLast() : dryerTakes(option);
      if (then == null || !fits(option) || !fewTrips(option)) {
        return false;
      }
      use(option, 1);
      chosen.addLast(option);
      runs.addLast(then);
      PlanCost air = airCosts.getLast();
      airCosts.addLast(option.runStart == null ? air.plus(option.alone) : air);
      return true;
    }

    void removeLast() {
      use(chosen.removeLast(), -1);
      runs.removeLast();
      airCosts.removeLast();
    }

    /** Up to its room with air between, up to one and a half times that crowded; never above. */
    private boolean fits(Option option) {
      for (Stay stay : option.stays) {
        double[] own = Objects.requireNonNull((stay.crowded ? crowded : spaced).get(stay.placeId));
        double[] other =
            Objects.requireNonNull((stay.crowded ? spaced : crowded).get(stay.placeId));
        double most = stay.crowded ? Place.CROWDED_ROOM : FULL;
        boolean hangsHere = hangsHere(option, stay);
        for (int hour = stay.first; hour <= stay.last; hour++) {
          boolean tooMuch = own[hour] + stay.share > most + 1e-9;
          // What hangs too close already may stay until it is dry, carried off or in the dryer, but
          // nothing joins it, and nothing beside it is hung with air between.
          if (other[hour] > 0 || tooMuch && !(hangsHere && overfull(stay.placeId))) {
            return false;
          }
        }
      }
      return true;
    }

    private boolean overfull(long placeId) {
      return Place.overfull(before.getOrDefault(placeId, 0.0));
    }

    private static boolean hangsHere(Option option, Stay stay) {
      Spot at = option.course.batch().at();
      boolean here = at != null && at.placeId() == stay.placeId && stay.first == 0;
      return here && (stay.crowded || option.course.legs().size() > 1);
    }

    private boolean fewTrips(Option option) {
      int most = question.wishes().tripsADay();
      int[] more = null;
      for (int hour : option.trips) {
        if (carried[hour] == 0) {
          int day = question.day(hour);
          more = more == null ? new int[tripsOfDay.length] : more;
          more[day]++;
          if (tripsOfDay[day] + more[day] > most) {
            return false;
          }
        }
      }
      return true;
    }

    private void use(Option option, int sign) {
      for (Stay stay : option.stays) {
        double[] used = Objects.requireNonNull((stay.crowded ? crowded : spaced).get(stay.placeId));
        for (int hour = stay.first; hour <= stay.last; hour++) {
          used[hour] += sign * stay.share;
          used[hour] = used[hour] < 1e-9 ? 0 : used[hour];
        }
      }
      for (int hour : option.trips) {
        boolean none = carried[hour] == 0;
        carried[hour] += sign;
        if (none || carried[hour] == 0) {
          tripsOfDay[question.day(hour)] += sign;
          trips += sign;
        }
      }
    }

    /** The runs with one option more, or null when a dryer is too full or busy. */
    private @Nullable List<Run> dryerTakes(Option option) {
      Run mine = new Run(List.of(option));
      List<Run> others = new ArrayList<>();
      for (Run run : runs.getLast()) {
        if (run.holds(option)) {
          mine = run.with(option);
        } else {
          others.add(run);
        }
      }
      if (!mine.possible()) {
        return null;
      }
      Instant end = mine.end();
      for (Run other : others) {
        boolean elsewhere = other.options.get(0).run().dryerId() != option.run().dryerId();
        if (!elsewhere && other.start().isBefore(end) && other.end().isAfter(mine.start())) {
          return null;
        }
      }
      others.add(mine);
      return others;
    }

    /** What everything chosen so far costs, its trips included. */
    PlanCost cost() {
      PlanCost sum = airCosts.getLast();
      for (Run run : runs.getLast()) {
        sum = sum.plus(run.cost());
      }
      return sum.dearer(trips * question.wishes().trip());
    }

    /** How many options were chosen. */
    int size() {
      return chosen.size();
    }

    /** The chosen courses as they come about, shared runs with their common end. */
    List<Course> courses() {
      return chosen.stream()
          .map(
              o ->
                  runs.getLast().stream()
                      .filter(r -> r.options.contains(o))
                      .findFirst()
                      .map(r -> o.course.sharing(r.minutes(), r.end()))
                      .orElse(o.course))
          .toList();
    }
  }
}
