package org.nestrinse.core.dry.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Kind;

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
      Map<Kind, Integer> counts = new LinkedHashMap<>();
      courses.forEach(c -> counts.merge(c.batch().kind(), c.batch().count(), Integer::sum));
      return Said.row(
          counts.entrySet().stream().map(e -> e.getKey().counted(e.getValue())).toList());
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

  /** Returns whether all there is to do is to take in what is dry. */
  public boolean onlyTakesIn() {
    return errands.stream().allMatch(e -> e.event == Course.Event.DRY);
  }

  /** Returns how many pieces are carried. */
  public int pieces() {
    return errands.stream()
        .flatMap(e -> e.courses.stream())
        .distinct()
        .mapToInt(c -> c.batch().count())
        .sum();
  }

  /**
   * Returns the trips that these courses ask for, the first one first. What is due by now is one
   * trip; nothing is taken in before it counts as dry.
   *
   * @param courses the ways of what hangs
   * @param now the present moment
   */
  public static List<Trip> of(List<Course> courses, Instant now) {
    List<Mark> marks =
        courses.stream()
            .flatMap(c -> c.marks().stream().map(m -> new Mark(c, m)))
            .sorted(Comparator.comparing(Mark::at))
            .toList();
    List<Trip> trips = new ArrayList<>();
    for (int from = 0; from < marks.size(); ) {
      Instant end = lastOf(marks.subList(from, marks.size()), now);
      int to = from;
      while (to < marks.size() && !marks.get(to).at().isAfter(end)) {
        to++;
      }
      trips.add(of(marks.subList(from, to)));
      from = to;
    }
    return trips;
  }

  /** What must be carried in, or out of the sun, cannot wait for what gets dry soon. */
  private static Instant lastOf(List<Mark> ahead, Instant now) {
    Instant first = ahead.get(0).at();
    if (!first.isAfter(now)) {
      return now;
    }
    return ahead.stream()
        .filter(m -> m.mark.sort() == Course.Event.BRING_IN || m.mark.sort() == Course.Event.SHADE)
        .map(Mark::at)
        .filter(t -> t.isBefore(first.plus(TOGETHER)))
        .findFirst()
        .orElse(first.plus(TOGETHER));
  }

  private static Trip of(List<Mark> together) {
    Map<List<Object>, List<Course>> errands = new LinkedHashMap<>();
    for (Mark m : together) {
      errands
          .computeIfAbsent(
              List.of(m.mark.sort(), m.dry() ? Said.NOTHING : m.mark.words()),
              k -> new ArrayList<>())
          .add(m.course);
    }
    return new Trip(
        together.get(together.size() - 1).at(),
        errands.entrySet().stream()
            .map(
                e ->
                    new Errand(
                        (Course.Event) e.getKey().get(0), (Said) e.getKey().get(1), e.getValue()))
            .toList());
  }
}
