package org.nestrinse.core.gather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.units.OutOfRange;

/** What a normal day brings, on days that are not normal too. */
class NormalDayTest {
  private static final ZoneId ZONE = ZoneId.of("Europe/Oslo");
  private static final LocalDate DAY = LocalDate.of(2026, 5, 20);
  private static final NormalDay.Habit MORNING = habit(1, DayPart.MORNING, 3);
  private static final NormalDay.Habit NIGHT = habit(2, DayPart.NIGHT, 1);

  private static NormalDay.Habit habit(long id, DayPart part, int count) {
    return new NormalDay.Habit(id, 7, 1, Soil.WET, part, count);
  }

  private static Instant local(LocalDate day, int hour) {
    return day.atTime(hour, 0).atZone(ZONE).toInstant();
  }

  private static int sum(List<NormalDay.Assumed> assumed) {
    return assumed.stream().mapToInt(NormalDay.Assumed::count).sum();
  }

  @Test
  void onlyWhatCameInSinceIsAssumed() {
    List<NormalDay.Habit> habits = List.of(MORNING, NIGHT);
    Instant evening = local(DAY, 18);
    assertThat(sum(NormalDay.between(habits, List.of(), local(DAY, 7), evening, ZONE)))
        .isEqualTo(3);
    assertThat(sum(NormalDay.between(habits, List.of(), local(DAY, 5), evening, ZONE)))
        .isEqualTo(4);
    assertThat(NormalDay.between(habits, List.of(), local(DAY, 9), local(DAY, 9), ZONE)).isEmpty();
    assertThat(NormalDay.between(habits, List.of(), local(DAY, 7), local(DAY, 8), ZONE)).isEmpty();
  }

  @Test
  void twoStretchesGiveWhatOneGives() {
    List<NormalDay.Habit> habits = List.of(MORNING, NIGHT, habit(3, DayPart.EVENING, 2));
    Instant from = local(DAY.minusDays(3), 11);
    Instant to = local(DAY, 22);
    List<NormalDay.Assumed> whole = NormalDay.between(habits, List.of(), from, to, ZONE);
    for (int hour = 1; hour < 80; hour += 7) {
      Instant middle = from.plus(Duration.ofHours(hour));
      List<NormalDay.Assumed> first = NormalDay.between(habits, List.of(), from, middle, ZONE);
      List<NormalDay.Assumed> second = NormalDay.between(habits, List.of(), middle, to, ZONE);
      assertThat(sum(first) + sum(second)).isEqualTo(sum(whole));
    }
  }

  @ParameterizedTest
  @CsvSource({"AWAY, 0", "VISITOR, 6", "ILLNESS, 5"})
  void aSpellChangesItsDays(Spell.Cause sort, int expected) {
    Spell spell = new Spell(7, sort, DAY, DAY);
    assertThat(Spell.count(MORNING, DAY, List.of(spell))).isEqualTo(expected);
    assertThat(Spell.count(MORNING, DAY.plusDays(1), List.of(spell))).isEqualTo(3);
    assertThat(
            Spell.count(
                new NormalDay.Habit(1, 8, 1, Soil.WET, DayPart.MORNING, 3), DAY, List.of(spell)))
        .as("someone else")
        .isEqualTo(3);
    assertThat(Spell.ill(7, DAY, List.of(spell))).isEqualTo(sort == Spell.Cause.ILLNESS);
  }

  @Test
  void aSpellEndsNotBeforeItBegins() {
    assertThatThrownBy(() -> new Spell(7, Spell.Cause.AWAY, DAY, DAY.minusDays(1)))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> habit(1, DayPart.NIGHT, 0)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> habit(1, DayPart.NIGHT, 41)).isInstanceOf(OutOfRange.class);
  }

  @Test
  void summerTimeLosesAndDoublesNothing() {
    for (LocalDate jump : List.of(LocalDate.of(2026, 3, 29), LocalDate.of(2026, 10, 25))) {
      List<NormalDay.Assumed> assumed =
          NormalDay.between(
              List.of(MORNING, NIGHT),
              List.of(),
              local(jump.minusDays(2), 12),
              local(jump.plusDays(2), 12),
              ZONE);
      assertThat(sum(assumed)).isEqualTo(4 * 3 + 4);
      assertThat(assumed.stream().map(a -> a.habit().id() + " " + a.day())).doesNotHaveDuplicates();
    }
  }

  @Test
  void nothingIsAssumedFurtherBackThanAWeek() {
    List<NormalDay.Assumed> assumed =
        NormalDay.between(List.of(MORNING), List.of(), Instant.EPOCH, local(DAY, 12), ZONE);
    assertThat(assumed).hasSize(NormalDay.LONGEST_BACK_DAYS + 1);
  }
}
