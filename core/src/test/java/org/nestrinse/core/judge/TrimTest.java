package org.nestrinse.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TrimTest {
  private static final Instant NOON = Instant.parse("2026-05-20T12:00:00Z");

  /** A household whose things need so much of the label's dose; seen is what comes of it. */
  private static final class House {
    private final double school;
    private final double needs;
    private final double bears;
    double trim = 1;
    int lastMove;
    final List<Trim.Feedback> told = new ArrayList<>();
    final List<Double> course = new ArrayList<>();

    House(double school, double needs, double bears) {
      this.school = school;
      this.needs = needs;
      this.bears = bears;
    }

    Trim.Vote vote() {
      double dose = school * trim;
      return dose < needs - 1e-9
          ? Trim.Vote.MORE
          : dose > bears + 1e-9 ? Trim.Vote.LESS : Trim.Vote.WELL;
    }

    void round(Trim.Vote vote) {
      told.add(new Trim.Feedback(vote, true));
      Optional<Trim.Move> move = Trim.next(trim, told, lastMove);
      move.ifPresent(
          m -> {
            lastMove = m.to() > trim ? 1 : -1;
            trim = m.to();
            told.replaceAll(t -> new Trim.Feedback(t.vote(), false));
          });
      course.add(trim);
    }
  }

  @ParameterizedTest
  @CsvSource({
    // strength of the school, dose that is needed, dose that shows suds: shares of the label's
    "1.0, 1.1, 1.35",
    "1.0, 1.3, 1.5",
    "0.6, 0.78, 0.95",
    "0.6, 0.72, 0.9",
    "0.6, 0.66, 0.85",
    "1.2, 1.5, 1.75"
  })
  void aHouseholdThatUnderDosesInHardWaterConvergesWithinSixRoundsAndStays(
      double school, double needs, double bears) {
    House house = new House(school, needs, bears);
    for (int i = 0; i < 6; i++) {
      house.round(house.vote());
    }
    double found = house.trim;
    assertThat(school * found).isBetween(needs - 1e-9, bears + 1e-9);
    for (int i = 0; i < 30; i++) {
      house.round(house.vote());
    }
    assertThat(house.trim).isEqualTo(found);
  }

  @ParameterizedTest
  @CsvSource({"1.0, 0.4, 0.85", "1.2, 0.5, 1.0"})
  void oneThatOverDosesComesDownAndStays(double school, double needs, double bears) {
    House house = new House(school, needs, bears);
    for (int i = 0; i < 36; i++) {
      house.round(house.vote());
    }
    assertThat(house.course.subList(6, 36)).containsOnly(house.trim);
    assertThat(school * house.trim).isBetween(needs, bears);
  }

  @Test
  void oneObservationNeverMovesIt() {
    for (Trim.Vote vote : Trim.Vote.values()) {
      assertThat(Trim.next(1, List.of(new Trim.Feedback(vote, true)), 0)).isEmpty();
    }
    List<Trim.Feedback> oneSince =
        List.of(new Trim.Feedback(Trim.Vote.MORE, false), new Trim.Feedback(Trim.Vote.MORE, true));
    assertThat(Trim.next(1.1, oneSince, 1)).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void contradictionsDoNotMakeItSwing(long seed) {
    Random random = new Random(seed);
    House house = new House(1, 1, 1);
    for (int i = 0; i < 40; i++) {
      house.round(i % 2 == 0 ? Trim.Vote.MORE : Trim.Vote.LESS);
    }
    assertThat(house.trim).isEqualTo(1);
    House noisy = new House(1, 1, 1);
    int turns = 0;
    double before = 1;
    double way = 0;
    for (int i = 0; i < 100; i++) {
      noisy.round(random.nextBoolean() ? Trim.Vote.MORE : Trim.Vote.LESS);
      double step = noisy.trim - before;
      if (step != 0) {
        turns += step * way < 0 ? 1 : 0;
        way = step;
        before = noisy.trim;
      }
      assertThat(noisy.trim).isBetween(0.6, 1.4);
    }
    assertThat(turns).isLessThanOrEqualTo(8);
  }

  @Test
  void itStaysWithinItsBoundsAndOnTenths() {
    House house = new House(1, 9, 10);
    for (int i = 0; i < 20; i++) {
      house.round(house.vote());
      assertThat(house.trim * 10).isCloseTo(Math.rint(house.trim * 10), within(1e-9));
    }
    assertThat(house.trim).isEqualTo(1.4);
  }

  @ParameterizedTest
  @CsvSource({
    // from, to, grams of a quarter scoop, felt at
    "1.0, 1.1, 20, 1.2",
    "1.0, 1.1, 5, 1.1",
    "1.0, 0.9, 20, 0.8",
    "1.0, 1.1, 500, 1.1",
    "1.3, 1.4, 20, 1.4"
  })
  void aTenthThatIsLostInTheScoopGoesOn(double from, double to, double quarter, double felt) {
    Trim.Move move =
        Trim.felt(new Trim.Move(from, to), trim -> Math.round(80 * trim / quarter) * quarter);
    assertThat(move.from()).isEqualTo(from);
    assertThat(move.to()).isEqualTo(felt);
  }

  @ParameterizedTest
  @CsvSource({
    "SMELL_WET.ammonia, MORE",
    "SMELL_WET.fresh, WELL",
    "SUDS.suds, LESS",
    "FEEL.stiff, WELL",
    "COLOUR.dull, NOTHING",
    "SMELL_WET.ammonia SUDS.suds, NOTHING",
    "SMELL_WET.ammonia SUDS.none, MORE"
  })
  void whatARoundSays(String findings, Trim.Vote vote) {
    List<Seen> seen = new ArrayList<>();
    for (String f : findings.split(" ")) {
      seen.add(new Seen(Sign.valueOf(f.split("\\.")[0]), f.split("\\.")[1], NOON, 1L));
    }
    assertThat(Trim.vote(seen)).isEqualTo(vote);
  }

  @ParameterizedTest
  @CsvSource({
    "1.0, 1.1, DOSE_UP, true",
    "1.1, 1.0, DOSE_UP, false",
    "1.1, 1.0, DOSE_DOWN, true",
    "1.0, 1.0, DOSE_UP, false",
    "1.0, 1.1, RINSE_MORE, false"
  })
  void aMoveIsAskedByTheChangeThatGoesItsWay(double from, double to, Change change, boolean asked) {
    assertThat(new Trim.Move(from, to).isAskedBy(change)).isEqualTo(asked);
  }
}
