package org.nestrinse.core.dry.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.nestrinse.core.dry.Spot;
import org.nestrinse.core.kit.Place;

/**
 * Where a batch may hang hour by hour: in one spot; outdoors while the weather is good and inside
 * for the rest, once or every day; moved once. Nothing is carried in quiet hours, nor again within
 * {@value #BETWEEN_MOVES_H} hours.
 */
final class Routes {
  /** No errand moves a piece again so soon [h]. */
  static final int BETWEEN_MOVES_H = 3;

  private final DryingQuestion question;
  private final int hours;

  Routes(DryingQuestion question) {
    this.question = question;
    this.hours = question.weather().size();
  }

  /** Whether it hangs in one spot all the time. */
  static boolean stays(int[] route) {
    return Arrays.stream(route).distinct().count() == 1;
  }

  /** Returns for each way in the air the spot of every hour, each once. */
  List<int[]> of(DryingBatch batch) {
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
  private int[] later(int here, int there, DryingBatch batch) {
    int[] route = staying(there);
    int from = firstErrand(batch);
    Arrays.fill(route, 0, Math.min(hours, from), here);
    return route;
  }

  private int firstErrand(DryingBatch batch) {
    for (int hour = 0; hour < hours; hour++) {
      if (question.errand(hour) && rested(batch, hour)) {
        return hour;
      }
    }
    return hours;
  }

  private boolean rested(DryingBatch batch, int hour) {
    return batch.hungAt() == null
        || !question.hour(hour).isBefore(batch.hungAt().plus(Duration.ofHours(BETWEEN_MOVES_H)));
  }

  /** A movable airer is carried in with all that hangs on it; everything else is hung anew. */
  private static boolean shelters(Spot outside, Spot inside) {
    if (inside.outdoors()) {
      return false;
    }
    boolean movable = outside.place().sort() == Place.Type.MOVABLE_AIRER;
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
  private boolean allowed(DryingBatch batch, int here, int[] route) {
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
}
