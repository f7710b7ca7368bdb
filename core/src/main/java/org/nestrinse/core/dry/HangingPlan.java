package org.nestrinse.core.dry;

import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Who hangs where, what is moved when, and what finishes in the dryer: dry before it is needed,
 * then least money, then least wear, then soonest with the fewest errands.
 *
 * <p>Every batch takes one of its {@link Ways}; room on lines and rails and the dryers are shared.
 * The best choice is found by branch and bound: batches one after the other, cheapest way first,
 * and whatever cannot become better than the best so far is left.
 *
 * @param courses one or more for each batch, in the order of the batches
 * @param cost of all together
 * @param proven whether nothing better exists; false when looking was stopped
 * @see "docs/models.md, the hanging plan"
 */
public record HangingPlan(List<Course> courses, PlanCost cost, boolean proven) {
  /** So many choices are looked at before the best so far is taken. */
  static final int MOST_LOOKS = 20_000;

  /** No part of a batch takes more than this share of a place's room. */
  private static final double LARGEST_PART = 0.5;

  private static final int LEAST_PIECES = 2;
  private static final double FULL = 1 + 1e-9;
  private static final double MINUTES_PER_HOUR = 60;

  public HangingPlan {
    courses = List.copyOf(courses);
  }

  /** Returns the best plan that a policy allows. */
  public static HangingPlan of(DryingQuestion question, DryingPolicy policy) {
    Search search = new Search(question, policy, policy.crowding());
    HangingPlan plan = search.plan();
    return search.found() ? plan : new Search(question, policy, true).plan();
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

  /** Returns the parts in which batches are planned: none takes more than half of a place. */
  static List<Batch> parts(DryingQuestion question) {
    List<Batch> parts = new ArrayList<>();
    for (Batch batch : question.batches()) {
      double share =
          question.spots().stream()
              .map(Spot::place)
              .mapToDouble(p -> p.share(batch.kind()))
              .filter(s -> s > 0)
              .min()
              .orElse(0);
      double capacity =
          question.dryers().stream()
              .mapToDouble(d -> d.dryer().capacityKg())
              .min()
              .orElse(Double.MAX_VALUE);
      int most = share > 0 ? (int) (LARGEST_PART / share) : batch.count();
      most = Math.min(most, (int) (capacity / batch.kind().massKg()));
      most = Math.max(LEAST_PIECES, most);
      int number = (int) Math.ceil(batch.count() / (double) most);
      for (int i = 0; i < number; i++) {
        int upTo = batch.count() * (i + 1) / number;
        parts.add(batch.of(upTo - batch.count() * i / number));
      }
    }
    return parts;
  }

  /**
   * A course with what the search asks of it again and again.
   *
   * @param course the way
   * @param alone what it costs when it shares no run of the dryer
   * @param stays the room it takes
   * @param runStart when the dryer starts, null without a dryer
   * @param massKg dry mass [kg]
   * @param thirstyKg how much of it gives its water slowly [kg]
   */
  record Option(
      Course course,
      PlanCost alone,
      List<Stay> stays,
      @Nullable Instant runStart,
      double massKg,
      double thirstyKg) {
    static Option of(Course course, DryingQuestion question) {
      int lastHour = question.weather().size() - 1;
      List<Stay> stays = new ArrayList<>();
      for (Course.Leg leg : course.legs()) {
        Spot spot = leg.spot();
        if (spot != null && !leg.crowded() && spot.place().share(course.batch().kind()) > 0) {
          int first = Math.min(lastHour, question.indexOf(leg.from()));
          int last = Math.max(first, question.indexOf(leg.to().minusSeconds(1)));
          double share = spot.place().share(course.batch().kind()) * course.batch().count();
          stays.add(new Stay(spot.placeId(), first, Math.min(lastHour, last), share));
        }
      }
      int end = course.legs().size() - 1;
      return new Option(
          course,
          course.alone(),
          stays,
          course.tumble() == null ? null : course.legs().get(end).from(),
          course.batch().massKg(),
          TumbleDrying.thirstyKg(course.batch().kind()) * course.batch().count());
    }

    Course.Tumble run() {
      return Objects.requireNonNull(course.tumble());
    }
  }

  /** Room that is taken in a place, from an hour to another, both included. */
  record Stay(long placeId, int first, int last, double share) {}

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
      double together = TumbleDrying.minutes(options.get(0).run().heat(), water, thirsty / mass, 1);
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
    private final Map<Long, double[]> room = new HashMap<>();
    private final Deque<Option> chosen = new ArrayDeque<>();
    private final Deque<PlanCost> airCosts = new ArrayDeque<>(List.of(PlanCost.NONE));
    private final Deque<List<Run>> runs = new ArrayDeque<>(List.of(List.of()));

    Table(DryingQuestion question) {
      int hours = question.weather().size();
      question.spots().forEach(s -> room.put(s.placeId(), new double[hours]));
    }

    /** Adds an option when there is room for it; returns whether there was. */
    boolean add(Option option) {
      List<Run> then = option.runStart == null ? runs.getLast() : dryerTakes(option);
      if (then == null || !fits(option)) {
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

    private boolean fits(Option option) {
      for (Stay stay : option.stays) {
        double[] used = Objects.requireNonNull(room.get(stay.placeId));
        for (int hour = stay.first; hour <= stay.last; hour++) {
          if (used[hour] + stay.share > FULL) {
            return false;
          }
        }
      }
      return true;
    }

    private void use(Option option, int sign) {
      for (Stay stay : option.stays) {
        double[] used = Objects.requireNonNull(room.get(stay.placeId));
        for (int hour = stay.first; hour <= stay.last; hour++) {
          used[hour] += sign * stay.share;
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

    /** What everything chosen so far costs. */
    PlanCost cost() {
      PlanCost sum = airCosts.getLast();
      for (Run run : runs.getLast()) {
        sum = sum.plus(run.cost());
      }
      return sum;
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

  private static final class Search {
    private final List<Batch> parts;
    private final List<List<Option>> ways = new ArrayList<>();
    private final PlanCost[] least;
    private final Table table;
    private final int[] taken;
    private final DryingPolicy policy;
    private final boolean crowding;
    private int looks;
    private @Nullable PlanCost best;
    private List<Course> bestCourses = List.of();

    Search(DryingQuestion question, DryingPolicy policy, boolean crowding) {
      this.policy = policy;
      this.crowding = crowding;
      Ways all = new Ways(question);
      // Those that hinder most come first: short of time, then bulky.
      parts =
          parts(question).stream()
              .sorted(
                  Comparator.comparing(
                          Batch::neededBy, Comparator.nullsLast(Comparator.naturalOrder()))
                      .thenComparing(b -> -b.kind().widthM() * b.count())
                      .thenComparing(Batch::key))
              .toList();
      for (Batch part : parts) {
        ways.add(
            all.of(part, policy, crowding).stream()
                .map(course -> Option.of(course, question))
                .sorted(Comparator.comparing(this::alone))
                .toList());
      }
      least = new PlanCost[parts.size() + 1];
      least[parts.size()] = PlanCost.NONE;
      for (int i = parts.size() - 1; i >= 0; i--) {
        List<Option> options = ways.get(i);
        least[i] = options.isEmpty() ? least[i + 1] : least[i + 1].plus(alone(options.get(0)));
      }
      table = new Table(question);
      taken = new int[parts.size()];
    }

    /** What an option counts that shares nothing. */
    private PlanCost alone(Option option) {
      return policy.weighed(option.alone);
    }

    /** What everything chosen so far counts. */
    private PlanCost sofar() {
      return policy.weighed(table.cost());
    }

    boolean found() {
      return best != null;
    }

    HangingPlan plan() {
      if (ways.stream().noneMatch(List::isEmpty)) {
        descend(0);
      }
      List<Course> joined = new ArrayList<>();
      for (Course course : bestCourses) {
        int same =
            IntStream.range(0, joined.size())
                .filter(i -> joined.get(i).sameWay(course))
                .findFirst()
                .orElse(-1);
        if (same < 0) {
          joined.add(course);
        } else {
          joined.set(same, joined.get(same).with(course));
        }
      }
      joined.sort(Comparator.comparing(c -> c.batch().key()));
      PlanCost cost = bestCourses.stream().map(Course::alone).reduce(PlanCost.NONE, PlanCost::plus);
      return new HangingPlan(joined, cost, looks < MOST_LOOKS);
    }

    private void descend(int part) {
      if (part == parts.size()) {
        PlanCost cost = sofar();
        if (best == null || cost.compareTo(best) < 0) {
          best = cost;
          bestCourses = table.courses();
        }
        return;
      }
      List<Option> options = ways.get(part);
      // Parts of one batch are alike: the later one never takes an earlier way.
      boolean twin = part > 0 && alike(parts.get(part - 1), parts.get(part));
      for (int i = twin ? taken[part - 1] : 0; i < options.size(); i++) {
        if (looks >= MOST_LOOKS && (best != null || !crowding)) {
          return;
        }
        looks++;
        Option option = options.get(i);
        if (best != null
            && sofar().plus(alone(option)).plus(least[part + 1]).compareTo(best) >= 0) {
          return;
        }
        if (table.add(option)) {
          taken[part] = i;
          if (best == null || sofar().plus(least[part + 1]).compareTo(best) < 0) {
            descend(part + 1);
          }
          table.removeLast();
        }
      }
    }

    private static boolean alike(Batch a, Batch b) {
      return a.key() == b.key() && a.count() == b.count();
    }
  }
}
