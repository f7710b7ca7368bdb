package org.nestrinse.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Heard.heard;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.job;
import static org.nestrinse.core.Pieces.soiled;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.plan.Routine;
import org.nestrinse.core.wash.plan.WashPlanner;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.school.Standing;
import org.nestrinse.core.wash.step.WashJob;

/**
 * A household that washes by real plans: its things need a share of the label's dose that nobody
 * knows, and show it by their smell. Trim and experiments only see what it shows.
 */
class HouseholdSimulationTest {
  private static final WashJob NAPPIES =
      job(
          List.of(soiled(TRIFOLD, 16, Soil.STOOL), soiled(SHELL, 12, Soil.WET)),
          List.of(soiled(HAND_TOWEL, 14, Soil.DIRT)),
          null);

  private static double share(double trim, School school) {
    Double share = WashPlanner.plan(NAPPIES.withTrim(trim), school).doseShare();
    return share == null ? 0 : share;
  }

  private static Seen smell(double share, double needs, int round) {
    String value = share < needs - 1e-9 ? "ammonia" : "fresh";
    return new Seen(Sign.SMELL_WET, value, Instant.EPOCH.plusSeconds(round), (long) round);
  }

  @ParameterizedTest
  @CsvSource({"0.68", "0.72", "0.76", "0.78"})
  void leanInHardWaterArrivesWithinSixRoundsByRealDosesAndStays(double needs) {
    School school = School.COOL_AND_SUN;
    assertThat(share(1, school)).as("it under-doses").isLessThan(needs);
    double trim = 1;
    int way = 0;
    List<Trim.Feedback> told = new ArrayList<>();
    double atSix = 0;
    for (int round = 1; round <= 24; round++) {
      Trim.Vote vote = Trim.vote(Set.of(smell(share(trim, school), needs, round)));
      told.add(new Trim.Feedback(vote, true));
      Optional<Trim.Move> move =
          Trim.next(trim, told, way).map(m -> Trim.felt(m, t -> share(t, school)));
      if (move.isPresent()) {
        trim = move.get().to();
        way = 1;
        told.replaceAll(t -> new Trim.Feedback(t.vote(), false));
      }
      if (round == 6) {
        atSix = trim;
      }
    }
    assertThat(share(atSix, school)).isGreaterThanOrEqualTo(needs);
    assertThat(trim).as("and stays").isEqualTo(atSix);
  }

  @Test
  void moreTrimNeverGivesLess() {
    double before = 0;
    for (int tenth = 6; tenth <= 14; tenth++) {
      double now = share(tenth / 10.0, School.HOT_AND_FULL);
      assertThat(now).isGreaterThanOrEqualTo(before);
      before = now;
    }
    assertThat(before).isGreaterThan(share(0.6, School.HOT_AND_FULL));
  }

  @Test
  void anExperimentOverRealRoundsIsKeptWhenItHelpsAndUndoneWhenNot() {
    double needs = 0.7;
    Set<String> complaint = Set.of("SMELL_WET.ammonia");
    List<List<Seen>> dosed = new ArrayList<>();
    List<List<Seen>> rinsed = new ArrayList<>();
    for (int round = 1; round <= 3; round++) {
      dosed.add(List.of(smell(share(1.3, School.COOL_AND_SUN), needs, round)));
      rinsed.add(List.of(smell(share(1, School.COOL_AND_SUN), needs, round)));
    }
    assertThat(Experiment.of(Change.DOSE_UP, complaint, dosed).state())
        .isEqualTo(Experiment.State.KEPT);
    assertThat(Experiment.of(Change.RINSE_MORE, complaint, rinsed).state())
        .isEqualTo(Experiment.State.UNDONE);
  }

  private static Routine with(School school, Standing... standing) {
    return WashPlanner.plan(
        NAPPIES.asking(null, NAPPIES.wishes().standing(Set.of(standing))), school);
  }

  @Test
  void whatAHouseholdDoesOtherwiseIsInEveryRoutineAndTold() {
    for (School school : List.of(School.HOT_AND_FULL, School.COOL_AND_SUN)) {
      Routine plain = with(school);
      Routine rinsed = with(school, Standing.MORE_RINSE);
      assertThat(rinsed.outcome().residueMgKg()).isLessThan(plain.outcome().residueMgKg());
      assertThat(rinsed.outcome().litres()).isGreaterThan(plain.outcome().litres());
      assertThat(heard(rinsed.bends(), Standing.MORE_RINSE)).isTrue();
      assertThat(heard(plain.bends(), WashPhrase.STANDING)).isFalse();
      Routine hot = with(school, Standing.HOTTER);
      assertThat(hot.mainWash().run().temperatureC()).isEqualTo(60);
      assertThat(hot.outcome().hygiene().totalLog())
          .isGreaterThanOrEqualTo(plain.outcome().hygiene().totalLog());
    }
  }

  @Test
  void hotterStillEndsWhereAPieceEnds() {
    WashJob cautious =
        job(
            List.of(soiled(org.nestrinse.core.Pieces.CAUTIOUS_COVER, 4, Soil.WET)),
            List.of(),
            null);
    Routine hot =
        WashPlanner.plan(
            cautious.asking(null, cautious.wishes().standing(Set.of(Standing.HOTTER))),
            School.COOL_AND_SUN);
    assertThat(hot.mainWash().run().temperatureC()).isLessThanOrEqualTo(40);
    assertThat(hot.stop()).isEmpty();
  }

  @Test
  void theShareOfTheLabelIsThatOfTheSchoolAndTheTrim() {
    assertThat(share(1, School.HOT_AND_FULL)).isBetween(0.9, 1.15);
    assertThat(share(1, School.COOL_AND_SUN)).isBetween(0.5, 0.7);
    assertThat(share(1.4, School.HOT_AND_FULL)).isBetween(1.2, 1.5);
  }
}
