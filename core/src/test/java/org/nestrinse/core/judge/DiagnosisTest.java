package org.nestrinse.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.nestrinse.core.units.OutOfRange;

class DiagnosisTest {
  private static final Instant NOON = Instant.parse("2026-05-20T12:00:00Z");

  private static Seen seen(Sign sign, String value, int minute) {
    return new Seen(sign, value, NOON.plusSeconds(60L * minute), (long) minute);
  }

  @ParameterizedTest
  @EnumSource(Cause.class)
  void whatACauseShowsOfASignAddsUpToOne(Cause cause) {
    for (Sign sign : Sign.values()) {
      if (CauseTable.TABLE.tells(sign)) {
        double sum = 0;
        for (Sign.Value v : sign.all()) {
          double p = CauseTable.TABLE.likelihood(cause, sign, v.id());
          assertThat(p).as(cause + " " + sign + " " + v.id()).isBetween(0.005, 0.995);
          sum += p;
        }
        assertThat(sum).isEqualTo(1, within(1e-9));
      }
    }
  }

  @Test
  void thePriorsAddUpToOneAndEveryCauseHasOne() {
    assertThat(Arrays.stream(Cause.values()).mapToDouble(CauseTable.TABLE::prior).sum())
        .isEqualTo(1, within(1e-9));
    assertThat(Cause.values()).allMatch(c -> CauseTable.TABLE.prior(c) > 0);
    assertThat(Cause.values()).hasSizeGreaterThan(14);
  }

  @Test
  void oneSmellAloneIsNotEnough() {
    Diagnosis d = Diagnosis.of(HouseFacts.NONE, List.of(seen(Sign.SMELL_WET, "ammonia", 0)));
    assertThat(d.state()).isEqualTo(Diagnosis.State.NOT_ENOUGH);
    assertThat(d.causes()).isNotEmpty();
    assertThat(d.checks()).isNotEmpty();
  }

  @Test
  void whatWasWellBeforeTheTroubleDoesNotSpeakAgainstIt() {
    Seen smell = seen(Sign.SMELL_WET, "ammonia", 60);
    List<Seen> after = new java.util.ArrayList<>();
    for (int minute = 0; minute < 9; minute++) {
      after.add(seen(Sign.SMELL_WET, "fresh", minute));
      after.add(seen(Sign.DROP, "quick", minute));
    }
    after.add(smell);
    assertThat(Diagnosis.of(HouseFacts.NONE, after))
        .isEqualTo(Diagnosis.of(HouseFacts.NONE, List.of(smell)));
    List<Cause> named =
        Diagnosis.of(HouseFacts.NONE, after).causes().stream()
            .map(Diagnosis.Ranked::cause)
            .toList();
    assertThat(named).contains(Cause.UNDER_DOSED, Cause.HELD_TOO_LONG);
    assertThat(named).doesNotContain(Cause.STORED_DAMP, Cause.WORN_OUT, Cause.FIT_OR_ABSORBENCY);
  }

  @Test
  void howTheyAreWashedIsNoComplaintButHoldsWhenThereIsOne() {
    List<Seen> facts =
        List.of(
            seen(Sign.HARDNESS, "hard", 0),
            seen(Sign.DRUM, "stuffed", 1),
            seen(Sign.PROBE, "short", 2),
            seen(Sign.FAST, "bleeds", 3));
    Diagnosis quiet = Diagnosis.of(HouseFacts.NONE, facts);
    assertThat(quiet.state()).isEqualTo(Diagnosis.State.NOTHING_WRONG);
    assertThat(facts).noneMatch(Seen::wrong);
    List<Seen> later = new java.util.ArrayList<>(List.of(seen(Sign.DRUM, "stuffed", 0)));
    later.add(seen(Sign.SMELL_DRY, "barnyard", 60));
    assertThat(Diagnosis.of(HouseFacts.NONE, later).causes().get(0).cause())
        .isEqualTo(Cause.OVER_FULL);
    List<Seen> leak = List.of(seen(Sign.HARDNESS, "hard", 0), seen(Sign.LEAKS, "full", 1));
    assertThat(Diagnosis.of(HouseFacts.NONE, leak).causes().stream().map(Diagnosis.Ranked::cause))
        .as("it explains no leak of what soaks full")
        .doesNotContain(Cause.HARD_WATER_FILM);
  }

  @Test
  void withoutAComplaintNothingIsNamed() {
    assertThat(Diagnosis.of(HouseFacts.NONE, List.of()).state())
        .isEqualTo(Diagnosis.State.NOTHING_WRONG);
    Diagnosis d = Diagnosis.of(HouseFacts.NONE, List.of(seen(Sign.SUDS, "none", 0)));
    assertThat(d.state()).isEqualTo(Diagnosis.State.NOTHING_WRONG);
    assertThat(d.causes()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"redness", "fever"})
  void skinIsAClinicians(String value) {
    List<Seen> seen =
        List.of(
            seen(Sign.SMELL_WET, "ammonia", 0),
            seen(Sign.SUDS, "suds", 1),
            seen(Sign.SKIN, value, 2));
    Diagnosis d = Diagnosis.of(HouseFacts.NONE, seen);
    assertThat(d.state()).isEqualTo(Diagnosis.State.CLINICIAN);
    assertThat(d.causes()).isEmpty();
    assertThat(d.checks()).isEmpty();
    assertThat(d.says().saying()).isEqualTo(DiagnosisSaying.CLINICIAN);
  }

  @Test
  void calmSkinLetsItGoOn() {
    List<Seen> seen =
        List.of(
            seen(Sign.SKIN, "calm", 9), seen(Sign.SKIN, "redness", 2), seen(Sign.SUDS, "suds", 1));
    assertThat(Diagnosis.of(HouseFacts.NONE, seen).causes()).isNotEmpty();
  }

  @Test
  void aSignThatComesAgainAndAgainCountsTwiceAtMost() {
    List<Seen> two = List.of(seen(Sign.SUDS, "suds", 0), seen(Sign.SUDS, "suds", 1));
    List<Seen> nine =
        java.util.stream.IntStream.range(0, 9).mapToObj(i -> seen(Sign.SUDS, "suds", i)).toList();
    assertThat(top(nine).probability()).isEqualTo(top(two).probability(), within(1e-9));
    assertThat(top(nine).probability())
        .isGreaterThan(top(List.of(seen(Sign.SUDS, "suds", 0))).probability());
  }

  private static Diagnosis.Ranked top(List<Seen> seen) {
    return Diagnosis.of(HouseFacts.NONE, seen).causes().get(0);
  }

  @Test
  void checksComeByWhatTheyTellForTheirWork() {
    List<Diagnosis.NextCheck> checks =
        Diagnosis.of(HouseFacts.NONE, List.of(seen(Sign.SMELL_WET, "ammonia", 0))).checks();
    assertThat(checks).isSortedAccordingTo(Comparator.comparing(c -> -c.worth()));
    for (Diagnosis.NextCheck c : checks) {
      assertThat(c.sign()).isNotEqualTo(Sign.SMELL_WET);
      assertThat(c.bits()).isPositive();
      assertThat(c.sign().how().nothing()).isFalse();
      assertThat(c.outcomes().stream().mapToDouble(Diagnosis.Outcome::expected).sum())
          .isEqualTo(1, within(1e-9));
    }
  }

  @Test
  void aCheckMovesTheCausesAsItSaidItWould() {
    List<Seen> seen = List.of(seen(Sign.SUDS, "suds", 0), seen(Sign.FEEL, "stiff", 1));
    Diagnosis before = Diagnosis.of(HouseFacts.NONE, seen);
    Diagnosis.NextCheck check = before.checks().get(0);
    for (Diagnosis.Outcome o : check.outcomes()) {
      List<Seen> more = new java.util.ArrayList<>(seen);
      more.add(seen(check.sign(), o.value(), 5));
      Diagnosis then = Diagnosis.of(HouseFacts.NONE, more);
      if (o.cause() != Cause.OTHER) {
        assertThat(then.causes().get(0).cause()).isEqualTo(o.cause());
        assertThat(then.causes().get(0).probability()).isEqualTo(o.probability(), within(1e-9));
      }
    }
  }

  @Test
  void whatWasSeenWinsOverTheRecord() {
    HouseFacts full =
        HouseFactsBuilder.builder()
            .hardnessMmolL(2.0)
            .doseShare(1.0)
            .residueShare(0.5)
            .fill(0.97)
            .peakC(60.0)
            .shortC(null)
            .holdingHours(20.0)
            .coats(null)
            .hotDryer(null)
            .washes(null)
            .lifeShare(null)
            .build();
    List<Seen> smell = List.of(seen(Sign.SMELL_DRY, "barnyard", 0));
    assertThat(Diagnosis.of(full, smell).causes().get(0).cause()).isEqualTo(Cause.OVER_FULL);
    List<Seen> looked = List.of(seen(Sign.SMELL_DRY, "barnyard", 0), seen(Sign.DRUM, "good", 1));
    assertThat(Diagnosis.of(full, looked).causes().get(0).cause()).isNotEqualTo(Cause.OVER_FULL);
  }

  @ParameterizedTest
  @CsvSource({"0, quick", "5, quick", "5.1, slow", "30, slow", "31, beads", "600, beads"})
  void secondsOfADropHaveTheirWord(double seconds, String value) {
    assertThat(Sign.drop(seconds).id()).isEqualTo(value);
  }

  @Test
  void impossibleThingsAreRefusedByName() {
    assertThatThrownBy(() -> Sign.drop(-1)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> Sign.drop(Double.NaN)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new Seen(Sign.SUDS, "purple", NOON, null))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("none, suds");
  }
}
