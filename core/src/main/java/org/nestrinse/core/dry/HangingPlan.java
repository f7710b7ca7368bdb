package org.nestrinse.core.dry;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.kit.Place;

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
  static final int MOST_LOOKS = 40_000;

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

  /** What a choice of ways for all parts costs, or null when there is no room for it. */
  static final class Table {
    private final DryingQuestion question;
    private final Map<Long, double[]> room = new HashMap<>();
    private final List<Course> chosen = new ArrayList<>();
    private final int hours;

    Table(DryingQuestion question) {
      this.question = question;
      this.hours = question.weather().size();
    }

    /** Adds a course when there is room for it; returns whether there was. */
    boolean add(Course course) {
      if (!fits(course) || !dryerTakes(course)) {
        return false;
      }
      use(course, 1);
      chosen.add(course);
      return true;
    }

    void removeLast() {
      use(chosen.remove(chosen.size() - 1), -1);
    }

    private boolean fits(Course course) {
      for (Course.Leg leg : course.legs()) {
        double share = share(course, leg);
        if (share == 0) {
          continue;
        }
        double[] used =
            room.computeIfAbsent(
                Objects.requireNonNull(leg.spot()).placeId(), k -> new double[hours]);
        for (int hour = first(leg); hour <= last(leg); hour++) {
          if (used[hour] + share > FULL) {
            return false;
          }
        }
      }
      return true;
    }

    private void use(Course course, int sign) {
      for (Course.Leg leg : course.legs()) {
        double share = share(course, leg);
        if (share > 0) {
          double[] used = room.get(Objects.requireNonNull(leg.spot()).placeId());
          for (int hour = first(leg); hour <= last(leg); hour++) {
            used[hour] += sign * share;
          }
        }
      }
    }

    private double share(Course course, Course.Leg leg) {
      if (leg.spot() == null || leg.crowded()) {
        return 0;
      }
      Place place = leg.spot().place();
      return place.share(course.batch().kind()) * course.batch().count();
    }

    private int first(Course.Leg leg) {
      return Math.min(hours - 1, question.indexOf(leg.from()));
    }

    private int last(Course.Leg leg) {
      return Math.min(hours - 1, Math.max(first(leg), question.indexOf(leg.to().minusSeconds(1))));
    }

    /** A run holds what the dryer is made for, at one heat, and runs do not overlap. */
    private boolean dryerTakes(Course course) {
      Course.Tumble tumble = course.tumble();
      if (tumble == null) {
        return true;
      }
      List<Course> run = new ArrayList<>(runOf(course));
      run.add(course);
      double mass = run.stream().mapToDouble(c -> c.batch().massKg()).sum();
      boolean oneHeat =
          run.stream().allMatch(c -> Objects.requireNonNull(c.tumble()).heat() == tumble.heat());
      if (mass > tumble.dryer().capacityKg() + 1e-9 || !oneHeat) {
        return false;
      }
      Instant start = start(course);
      Instant end = end(run);
      return chosen.stream()
          .filter(c -> sameDryer(c, course) && !start(c).equals(start))
          .allMatch(c -> !start(c).isBefore(end) || !end(runOf(c)).isAfter(start));
    }

    private static boolean sameDryer(Course a, Course b) {
      return a.tumble() != null
          && b.tumble() != null
          && a.tumble().dryerId() == b.tumble().dryerId();
    }

    /** The chosen courses that share the run of this one. */
    private List<Course> runOf(Course course) {
      return chosen.stream()
          .filter(c -> sameDryer(c, course) && start(c).equals(start(course)))
          .toList();
    }

    private static Instant start(Course course) {
      return course.legs().get(course.legs().size() - 1).from();
    }

    private static Instant end(List<Course> run) {
      return HangingGroup.after(start(run.get(0)), minutes(run) / MINUTES_PER_HOUR);
    }

    /** Minutes of a shared run; never less than its longest part would take alone. */
    private static double minutes(List<Course> run) {
      Course.Tumble first = Objects.requireNonNull(run.get(0).tumble());
      List<TumbleDrying.Damp> all = new ArrayList<>();
      double longest = 0;
      for (Course c : run) {
        double moisture = HangingGroup.moistureAt(c.points(), start(c));
        all.add(new TumbleDrying.Damp(c.batch().kind(), c.batch().count(), moisture));
        longest = Math.max(longest, Objects.requireNonNull(c.tumble()).minutes());
      }
      return Math.max(longest, TumbleDrying.of(first.dryer(), all).minutes());
    }

    /** What everything chosen so far costs. */
    PlanCost cost() {
      PlanCost sum = PlanCost.NONE;
      for (Course c : chosen) {
        sum = sum.plus(c.cost(c.tumble() == null ? c.dryBy() : end(runOf(c))));
      }
      return sum;
    }

    /** The chosen courses as they come about, shared runs with their common end. */
    List<Course> courses() {
      return chosen.stream()
          .map(c -> c.tumble() == null ? c : c.sharing(minutes(runOf(c)), end(runOf(c))))
          .toList();
    }
  }

  private static final class Search {
    private final List<Batch> parts;
    private final List<List<Course>> ways = new ArrayList<>();
    private final PlanCost[] least;
    private final Table table;
    private final int[] taken;
    private final DryingPolicy policy;
    private int looks;
    private @Nullable PlanCost best;
    private List<Course> bestCourses = List.of();

    Search(DryingQuestion question, DryingPolicy policy, boolean crowding) {
      this.policy = policy;
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
                .sorted(Comparator.comparing(this::alone))
                .toList());
      }
      least = new PlanCost[parts.size() + 1];
      least[parts.size()] = PlanCost.NONE;
      for (int i = parts.size() - 1; i >= 0; i--) {
        List<Course> options = ways.get(i);
        least[i] = options.isEmpty() ? least[i + 1] : least[i + 1].plus(alone(options.get(0)));
      }
      table = new Table(question);
      taken = new int[parts.size()];
    }

    /** What a course counts that shares nothing. */
    private PlanCost alone(Course course) {
      return policy.weighed(course.cost(course.dryBy()));
    }

    /** What everything chosen so far counts. */
    private PlanCost sofar() {
      return policy.weighed(table.cost());
    }

    boolean found() {
      return best != null;
    }

    HangingPlan plan() {
      descend(0);
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
      PlanCost cost =
          bestCourses.stream().map(c -> c.cost(c.dryBy())).reduce(PlanCost.NONE, PlanCost::plus);
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
      List<Course> options = ways.get(part);
      // Parts of one batch are alike: the later one never takes an earlier way.
      boolean twin = part > 0 && alike(parts.get(part - 1), parts.get(part));
      for (int i = twin ? taken[part - 1] : 0; i < options.size(); i++) {
        if (best != null && looks >= MOST_LOOKS) {
          return;
        }
        looks++;
        Course option = options.get(i);
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
