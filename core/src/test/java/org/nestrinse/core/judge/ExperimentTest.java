package org.nestrinse.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ExperimentTest {
  private static final Instant NOON = Instant.parse("2026-05-20T12:00:00Z");

  /** A round a letter: b ammonia, g fresh, s suds, x both, - nobody looked. */
  private static List<List<Seen>> rounds(String letters) {
    List<List<Seen>> all = new ArrayList<>();
    for (char c : letters.toCharArray()) {
      List<Seen> round = new ArrayList<>();
      if (c == 'b' || c == 'x') {
        round.add(new Seen(Sign.SMELL_WET, "ammonia", NOON, 1L));
      }
      if (c == 'g' || c == 's') {
        round.add(new Seen(Sign.SMELL_WET, "fresh", NOON, 1L));
      }
      if (c == 's' || c == 'x') {
        round.add(new Seen(Sign.SUDS, "suds", NOON, 1L));
      }
      all.add(round);
    }
    return all;
  }

  @ParameterizedTest
  @CsvSource({
    "'', RINSE_MORE, WATCHING",
    "g, RINSE_MORE, WATCHING",
    "gg, RINSE_MORE, WATCHING",
    "ggg, RINSE_MORE, KEPT",
    "g-gg, RINSE_MORE, KEPT",
    "bgg, RINSE_MORE, UNCLEAR",
    "gb, RINSE_MORE, WATCHING",
    "bb, RINSE_MORE, UNDONE",
    "gbb, RINSE_MORE, UNDONE",
    "bb, DOSE_UP, UNCLEAR",
    "ss, DOSE_UP, UNDONE",
    "sgg, DOSE_UP, UNCLEAR",
    "ggg, DOSE_UP, KEPT",
    "------, DOSE_UP, UNCLEAR",
    "-----, DOSE_UP, WATCHING",
    "gggbbb, DOSE_UP, KEPT"
  })
  void itIsKeptUndoneOrUnclear(String letters, Change change, Experiment.State state) {
    Experiment e = Experiment.of(change, Set.of("SMELL_WET.ammonia"), rounds(letters));
    assertThat(e.state()).isEqualTo(state);
    assertThat(e.says().nothing()).isFalse();
  }

  @Test
  void aRoundAtWhichAnotherThingWasLookedAtDoesNotCount() {
    List<List<Seen>> rounds =
        List.of(List.of(new Seen(Sign.COLOUR, "bright", NOON, 1L)), List.of(), List.of());
    Experiment e = Experiment.of(Change.RINSE_MORE, Set.of("SMELL_WET.ammonia"), rounds);
    assertThat(e.watched()).isZero();
    assertThat(e.state()).isEqualTo(Experiment.State.WATCHING);
  }

  private static Seen seen(Sign sign, String value) {
    return new Seen(sign, value, NOON, 1L);
  }

  private static Set<String> complaint(Change change, Cause cause, Seen... all) {
    List<Seen> seen = List.of(all);
    return Experiment.complaint(Diagnosis.of(HouseFacts.NONE, seen), change, cause, seen);
  }

  @Test
  void whatIsWatchedIsBadAndSpeaksForTheCause() {
    Seen ammonia = seen(Sign.SMELL_WET, "ammonia");
    Seen dull = seen(Sign.COLOUR, "dull");
    assertThat(complaint(Change.DOSE_UP, Cause.UNDER_DOSED, ammonia, dull))
        .contains("SMELL_WET.ammonia");
    assertThat(complaint(Change.DOSE_UP, Cause.UNDER_DOSED, seen(Sign.SMELL_WET, "fresh")))
        .isEmpty();
  }

  @Test
  void whatAChangeCannotMendIsNotWatched() {
    for (Change change : Change.values()) {
      for (Cause cause : Cause.values()) {
        assertThat(
                complaint(
                    change,
                    cause,
                    seen(Sign.SMELL_WET, "ammonia"),
                    seen(Sign.SUDS, "suds"),
                    seen(Sign.ELASTIC, "wavy")))
            .as(change + " against " + cause)
            .allMatch(f -> change.couldChange(Sign.valueOf(f.substring(0, f.indexOf('.')))));
      }
    }
  }
}
