package org.nestrinse.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.judge.Seen;
import org.nestrinse.core.judge.Sign;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;

/** What is told between two rounds, and what a round says of a sign. */
class ChangesTest {
  private static PastRound round(
      String school,
      int celsius,
      double trim,
      @Nullable Double share,
      int rinses,
      double fill,
      double hardness) {
    return new PastRound(
        1,
        Instant.EPOCH,
        school,
        "Cottons",
        List.of(),
        new RoundFigures(
            13,
            1.2,
            new RoundFigures.Dose(60, share, trim, false, Said.NOTHING),
            new RoundFigures.Bath(celsius, celsius, 20, rinses, 1200, fill, hardness),
            new RoundFigures.Estimate(80, 100, 5, 4, HygieneGoal.LIGHT, true, null, false),
            new RoundFigures.Spent(70, 1.2, 0.9, 150, 15)),
        List.of());
  }

  private static final PastRound USUAL = round("Hot and full", 60, 1, 1.0, 3, 0.6, 3);

  private static Said from(Change change, Quantity before, Quantity now) {
    return Said.of(change).with("before", before).with("now", now);
  }

  private static Quantity times(double factor) {
    return new Quantity(factor, Unit.TIMES, 1);
  }

  static Stream<Arguments> changes() {
    return Stream.of(
        Arguments.of(USUAL, null),
        Arguments.of(
            round("Cool and sun", 60, 1, 1.0, 3, 0.6, 3),
            Said.of(Change.METHOD).with("method", Said.from("Cool and sun"))),
        Arguments.of(
            round("Hot and full", 40, 1, 1.0, 3, 0.6, 3),
            from(Change.TEMPERATURE, Quantity.celsius(60), Quantity.celsius(40))),
        Arguments.of(
            round("Hot and full", 60, 1.2, 1.0, 3, 0.6, 3),
            from(Change.ADJUSTMENT, times(1), times(1.2))),
        Arguments.of(
            round("Hot and full", 60, 1, 0.85, 3, 0.6, 3),
            from(Change.DOSE, Quantity.share(1), Quantity.share(0.85))),
        Arguments.of(round("Hot and full", 60, 1, 0.92, 3, 0.6, 3), null),
        Arguments.of(
            round("Hot and full", 60, 1, 1.0, 4, 0.6, 3),
            Said.of(Change.MORE_RINSES).with("rinses", 1)),
        Arguments.of(
            round("Hot and full", 60, 1, 1.0, 1, 0.6, 3),
            Said.of(Change.FEWER_RINSES).with("rinses", 2)),
        Arguments.of(round("Hot and full", 60, 1, 1.0, 3, 0.9, 3), Said.of(Change.FULLER_DRUM)),
        Arguments.of(round("Hot and full", 60, 1, 1.0, 3, 0.3, 3), Said.of(Change.EMPTIER_DRUM)),
        Arguments.of(round("Hot and full", 60, 1, 1.0, 3, 0.7, 3), null),
        Arguments.of(
            round("Hot and full", 60, 1, 1.0, 3, 0.6, 1.5),
            Said.of(Change.HARDNESS).with("hardness", new Quantity(1.5, Unit.MMOL_PER_L, 1))));
  }

  @ParameterizedTest
  @MethodSource("changes")
  void whatDiffersFromTheRoundBeforeIsNamed(PastRound now, @Nullable Said change) {
    assertThat(Changes.between(USUAL, now, Said::from))
        .isEqualTo(change == null ? List.of() : List.of(change));
  }

  @Test
  void aShareThatIsNotKnownIsNotCompared() {
    PastRound byHand = round("Hot and full", 60, 1, null, 3, 0.6, 3);
    assertThat(Changes.between(USUAL, byHand, Said::from)).isEmpty();
    assertThat(Changes.between(byHand, USUAL, Said::from)).isEmpty();
  }

  @Test
  void aSignIsBadGoodOrNotLookedAt() {
    assertThat(USUAL.bad(Sign.SUDS)).isNull();
    Seen none = new Seen(Sign.SUDS, "none", Instant.EPOCH, 1L);
    Seen suds = new Seen(Sign.SUDS, "suds", Instant.EPOCH, 1L);
    assertThat(USUAL.with(List.of(none)).bad(Sign.SUDS)).isFalse();
    assertThat(USUAL.with(List.of(none, suds)).bad(Sign.SUDS)).isTrue();
    assertThat(USUAL.with(List.of(suds)).bad(Sign.SMELL_DRY, Sign.SMELL_WET)).isNull();
  }

  @Test
  void aResetIsNoWash() {
    assertThat(USUAL.washed()).isTrue();
    PastRound reset = round(PastRound.RESET, 98, 1, null, 1, 0, 3);
    assertThat(reset.washed()).isFalse();
    Stretch both = Stretch.of(List.of(USUAL, reset));
    assertThat(both.rounds()).isEqualTo(1);
    assertThat(both.measures()).isEqualTo(Stretch.of(List.of(USUAL)).measures());
  }
}
