package org.nestrinse.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.judge.Seen;
import org.nestrinse.core.judge.Sign;

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
            new RoundFigures.Dose(60, share, trim, false, ""),
            new RoundFigures.Bath(celsius, celsius, 20, rinses, 1200, fill, hardness),
            new RoundFigures.Estimate(80, 100, 5, 4, HygieneGoal.LIGHT, true, null, false),
            new RoundFigures.Spent(70, 1.2, 0.9, 150, 15)),
        List.of());
  }

  private static final PastRound USUAL = round("Hot and full", 60, 1, 1.0, 3, 0.6, 3);

  @ParameterizedTest
  @CsvSource({
    "Hot and full, 60, 1, 1.0, 3, 0.6, 3, ''",
    "Cool and sun, 60, 1, 1.0, 3, 0.6, 3, Cool and sun",
    "Hot and full, 40, 1, 1.0, 3, 0.6, 3, 40° for 60°",
    "Hot and full, 60, 1.2, 1.0, 3, 0.6, 3, dose × 1.2 for × 1",
    "Hot and full, 60, 1, 0.85, 3, 0.6, 3, 85 % of the label for 100 %",
    "Hot and full, 60, 1, 0.92, 3, 0.6, 3, ''",
    "Hot and full, 60, 1, 1.0, 4, 0.6, 3, 1 rinse more",
    "Hot and full, 60, 1, 1.0, 1, 0.6, 3, 2 rinses fewer",
    "Hot and full, 60, 1, 1.0, 3, 0.9, 3, a fuller drum",
    "Hot and full, 60, 1, 1.0, 3, 0.3, 3, an emptier drum",
    "Hot and full, 60, 1, 1.0, 3, 0.7, 3, ''",
    "Hot and full, 60, 1, 1.0, 3, 0.6, 1.5, water of 1.5 mmol/L"
  })
  void eachChangeIsToldInItsWords(
      String school,
      int celsius,
      double trim,
      double share,
      int rinses,
      double fill,
      double hardness,
      String words) {
    PastRound now = round(school, celsius, trim, share, rinses, fill, hardness);
    assertThat(String.join("; ", Changes.between(USUAL, now))).isEqualTo(words);
  }

  @Test
  void aShareThatIsNotKnownIsNotCompared() {
    PastRound byHand = round("Hot and full", 60, 1, null, 3, 0.6, 3);
    assertThat(Changes.between(USUAL, byHand)).isEmpty();
    assertThat(Changes.between(byHand, USUAL)).isEmpty();
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
