package org.nestrinse.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What the water of a reset tells, and what a change can be credited with. */
class ResetWaterTest {
  private static final Instant NOON = Instant.parse("2026-05-20T12:00:00Z");

  private static Seen reset(String value) {
    return new Seen(Sign.JAR, value, NOON, 7L, true);
  }

  private static Seen shelf(Sign sign, String value) {
    return new Seen(sign, value, NOON, 7L);
  }

  @Test
  void sudsInItLowerTheDoseAtOnce() {
    Trim.Feedback told = Trim.Feedback.of(List.of(reset("suds"), reset("clear")), true);
    assertThat(told.vote()).isEqualTo(Trim.Vote.LESS);
    assertThat(Trim.next(1, List.of(told), 0)).contains(new Trim.Move(1, 0.9));
    Trim.Feedback jar = Trim.Feedback.of(List.of(shelf(Sign.JAR, "suds")), true);
    assertThat(Trim.next(1, List.of(jar), 0)).as("a jar alone moves nothing").isEmpty();
  }

  @Test
  void theyDoNotLowerItAgainstWhatTheWashesSay() {
    Trim.Feedback smell = Trim.Feedback.of(List.of(shelf(Sign.SMELL_WET, "ammonia")), true);
    Trim.Feedback suds = Trim.Feedback.of(List.of(reset("suds")), true);
    assertThat(Trim.next(1, List.of(smell, suds), 0)).isEmpty();
    Trim.Feedback before = Trim.Feedback.of(List.of(reset("suds")), false);
    assertThat(Trim.next(0.9, List.of(before), -1)).as("each counts once").isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"grey", "film", "clear"})
  void nothingElseInItTellsOfTheWashes(String value) {
    assertThat(Trim.vote(List.of(reset(value)))).isEqualTo(Trim.Vote.NOTHING);
    Diagnosis d = Diagnosis.of(HouseFacts.NONE, List.of(reset(value)));
    assertThat(d.state()).isEqualTo(Diagnosis.State.NOTHING_WRONG);
    assertThat(d.causes()).isEmpty();
  }

  @Test
  void itNeverAsksForAnotherReset() {
    for (Sign.Value value : Sign.JAR.all()) {
      Diagnosis d = Diagnosis.of(HouseFacts.NONE, List.of(reset(value.id())));
      assertThat(d.causes().stream().flatMap(c -> c.changes().stream()))
          .as(value.id())
          .noneMatch(p -> p.change() == Change.RESET);
    }
    Diagnosis own = Diagnosis.of(HouseFacts.NONE, List.of(shelf(Sign.JAR, "film"), reset("film")));
    assertThat(own.causes().stream().flatMap(c -> c.changes().stream()))
        .as("a jar of clean pieces may")
        .anyMatch(p -> p.change() == Change.RESET);
  }

  @ParameterizedTest
  @EnumSource(Change.class)
  void everyChangeTouchesSomethingAndShowsSomewhere(Change change) {
    assertThat(Arrays.stream(Cause.values()).filter(change::touches)).isNotEmpty();
    assertThat(change.touches(Cause.OTHER)).isFalse();
    assertThat(Arrays.stream(Sign.values()).filter(Sign::symptom).filter(change::couldChange))
        .isNotEmpty();
  }

  static Stream<Proposed> proposed() {
    return Arrays.stream(Cause.values())
        .flatMap(c -> CauseTable.TABLE.changes(c).stream().map(p -> new Proposed(c, p.change())));
  }

  record Proposed(Cause cause, Change change) {}

  @ParameterizedTest
  @MethodSource("proposed")
  void whatIsProposedAgainstACauseTouchesIt(Proposed p) {
    assertThat(p.change.touches(p.cause)).isTrue();
  }

  @Test
  void aDryerOnLowIsNotCreditedWithASmell() {
    assertThat(Change.LOWER_DRYER.couldChange(Sign.SMELL_WET)).isFalse();
    assertThat(Change.LOWER_DRYER.touches(Cause.UNDER_DOSED)).isFalse();
    assertThat(Change.DOSE_UP.couldChange(Sign.SMELL_WET)).isTrue();
    assertThat(Change.DRY_THROUGH.couldChange(Sign.SUDS)).isFalse();
  }
}
