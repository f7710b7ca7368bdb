package org.nestrinse.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.core.kit.Tariff;
import org.nestrinse.core.units.OutOfRange;

/** What runs beside the nappy rounds of a week. */
class WeekExtrasTest {
  private static final ZonedDateTime MONDAY =
      ZonedDateTime.of(2026, 5, 18, 5, 40, 0, 0, ZoneId.of("Europe/Oslo"));
  private static final Tariff TARIFF =
      new Tariff(0.30, 0.10, LocalTime.of(12, 0), LocalTime.of(15, 0), 0.004);

  private static WeekQuestion question(WeekQuestion.Quiet quiet) {
    List<WeekQuestion.Presence> presence =
        Arrays.stream(DayOfWeek.values())
            .map(
                d ->
                    new WeekQuestion.Presence(
                        "Sunniva", d, LocalTime.of(7, 0), LocalTime.of(21, 0)))
            .toList();
    return WeekQuestionBuilder.builder()
        .from(MONDAY)
        .days(7)
        .presence(presence)
        .quiet(quiet)
        .tariff(TARIFF)
        .shape(new WeekQuestion.Shape(0, 150, 60, 1.2, 0.5))
        .soiledPerDay(14)
        .waiting(20)
        .oldestH(20)
        .holdingH(48)
        .needs(List.of())
        .drying(Collections.nCopies(168, new WeekQuestion.Drying(6, null)))
        .build();
  }

  private static WeekExtras extras(WeekQuestion question, WeekExtras.Due due) {
    return WeekExtras.of(question, WeekPlan.of(question), due);
  }

  private static WeekExtras.Due household(int everyDays) {
    return new WeekExtras.Due(everyDays, false, 3, 0, 2);
  }

  @ParameterizedTest
  @CsvSource({"0, 0", "7, 1", "3, 2", "2, 3", "1, 7"})
  void householdLoadsComeAsOftenAsIsSaid(int everyDays, int loads) {
    assertThat(extras(question(null), household(everyDays)).runs()).hasSize(loads);
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 5})
  void noRunLiesInAnotherOrWhereNobodyIsThere(int everyDays) {
    WeekQuestion question =
        question(new WeekQuestion.Quiet(LocalTime.of(20, 0), LocalTime.of(8, 0)));
    WeekPlan plan = WeekPlan.of(question);
    WeekExtras extras =
        WeekExtras.of(question, plan, new WeekExtras.Due(everyDays, true, 1, 31, 40));
    ZonedDateTime before = MONDAY.minusYears(1);
    for (WeekExtras.Run run : extras.runs()) {
      assertThat(run.start()).isAfterOrEqualTo(before);
      assertThat(run.start().toLocalTime()).isAfterOrEqualTo(LocalTime.of(8, 0));
      assertThat(run.end().toLocalTime()).isBeforeOrEqualTo(LocalTime.of(20, 0));
      for (WeekPlan.Round round : plan.rounds()) {
        boolean apart = !run.start().isBefore(round.hangAt()) || !run.end().isAfter(round.start());
        assertThat(apart).isTrue();
      }
      before = run.end();
    }
  }

  @Test
  void theCheapestHourNearTheDayIsTaken() {
    for (WeekExtras.Run run : extras(question(null), household(3)).runs()) {
      assertThat(run.start().getHour()).isBetween(11, 13);
    }
  }

  @Test
  void maintenanceComesAfterThirtyDaysOrThirtyCoolRounds() {
    WeekExtras none = extras(question(null), new WeekExtras.Due(0, true, 1, 3, 5));
    assertThat(none.runs()).isEmpty();
    WeekExtras soon = extras(question(null), new WeekExtras.Due(0, true, 1, 3, 27));
    assertThat(soon.runs()).hasSize(1);
    WeekExtras.Run run = soon.runs().get(0);
    assertThat(run.sort()).isEqualTo(WeekExtras.Purpose.MAINTENANCE);
    assertThat(Duration.between(MONDAY, run.start()).toHours()).isBetween(50L, 92L);
    WeekExtras cool = extras(question(null), new WeekExtras.Due(0, true, 1, 30, 5));
    assertThat(Duration.between(MONDAY, cool.runs().get(0).start()).toHours()).isLessThan(20);
    assertThat(cool.runs().get(0).sort()).isEqualTo(WeekExtras.Purpose.MAINTENANCE);
  }

  @Test
  void aHotRoundIsDueEightDaysAfterTheLastAndOnlyForCoolSchools() {
    WeekQuestion question = question(null);
    WeekPlan plan = WeekPlan.of(question);
    assertThat(WeekExtras.of(question, plan, new WeekExtras.Due(0, false, 30, 0, 1)).hotRound())
        .isNull();
    assertThat(WeekExtras.of(question, plan, new WeekExtras.Due(0, true, 9, 5, 1)).hotRound())
        .isZero();
    Integer later = WeekExtras.of(question, plan, new WeekExtras.Due(0, true, 4, 3, 1)).hotRound();
    assertThat(later).isNotNull();
    Duration away = Duration.between(MONDAY, plan.rounds().get(later).start());
    assertThat(away.toHours()).isGreaterThanOrEqualTo(96);
    assertThat(WeekExtras.of(question, plan, new WeekExtras.Due(0, true, 0, 0, 1)).hotRound())
        .isNull();
  }

  @Test
  void absurdWishesAreRefused() {
    assertThatThrownBy(() -> household(-1)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> household(99)).isInstanceOf(OutOfRange.class);
  }
}
