package org.nestrinse.core.gather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.nestrinse.core.Pieces.DISH_CLOTH;
import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.NOW;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.WOOL_COVER;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.nestrinse.core.dose.Dilution;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.textile.Colour;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.KindBuilder;
import org.nestrinse.core.units.OutOfRange;

/** Holding, advice, prep, wipes, emptying, and when the next wash is due. */
class GatherRulesTest {
  private static final SoilAdvice.Into AIRY =
      new SoilAdvice.Into(PailStyle.DRY_PAIL, true, Set.of());
  private static final SoilAdvice.Into CLOSED =
      new SoilAdvice.Into(PailStyle.OUT_BAG, false, Set.of());

  private static Duration limit(Soil soil, Storage storage, SkinNeed... needs) {
    return HoldingClock.limit(
        new SoiledPieces(TRIFOLD, 1, soil, true, NOW, Set.of(needs), storage, false));
  }

  @ParameterizedTest
  @CsvSource({
    "WET, true, 48, 48", "WET, true, 72, 72", "STOOL, true, 24, 24", "WET, false, 72, 24",
    "BLOOD, true, 48, 168", "BLOOD, false, 48, 24", "DIRT, false, 48, 336", "MILK, true, 72, 72"
  })
  void howLongPiecesMayWait(Soil soil, boolean airy, int wetHours, long expected) {
    assertThat(limit(soil, new Storage(airy, wetHours)).toHours()).isEqualTo(expected);
  }

  @ParameterizedTest
  @EnumSource(Soil.class)
  void airNeverShortensAndIllnessNeverLengthensTheWait(Soil soil) {
    Storage airy = new Storage(true, 72);
    assertThat(limit(soil, airy)).isGreaterThanOrEqualTo(limit(soil, new Storage(false, 72)));
    assertThat(limit(soil, airy, SkinNeed.ILL)).isLessThanOrEqualTo(limit(soil, airy));
  }

  @Test
  void wetPiecesNeverWaitLongerThanThreeDays() {
    assertThatThrownBy(() -> new Storage(true, 96)).isInstanceOf(OutOfRange.class);
  }

  @Test
  void adviceComesWhenItHelps() {
    assertThat(advice(SHELL, Soil.STOOL, Solids.STILL_ON, AIRY))
        .startsWith(AdviceSaying.SOLIDS_OFF)
        .contains(AdviceSaying.COLD_ONLY, AdviceSaying.TABS_AND_INSERTS, AdviceSaying.NO_SOAKING);
    assertThat(advice(TRIFOLD, Soil.STOOL, Solids.LINER, AIRY))
        .doesNotContain(AdviceSaying.SOLIDS_OFF);
    assertThat(advice(HAND_TOWEL, Soil.VOMIT, Solids.SHAKEN, AIRY, SkinNeed.ILL))
        .startsWith(AdviceSaying.GLOVES_APART);
    assertThat(advice(GLASS_CLOTH, Soil.OIL, Solids.NONE, AIRY)).containsExactly(AdviceSaying.FIRE);
    assertThat(advice(TRIFOLD, Soil.WET, Solids.NONE, CLOSED)).contains(AdviceSaying.OPEN_BAG);
  }

  private static List<Saying> advice(
      Kind kind, Soil soil, Solids solids, SoilAdvice.Into pail, SkinNeed... needs) {
    return SoilAdvice.of(kind, soil, solids, Set.of(needs), pail).stream()
        .map(Said::saying)
        .toList();
  }

  @Test
  void thereIsAdviceForEverySoilOnEveryPiece() {
    for (Kind kind : List.of(SHELL, TRIFOLD, HAND_TOWEL, GLASS_CLOTH, DISH_CLOTH, WOOL_COVER)) {
      for (Soil soil : Soil.values()) {
        assertThat(advice(kind, soil, Solids.NONE, AIRY))
            .as(kind.name() + ", " + soil)
            .isNotEmpty();
      }
    }
    assertThat(advice(HAND_TOWEL, Soil.FOOD, Solids.NONE, AIRY))
        .containsExactly(AdviceSaying.FOOD_OFF);
  }

  @Test
  void aSortedBinTakesItsOwnKindOnly() {
    SoilAdvice.Into kitchen =
        new SoilAdvice.Into(PailStyle.SORTED_BIN, true, Set.of(DISH_CLOTH.bin()));
    assertThat(SoilAdvice.of(GLASS_CLOTH, Soil.DIRT, Solids.NONE, Set.of(), kitchen).get(0))
        .isEqualTo(Said.of(AdviceSaying.OTHER_BIN).with("bin", DISH_CLOTH.bin().said()));
    assertThat(advice(DISH_CLOTH, Soil.FOOD, Solids.NONE, kitchen))
        .doesNotContain(AdviceSaying.OTHER_BIN);
  }

  @Test
  void shakingIsNeverAdvisedForTheIll() {
    for (Soil soil : Soil.values()) {
      assertThat(advice(TRIFOLD, soil, Solids.STILL_ON, AIRY, SkinNeed.ILL))
          .doesNotContain(AdviceSaying.SOLIDS_OFF, AdviceSaying.SHAKE_DIRT);
    }
  }

  @Test
  void everyFibreHasItsPrep() {
    assertThat(Prep.of(TRIFOLD)).matches(p -> p.washes() == 4 && p.soakable());
    assertThat(Prep.of(HAND_TOWEL)).matches(p -> p.washes() == 3 && p.soakable());
    assertThat(Prep.of(GLASS_CLOTH))
        .matches(
            p -> p.washes() == 1 && !p.soakable() && p.reason().saying() == PrepSaying.MICROFIBRE);
    assertThat(Prep.of(SHELL)).matches(p -> p.washes() == 1 && !p.soakable());
    assertThat(Prep.of(WOOL_COVER).washes()).isEqualTo(1);
  }

  @ParameterizedTest
  @CsvSource({"0, 0, 4", "1, 0, 3", "0, 24, 2", "0, 8, 3", "0, 7, 4", "2, 24, 0", "9, 0, 0"})
  void aSoakCountsAsTwoWashesANightAsOne(int washed, long soakedHours, int left) {
    assertThat(Prep.of(TRIFOLD).left(washed, Duration.ofHours(soakedHours))).isEqualTo(left);
  }

  @Test
  void moreWashesNeverMakeItLater() {
    Prep prep = Prep.of(TRIFOLD);
    Instant next = NOW.plusSeconds(3600);
    Instant before = Instant.MAX;
    for (int washed = 0; washed < 6; washed++) {
      Instant ready = prep.readyOn(washed, Duration.ZERO, null, next, Duration.ofDays(2));
      assertThat(ready).isBeforeOrEqualTo(before);
      before = ready;
    }
    Instant plain = prep.readyOn(0, Duration.ZERO, null, next, Duration.ofDays(2));
    assertThat(plain).isEqualTo(next.plus(Duration.ofDays(7)));
    assertThat(prep.readyOn(0, Duration.ZERO, NOW, next, Duration.ofDays(2))).isBefore(plain);
  }

  @Test
  void darkPiecesBleedForThreeWashes() {
    Kind dark =
        KindBuilder.builder()
            .id(90)
            .name("red towel")
            .role(HAND_TOWEL.role())
            .bin(HAND_TOWEL.bin())
            .parts(HAND_TOWEL.parts())
            .areaM2(0.2)
            .small(true)
            .label(null)
            .colour(Colour.DARK)
            .bulkFactor(1)
            .plural("red towel" + "s")
            .build();
    assertThat(Prep.bleeds(dark, 2)).isTrue();
    assertThat(Prep.bleeds(dark, 3)).isFalse();
    assertThat(Prep.bleeds(HAND_TOWEL, 0)).isFalse();
    Prep prep = Prep.of(dark);
    assertThat(prep.left(2, Duration.ofHours(24))).as("no soak replaces them").isEqualTo(1);
    for (int washed = 0; washed < 5; washed++) {
      assertThat(prep.left(washed, Duration.ZERO) == 0)
          .as("whoever is ready bleeds no more")
          .isEqualTo(!Prep.bleeds(dark, washed));
    }
  }

  @Test
  void wipesForTwoDaysInPlainWater() {
    Kind wipe = HAND_TOWEL;
    WipesKit kit = WipesKit.of(wipe, 6);
    assertThat(kit.pieces()).isEqualTo(12);
    assertThat(kit.waterMl()).isEqualTo(3240);
    assertThat(WipesKit.goodUntil(NOW)).isEqualTo(NOW.plus(Duration.ofDays(2)));
    assertThat(WipesKit.Addition.PLAIN.caution().nothing()).isTrue();
    assertThat(WipesKit.Addition.OIL.caution().saying()).isEqualTo(PrepSaying.OILS_SENSITISE);
    assertThatThrownBy(() -> WipesKit.of(wipe, 0)).isInstanceOf(OutOfRange.class);
  }

  @Test
  void theMixFollowsTheDilutionModel() {
    assertThat(Dilution.of(2.5, 500, 1).productMl()).isCloseTo(20, Offset.offset(1e-9));
    assertThat(Dilution.of(5, 1000, 4).productMl()).isCloseTo(80, Offset.offset(1e-9));
    Dilution one = Dilution.of(3, 300, 2);
    assertThat(Dilution.of(6, 300, 2).productMl())
        .isCloseTo(one.productMl() / 2, Offset.offset(1e-9));
    assertThat(one.productMl() * 3 * 10)
        .as("what goes in is there")
        .isCloseTo(300 * 2, Offset.offset(1e-9));
    assertThatThrownBy(() -> Dilution.of(1, 20_000, 1)).hasMessageContaining("targetMgL");
    assertThatThrownBy(() -> Dilution.of(Double.NaN, 500, 1)).isInstanceOf(OutOfRange.class);
  }

  @Test
  void emptyingEndsWithCleanHandsAndNeverMixesChlorineWithUrine() {
    PailCleaning.Cleaner bleach = new PailCleaning.Cleaner("bleach", 4, 500, true);
    for (PailStyle style : PailStyle.values()) {
      PailCleaning cleaning = PailCleaning.of(style, bleach, "liner B");
      List<Saying> steps = cleaning.steps().stream().map(Said::saying).toList();
      assertThat(steps.get(steps.size() - 1))
          .isIn(EmptyingSaying.WASH_HANDS, EmptyingSaying.WASH_HANDS_LAST);
      if (cleaning.mix() != null) {
        assertThat(steps).containsSubsequence(EmptyingSaying.RINSE_TWICE, EmptyingSaying.WIPE);
      }
    }
    assertThat(PailCleaning.of(PailStyle.OPEN_BAG, null, null).steps())
        .startsWith(Said.of(EmptyingSaying.BAG));
  }

  @Test
  void theEarliestCauseMakesTheNextWash() {
    NextWash clock =
        new NextWash(NextWash.Cause.CLOCK, NOW.plusSeconds(500), Said.from("trifolds"));
    NextWash full = new NextWash(NextWash.Cause.CAPACITY, NOW.plusSeconds(400), Said.from("pail"));
    NextWash shelf = new NextWash(NextWash.Cause.SHELF, NOW.plusSeconds(300), Said.from("bundles"));
    assertThat(NextWash.earliest(List.of(clock, full, shelf))).contains(shelf);
    assertThat(NextWash.earliest(List.of(clock, full))).contains(full);
    assertThat(NextWash.earliest(List.of())).isEmpty();
    assertThat(NextWash.full(50, 40, 3, NOW)).contains(NOW);
    assertThat(NextWash.full(10, 40, 15, NOW)).contains(NOW.plus(Duration.ofDays(2)));
    assertThat(NextWash.full(10, 40, 0, NOW)).isEqualTo(Optional.empty());
  }
}
