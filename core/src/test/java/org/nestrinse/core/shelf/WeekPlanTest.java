package org.nestrinse.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.core.kit.Tariff;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.OutOfRange;

class WeekPlanTest {
  private static final ZoneId ZONE = ZoneId.of("Europe/Oslo");
  private static final ZonedDateTime MONDAY = ZonedDateTime.of(2026, 5, 18, 5, 40, 0, 0, ZONE);
  private static final Tariff TARIFF =
      new Tariff(0.30, 0.10, LocalTime.of(0, 30), LocalTime.of(5, 30), 0.004);
  private static final WeekQuestion.Shape SHAPE = new WeekQuestion.Shape(45, 180, 40, 1.2, 0.5);

  private static List<WeekQuestion.Presence> everyDay(int from, int to) {
    return Arrays.stream(DayOfWeek.values())
        .map(
            d ->
                new WeekQuestion.Presence("Sunniva", d, LocalTime.of(from, 0), LocalTime.of(to, 0)))
        .toList();
  }

  private static WeekQuestion week(
      int days,
      List<WeekQuestion.Presence> presence,
      WeekQuestion.Quiet quiet,
      double holdingH,
      int owned) {
    return WeekQuestionBuilder.builder()
        .from(MONDAY)
        .days(days)
        .presence(presence)
        .quiet(quiet)
        .tariff(TARIFF)
        .shape(SHAPE)
        .soiledPerDay(14)
        .waiting(20)
        .oldestH(20)
        .holdingH(holdingH)
        .needs(List.of(new WeekQuestion.Need(Need.DAYS, 6, owned, 30)))
        .drying(Collections.nCopies(days * 24, new WeekQuestion.Drying(6, null)))
        .build();
  }

  @Test
  void nothingIsHeldTooLongAndSomebodyIsThereForEachStep() {
    WeekPlan plan = WeekPlan.of(week(7, everyDay(7, 20), null, 48, 24));
    assertThat(plan.rounds()).hasSizeBetween(3, 5);
    for (WeekPlan.Round r : plan.rounds()) {
      assertThat(r.heldH()).isLessThanOrEqualTo(48);
      assertThat(r.late()).isFalse();
      assertThat(r.objections()).isEmpty();
      for (ZonedDateTime t : List.of(r.start(), r.bulkAt(), r.hangAt(), r.foldAt())) {
        assertThat(t.toLocalTime()).isBetween(LocalTime.of(7, 0), LocalTime.of(20, 0));
      }
    }
  }

  @Test
  void aSmallStockIsWashedMoreOften() {
    int large = WeekPlan.of(week(7, everyDay(7, 20), null, 48, 30)).rounds().size();
    int small = WeekPlan.of(week(7, everyDay(7, 20), null, 48, 10)).rounds().size();
    assertThat(small).isGreaterThan(large);
    int daily = WeekPlan.of(week(7, everyDay(7, 20), null, 24, 30)).rounds().size();
    assertThat(daily).isGreaterThan(large);
  }

  @Test
  void cheapHoursAreTakenWhenNobodyNeedsToBeThereAndQuietOnesNever() {
    WeekPlan free = WeekPlan.of(week(7, List.of(), null, 48, 24));
    assertThat(free.rounds()).allMatch(r -> r.start().getHour() < 6 || r.start().getHour() > 21);
    WeekQuestion.Quiet nights = new WeekQuestion.Quiet(LocalTime.of(21, 0), LocalTime.of(7, 0));
    WeekPlan quiet = WeekPlan.of(week(7, List.of(), nights, 48, 24));
    assertThat(quiet.cost()).isGreaterThan(free.cost());
    for (WeekPlan.Round r : quiet.rounds()) {
      assertThat(r.start().toLocalTime()).isAfterOrEqualTo(LocalTime.of(7, 0));
      assertThat(r.hangAt().toLocalTime()).isBeforeOrEqualTo(LocalTime.of(21, 0));
    }
  }

  @Test
  void aMovedRoundStaysWhereItIsPutTheRestFollowsAndItNeverCostsLess() {
    WeekQuestion question = week(7, everyDay(7, 20), null, 48, 24);
    WeekPlan best = WeekPlan.of(question);
    ZonedDateTime wanted = best.rounds().get(1).start().plusHours(7);
    WeekPlan moved = WeekPlan.of(question, List.of(wanted));
    assertThat(moved.rounds()).anyMatch(r -> r.start().equals(wanted) && r.pinned());
    assertThat(moved.cost()).isGreaterThanOrEqualTo(best.cost() - 1e-9);
    ZonedDateTime night = best.rounds().get(0).start().withHour(23);
    assertThat(WeekPlan.of(question, List.of(night)).cost())
        .as("nobody there has its price, cheap hours or not")
        .isGreaterThan(best.cost() + 0.5);
    WeekPlan.Round atNight =
        WeekPlan.of(question, List.of(night)).rounds().stream()
            .filter(WeekPlan.Round::pinned)
            .findFirst()
            .orElseThrow();
    assertThat(atNight.objections()).contains(StockSaying.NOBODY_STARTS);
    assertThat(WeekPlan.of(question, List.of(night.minusDays(30))).cost()).isEqualTo(best.cost());
    assertThatThrownBy(() -> WeekPlan.of(question, List.of(wanted, wanted.plusHours(1))))
        .isInstanceOf(OutOfRange.class);
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
  void onShortPlansNoOtherChoiceOfHoursIsBetter(int seed) {
    Random random = new Random(seed);
    List<WeekQuestion.Drying> drying = new ArrayList<>();
    for (int i = 0; i < 48; i++) {
      drying.add(new WeekQuestion.Drying(3 + random.nextInt(20), null));
    }
    int from = 7 + random.nextInt(6);
    WeekQuestion question =
        WeekQuestionBuilder.builder()
            .from(MONDAY)
            .days(2)
            .presence(everyDay(from, from + 7))
            .quiet(null)
            .tariff(TARIFF)
            .shape(SHAPE)
            .soiledPerDay(10 + random.nextInt(60))
            .waiting(random.nextInt(50))
            .oldestH(random.nextInt(40))
            .holdingH(20 + random.nextInt(30))
            .needs(
                List.of(
                    new WeekQuestion.Need(
                        Need.DAYS, 8, 5 + random.nextInt(20), random.nextInt(30))))
            .drying(drying)
            .build();
    double best = Double.POSITIVE_INFINITY;
    List<ZonedDateTime> hours = new ArrayList<>();
    for (int h = 0; h < 48; h++) {
      if (question.objections(h).isEmpty()) {
        hours.add(question.at(h));
      }
    }
    // A plan is its set of hours: pinning a whole set leaves the search nothing to add for free.
    for (int set = 0; set < 1 << hours.size(); set++) {
      List<ZonedDateTime> chosen = new ArrayList<>();
      for (int i = 0; i < hours.size(); i++) {
        if ((set >> i & 1) == 1) {
          chosen.add(hours.get(i));
        }
      }
      try {
        best = Math.min(best, WeekPlan.of(question, chosen).cost());
      } catch (OutOfRange tooNear) {
        assertThat(tooNear.field()).isEqualTo("start");
      }
    }
    assertThat(WeekPlan.of(question).cost()).isCloseTo(best, within(1e-9));
  }

  @Test
  void hoursFollowTheWorldAcrossSummerTime() {
    // In this zone clocks go back on 25 October 2026 at three.
    ZonedDateTime saturday = ZonedDateTime.of(2026, 10, 24, 20, 10, 0, 0, ZONE);
    WeekQuestion question =
        WeekQuestionBuilder.builder()
            .from(saturday)
            .days(3)
            .presence(everyDay(9, 18))
            .quiet(null)
            .tariff(TARIFF)
            .shape(SHAPE)
            .soiledPerDay(14)
            .waiting(30)
            .oldestH(40)
            .holdingH(48)
            .needs(List.of())
            .drying(Collections.nCopies(72, new WeekQuestion.Drying(5, 2.0)))
            .build();
    WeekPlan plan = WeekPlan.of(question);
    for (WeekPlan.Round r : plan.rounds()) {
      assertThat(r.start().toLocalTime()).isBetween(LocalTime.of(9, 0), LocalTime.of(18, 0));
      assertThat(Duration.between(r.start(), r.hangAt())).isEqualTo(Duration.ofMinutes(180));
      assertThat(Duration.between(r.hangAt(), r.bringInAt())).isEqualTo(Duration.ofHours(2));
      assertThat(Duration.between(r.hangAt(), r.dryAt())).isEqualTo(Duration.ofHours(5));
    }
    assertThat(question.at(10).getOffset()).isNotEqualTo(question.at(0).getOffset());
  }

  @Test
  void absurdQuestionsAreRefused() {
    assertThatThrownBy(() -> week(0, List.of(), null, 48, 5)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new WeekQuestion.Shape(0, 5, 40, 1, 1)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new WeekQuestion.Shape(0, 90, 0, 1, 1)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(
            () ->
                new WeekQuestion.Presence(
                    "x", DayOfWeek.MONDAY, LocalTime.of(9, 0), LocalTime.of(9, 0)))
        .isInstanceOf(OutOfRange.class);
    WeekPlan empty =
        WeekPlan.of(
            WeekQuestionBuilder.builder()
                .from(MONDAY)
                .days(7)
                .presence(List.of())
                .quiet(null)
                .tariff(TARIFF)
                .shape(SHAPE)
                .soiledPerDay(0)
                .waiting(0)
                .oldestH(0)
                .holdingH(200)
                .needs(List.of())
                .drying(Collections.nCopies(168, new WeekQuestion.Drying(6, null)))
                .build());
    assertThat(empty.rounds()).as("an empty household washes nothing").isEmpty();
  }

  @Test
  void theReasonNamesWhatDecided() {
    WeekQuestion question = week(7, everyDay(7, 20), null, 48, 24);
    WeekPlan.Round first = WeekPlan.of(question).rounds().get(0);
    assertThat(first.why(question, Said.from("Mon 9:00")).lines())
        .anyMatch(
            l ->
                l.label().saying() == WeekReason.THERE
                    && l.value().values().get("people").equals(List.of("Sunniva")))
        .anyMatch(l -> l.total());
  }

  @Test
  void aRoundThatHangsInTheOthersWayCountsTheHours() {
    ZonedDateTime first = MONDAY.withHour(9).withMinute(0);
    List<ZonedDateTime> daily = List.of(first, first.plusDays(1), first.plusDays(2));
    // Dry 40 h after hanging, and the next hangs 24 h later: 16 h in the way, twice.
    double more = pinned(40, daily) - pinned(4, daily);
    assertThat(more)
        .isCloseTo(3 * 36 * WeekPlan.DRYING_HOUR + 2 * 16 * WeekPlan.CROWDED_HOUR, within(1e-9));
  }

  /** What three days count with rounds at given hours and no reason for any other. */
  private static double pinned(double dryingH, List<ZonedDateTime> pins) {
    return WeekPlan.of(
            WeekQuestionBuilder.builder()
                .from(MONDAY)
                .days(3)
                .presence(everyDay(7, 20))
                .quiet(null)
                .tariff(TARIFF)
                .shape(SHAPE)
                .soiledPerDay(14)
                .waiting(20)
                .oldestH(20)
                .holdingH(300)
                .needs(List.of())
                .drying(Collections.nCopies(72, new WeekQuestion.Drying(dryingH, null)))
                .build(),
            pins)
        .cost();
  }
}
