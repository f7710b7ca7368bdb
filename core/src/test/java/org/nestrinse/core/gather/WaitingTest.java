package org.nestrinse.core.gather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.nestrinse.core.Pieces.DISH_CLOTH;
import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.NOW;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.soiled;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.units.OutOfRange;

class WaitingTest {

  @ParameterizedTest
  @CsvSource({
    "WET, 48",
    "STOOL, 48",
    "VOMIT, 48",
    "MILK, 48",
    "BLOOD, 168",
    "GREASE, 72",
    "DIRT, 336"
  })
  void everySoilMayWaitItsTime(Soil soil, int hours) {
    assertThat(HoldingClock.limit(soiled(TRIFOLD, 1, soil))).isEqualTo(Duration.ofHours(hours));
  }

  @Test
  void dampKitchenClothsSourInADayAndDryOnesDoNot() {
    assertThat(HoldingClock.limit(soiled(DISH_CLOTH, 3, Soil.FOOD)))
        .isEqualTo(Duration.ofHours(24));
    assertThat(HoldingClock.limit(soiled(DISH_CLOTH, 3, Soil.DIRT)))
        .isEqualTo(Duration.ofHours(336));
    assertThat(HoldingClock.limit(soiled(HAND_TOWEL, 3, Soil.FOOD)))
        .isEqualTo(Duration.ofHours(48));
  }

  @Test
  void theFirstToGoOverIsNotAlwaysTheOldest() {
    SoiledPieces oldBlood =
        new SoiledPieces(TRIFOLD, 1, Soil.BLOOD, true, NOW.minusSeconds(80 * 3600), Set.of());
    SoiledPieces wet =
        new SoiledPieces(TRIFOLD, 1, Soil.WET, true, NOW.minusSeconds(20 * 3600), Set.of());
    assertThat(HoldingClock.dueFirst(List.of(oldBlood, wet))).contains(wet);
    assertThat(HoldingClock.dueFirst(List.of())).isEmpty();
  }

  @Test
  void dueCrossesAClockChangeInRealHours() {
    Instant before = Instant.parse("2026-03-28T20:00:00Z");
    SoiledPieces wet = new SoiledPieces(TRIFOLD, 1, Soil.WET, true, before, Set.of());
    assertThat(Duration.between(before, HoldingClock.due(wet))).isEqualTo(Duration.ofHours(48));
  }

  @ParameterizedTest
  @CsvSource({
    "WET, LIGHT",
    "MILK, LIGHT",
    "DIRT, LIGHT",
    "STOOL, EVERYDAY",
    "BLOOD, EVERYDAY",
    "VOMIT, EVERYDAY",
    "FOOD, EVERYDAY"
  })
  void soilAsksForItsGoal(Soil soil, HygieneGoal goal) {
    assertThat(soiled(TRIFOLD, 1, soil).goal()).isEqualTo(goal);
  }

  @Test
  void personAndUseRaiseTheGoalAndNeverLowerIt() {
    assertThat(soiled(DISH_CLOTH, 1, Soil.DIRT).goal()).isEqualTo(HygieneGoal.EVERYDAY);
    assertThat(soiled(TRIFOLD, 1, Soil.WET, SkinNeed.NEWBORN).goal())
        .isEqualTo(HygieneGoal.EVERYDAY);
    assertThat(soiled(TRIFOLD, 1, Soil.STOOL, SkinNeed.NEWBORN).goal())
        .isEqualTo(HygieneGoal.EXTRA_CARE);
    assertThat(soiled(GLASS_CLOTH, 1, Soil.DIRT).goal()).isEqualTo(HygieneGoal.NONE);
    assertThat(soiled(GLASS_CLOTH, 1, Soil.DIRT, SkinNeed.ILL).goal())
        .isEqualTo(HygieneGoal.ILLNESS);
    assertThat(soiled(TRIFOLD, 1, Soil.WET, SkinNeed.ILL).goal()).isEqualTo(HygieneGoal.ILLNESS);
    assertThat(soiled(TRIFOLD, 1, Soil.STOOL, SkinNeed.ILL, SkinNeed.NEWBORN).goal())
        .isEqualTo(HygieneGoal.ILLNESS);
    assertThat(soiled(TRIFOLD, 1, Soil.STOOL, SkinNeed.SENSITIVE).goal())
        .isEqualTo(HygieneGoal.EVERYDAY);
  }

  @ParameterizedTest
  @EnumSource(Soil.class)
  void whatHasSolidsIsProteinToo(Soil soil) {
    if (soil.hasSolids()) {
      assertThat(soil.protein()).isTrue();
      assertThat(soil.heavy()).isTrue();
    }
    assertThat(soil.holdHours()).isPositive();
  }

  @ParameterizedTest
  @ValueSource(ints = {0, -4, 201, Integer.MAX_VALUE})
  void impossibleCountsAreRefused(int count) {
    assertThatThrownBy(() -> soiled(TRIFOLD, count, Soil.WET))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("unit=PIECE");
  }

  @ParameterizedTest
  @CsvSource({
    "2026-05-20T05:59, NIGHT, 2026-05-19",
    "2026-05-20T06:00, MORNING, 2026-05-20",
    "2026-05-20T11:59, MORNING, 2026-05-20",
    "2026-05-20T12:00, AFTERNOON, 2026-05-20",
    "2026-05-20T18:00, EVENING, 2026-05-20",
    "2026-05-20T22:00, NIGHT, 2026-05-20",
    "2026-05-21T00:10, NIGHT, 2026-05-20"
  })
  void aNightBelongsToTheDayOnWhichItBegan(String time, DayPart part, LocalDate day) {
    ZonedDateTime moment = java.time.LocalDateTime.parse(time).atZone(ZoneId.of("UTC"));
    assertThat(DayPart.of(moment)).isEqualTo(part);
    assertThat(DayPart.dayOf(moment)).isEqualTo(day);
  }
}
