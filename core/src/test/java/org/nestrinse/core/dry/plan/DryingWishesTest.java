package org.nestrinse.core.dry.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.core.dry.DryingWishes;
import org.nestrinse.core.dry.DryingWishes.Aim;
import org.nestrinse.core.dry.DryingWishes.Tumbling;
import org.nestrinse.core.dry.GoldenWeek;
import org.nestrinse.core.dry.HangingGroup;
import org.nestrinse.core.dry.Spot;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.kit.Tariff;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.OutOfRange;

/** What a household never wants is a limit; the rest is a preference. */
class DryingWishesTest {
  private static final Tariff TARIFF =
      new Tariff(0.30, 0.15, LocalTime.of(0, 30), LocalTime.of(5, 30), 0.004);
  private static final List<Spot> SPOTS =
      List.of(
          new Spot(1, place("line", Place.Type.SUN_LINE, 0.35), false),
          new Spot(2, place("airer", Place.Type.AIRER, 0.25), false));

  private static Place place(String name, Place.Type sort, double exposure) {
    return new Place(name, sort, Place.Facing.OPEN, exposure, 1, 1, 19, 55, false, 0, 14.0, null);
  }

  private static DryingBatch batch(long key, Kind kind, int count, Instant neededBy) {
    return new DryingBatch(
        key, kind, count, HangingGroup.moistureAfterSpin(kind, 1200, 0.235), neededBy);
  }

  private static HangingPlan plan(int hour, DryingWishes wishes, Instant neededBy) {
    Instant from = GoldenWeek.MONDAY.plus(Duration.ofHours(hour));
    List<DryingBatch> wash =
        List.of(
            batch(1, TRIFOLD, 10, neededBy),
            batch(2, SHELL, 8, neededBy),
            batch(3, HAND_TOWEL, 6, neededBy));
    Dryer dryer = new Dryer("dryer", Dryer.Type.HEAT_PUMP, 5);
    return HangingPlan.of(
        DryingQuestionBuilder.builder()
            .from(from)
            .zone(ZoneOffset.UTC)
            .weather(GoldenWeek.from(hour))
            .spots(SPOTS)
            .dryers(List.of(new DryingQuestion.DryerAt(7, dryer, from)))
            .batches(wash)
            .factors(DryingFactors.NONE)
            .tariff(TARIFF)
            .wishes(wishes)
            .build(),
        DryingPolicy.BEST);
  }

  private static boolean tumbles(HangingPlan plan) {
    return plan.courses().stream().anyMatch(c -> c.tumble() != null);
  }

  private static boolean outdoors(HangingPlan plan) {
    return plan.courses().stream()
        .flatMap(c -> c.legs().stream())
        .anyMatch(l -> l.spot() != null && l.spot().outdoors());
  }

  @ParameterizedTest
  @ValueSource(ints = {8, 20, 33, 57})
  void whoNeverTumblesNeverTumblesEvenWhenTheShelfRunsOut(int hour) {
    Instant soon = GoldenWeek.MONDAY.plus(Duration.ofHours(hour + 3));
    DryingWishes never = new DryingWishes(Tumbling.NEVER, true, true, Aim.BALANCED, 3);
    assertThat(tumbles(plan(hour, never, soon))).isFalse();
    assertThat(tumbles(plan(hour, DryingWishes.NONE, soon))).isTrue();
  }

  @ParameterizedTest
  @ValueSource(ints = {8, 33, 57})
  void whoHangsNothingOutHangsNothingOut(int hour) {
    DryingWishes inside = new DryingWishes(Tumbling.AS_NEEDED, false, true, Aim.BALANCED, 3);
    assertThat(outdoors(plan(hour, inside, null))).isFalse();
  }

  @Test
  void aFineMorningIsUsedByWhoWantsItCheap() {
    DryingWishes cheap = new DryingWishes(Tumbling.AS_NEEDED, true, true, Aim.CHEAPEST, 3);
    HangingPlan plan = plan(8, cheap, null);
    assertThat(outdoors(plan)).isTrue();
    assertThat(plan.cost().money())
        .isLessThanOrEqualTo(plan(8, DryingWishes.NONE, null).cost().money() + 1e-9);
  }

  @Test
  void whatAbsorbsIsTumbledByWhoWantsThat() {
    DryingWishes soft = new DryingWishes(Tumbling.ABSORBENT, true, true, Aim.BALANCED, 3);
    for (Course c : plan(8, soft, null).courses()) {
      boolean may = c.batch().kind().tumble() != DryerHeat.NONE;
      assertThat(c.tumble() != null).as(c.batch().kind().name()).isEqualTo(may);
    }
  }

  @Test
  void whoOnlyFinishesHangsEverythingFirst() {
    DryingWishes finish = new DryingWishes(Tumbling.FINISH_ONLY, true, true, Aim.BALANCED, 3);
    Instant soon = GoldenWeek.MONDAY.plus(Duration.ofHours(20 + 8));
    for (Course c : plan(20, finish, soon).courses()) {
      if (c.tumble() != null) {
        Course.Leg first = c.legs().get(0);
        assertThat(first.spot()).as("it hangs before").isNotNull();
        assertThat(Duration.between(first.from(), first.to()))
            .isGreaterThanOrEqualTo(Duration.ofHours(3));
      }
    }
  }

  @Test
  void nonsenseIsRefused() {
    assertThatThrownBy(() -> new DryingWishes(Tumbling.NEVER, true, true, Aim.BALANCED, 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("tripsADay");
  }
}
