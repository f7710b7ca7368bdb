package org.nestrinse.core.dry.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.nestrinse.core.said.Said;

/**
 * One walk to what hangs. What falls within half an hour is done on the same walk: nobody goes out
 * for each towel.
 *
 * @param at when
 * @param errands what is done on it
 */
public record Trip(Instant at, List<Errand> errands) {
  /** What is so close together is done on one walk: a house figure. */
  public static final Duration TOGETHER = Duration.ofMinutes(30);

  public Trip {
    errands = List.copyOf(errands);
  }

  /**
   * The same done to several batches.
   *
   * @param event what is done
   * @param words where to, with its reason; the same for all of them
   * @param courses the courses of the batches
   */
  public record Errand(Course.Event event, Said words, List<Course> courses) {
    public Errand {
      courses = List.copyOf(courses);
    }

    /** Returns what is carried: "8 boosters, 4 towels". */
    public Said pieces() {
      return Said.row(
          courses.stream().map(c -> c.batch().kind().counted(c.batch().count())).toList());
    }
  }

  private record Mark(Course course, Course.Mark mark) {
    Instant at() {
      return mark.at();
    }

    boolean dry() {
      return mark.sort() == Course.Event.DRY;
    }
  }

  /** Returns how many pieces are carried. */
  public int pieces() {
    return errands.stream()
        .flatMap(e -> e.courses.stream())
        .distinct()
        .mapToInt(c -> c.batch().count())
        .sum();
  }

  /** Returns the trips that these courses ask for, the first one first. */
  public static List<Trip> of(List<Course> courses) {
    List<Mark> marks =
        courses.stream()
            .flatMap(c -> c.marks().stream().map(m -> new Mark(c, m)))
            .sorted(Comparator.comparing(Mark::at))
            .toList();
    List<Trip> trips = new ArrayList<>();
    for (int from = 0; from < marks.size(); ) {
      int to = from;
      Instant end = marks.get(from).at().plus(TOGETHER);
      while (to < marks.size() && !marks.get(to).at().isAfter(end)) {
        to++;
      }
      trips.add(of(marks.subList(from, to), marks.get(from).at()));
      from = to;
    }
    return trips;
  }

  /** What only gets dry can wait for the last of it; what must be carried cannot. */
  private static Trip of(List<Mark> together, Instant first) {
    boolean waits = together.stream().allMatch(Mark::dry);
    Map<List<Object>, List<Course>> errands = new LinkedHashMap<>();
    for (Mark m : together) {
      errands
          .computeIfAbsent(
              List.of(m.mark.sort(), m.dry() ? Said.NOTHING : m.mark.words()),
              k -> new ArrayList<>())
          .add(m.course);
    }
    return new Trip(
        waits ? together.get(together.size() - 1).at() : first,
        errands.entrySet().stream()
            .map(
                e ->
                    new Errand(
                        (Course.Event) e.getKey().get(0), (Said) e.getKey().get(1), e.getValue()))
            .toList());
  }
}
