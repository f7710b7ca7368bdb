package org.nestrinse.core.dry.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TripTest {
  @ParameterizedTest
  @ValueSource(ints = {8, 20, 34, 47, 60, 75, 90, 110})
  void everythingIsDoneOnOneTripAndNothingIsTakenInBeforeItIsDry(int hour) {
    HangingPlan plan =
        HangingPlan.of(
            HangingCases.question(
                hour,
                List.of(HangingCases.LINE, HangingCases.AIRER),
                true,
                HangingCases.all(HangingCases.at(hour + 30))),
            DryingPolicy.BEST);
    Instant now = HangingCases.at(hour).plus(Duration.ofHours(2));
    List<Trip> trips = Trip.of(plan.courses(), now);
    long marks = plan.courses().stream().mapToLong(c -> c.marks().size()).sum();
    assertThat(
            trips.stream()
                .flatMap(t -> t.errands().stream())
                .mapToLong(e -> e.courses().size())
                .sum())
        .isEqualTo(marks);
    assertThat(trips).extracting(Trip::at).isSorted();
    for (Trip trip : trips) {
      for (Trip.Errand errand : trip.errands()) {
        for (Course course : errand.courses()) {
          assertThat(course.marks())
              .filteredOn(m -> m.sort() == errand.event() && !m.at().isAfter(trip.at()))
              .isNotEmpty();
        }
      }
    }
    assertThat(trips.stream().filter(t -> !t.at().isAfter(now))).hasSizeLessThanOrEqualTo(1);
  }

  @ParameterizedTest
  @ValueSource(ints = {8, 34, 60, 90})
  void whatMustComeInComesInOnTime(int hour) {
    HangingPlan plan =
        HangingPlan.of(
            HangingCases.question(
                hour,
                List.of(HangingCases.WHEELED_OUT, HangingCases.WHEELED_IN),
                false,
                HangingCases.all(null)),
            DryingPolicy.BEST);
    Instant now = HangingCases.at(hour);
    for (Trip trip : Trip.of(plan.courses(), now)) {
      for (Trip.Errand errand : trip.errands()) {
        if (errand.event() == Course.Event.BRING_IN && trip.at().isAfter(now)) {
          assertThat(errand.courses())
              .allMatch(
                  c ->
                      c.marks().stream()
                          .filter(m -> m.sort() == Course.Event.BRING_IN)
                          .anyMatch(m -> !m.at().isBefore(trip.at())));
        }
      }
    }
  }

  @Test
  void whatTumblesIsTakenOutWhenTheDryerEnds() {
    DryingBatch towels = HangingCases.all(null).get(0);
    DryingBatch inside = DryingBatchBuilder.builder(towels).hungAt(HangingCases.at(8)).build();
    Instant end = HangingCases.at(9);
    Course course =
        Course.tumbling(
            inside,
            end,
            HangingCases.question(8, List.of(HangingCases.AIRER), true, List.of(towels)).wishes());
    assertThat(Trip.of(List.of(course), HangingCases.at(10)))
        .singleElement()
        .matches(Trip::onlyTakesIn)
        .matches(t -> t.pieces() == towels.count() && !t.at().isAfter(HangingCases.at(10)));
  }
}
