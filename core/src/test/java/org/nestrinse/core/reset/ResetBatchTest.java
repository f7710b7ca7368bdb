package org.nestrinse.core.reset;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Colour;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.KindBuilder;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.units.OutOfRange;

/** Pieces divided over fillings, and the recipes' own figures. */
class ResetBatchTest {
  private static Kind kind(String name, double kg) {
    return KindBuilder.builder()
        .id(name.hashCode())
        .name(name)
        .role(Role.TOWEL)
        .bin(Bin.HOUSE)
        .parts(List.of(new Part("body", Material.COTTON, kg, false)))
        .areaM2(0.2)
        .small(true)
        .label(null)
        .colour(Colour.PALE)
        .bulkFactor(1)
        .plural(name + "s")
        .build();
  }

  /** The fewest fillings, by trying every way to place each piece. */
  private static int fewest(List<Double> masses, double room) {
    return place(masses, 0, new ArrayList<>(), room, masses.size());
  }

  private static int place(
      List<Double> masses, int next, List<Double> filled, double room, int best) {
    if (filled.size() >= best) {
      return best;
    }
    if (next == masses.size()) {
      return filled.size();
    }
    int found = best;
    for (int i = 0; i < filled.size(); i++) {
      if (filled.get(i) + masses.get(next) <= room + 1e-9) {
        filled.set(i, filled.get(i) + masses.get(next));
        found = Math.min(found, place(masses, next + 1, filled, room, found));
        filled.set(i, filled.get(i) - masses.get(next));
      }
    }
    filled.add(masses.get(next));
    found = Math.min(found, place(masses, next + 1, filled, room, found));
    filled.remove(filled.size() - 1);
    return found;
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
  void onSmallCasesItTakesAtMostOneFillingMoreThanTheFewest(long seed) {
    Random random = new Random(seed);
    double room = 0.47;
    Map<Kind, Integer> pieces = new LinkedHashMap<>();
    List<Double> masses = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      double kg = 0.05 + random.nextInt(20) / 100.0;
      int count = 1 + random.nextInt(3);
      pieces.put(kind("kind " + i, kg), count);
      for (int n = 0; n < count; n++) {
        masses.add(kg);
      }
    }
    List<ResetBatch> batches = ResetBatch.divide(pieces, room);
    assertThat(batches.size()).isBetween(fewest(masses, room), fewest(masses, room) + 1);
    assertThat(batches).allMatch(b -> b.massKg() <= room + 1e-9);
    for (Kind k : pieces.keySet()) {
      int placed = batches.stream().mapToInt(b -> b.pieces().getOrDefault(k, 0)).sum();
      assertThat(placed).isEqualTo(pieces.get(k));
    }
  }

  @Test
  void theLightestGoInFirst() {
    Map<Kind, Integer> pieces = new LinkedHashMap<>();
    pieces.put(kind("bath towel", 0.3), 1);
    pieces.put(kind("cloth", 0.04), 2);
    ResetBatch batch = ResetBatch.divide(pieces, 0.47).get(0);
    assertThat(batch.said())
        .isEqualTo(
            Said.row(
                List.of(
                    Said.pieces(2, "cloth", "cloths"),
                    Said.pieces(1, "bath towel", "bath towels"))));
    assertThat(batch.count()).isEqualTo(3);
    assertThat(batch.load().massKg()).isEqualTo(batch.massKg());
  }

  @ParameterizedTest
  @EnumSource(ResetRecipe.class)
  void everyRecipeSaysWhatItTakesOutAndHowLong(ResetRecipe recipe) {
    assertThat(recipe.takesOut().name()).isEqualTo(recipe.name());
    assertThat(recipe.minutes()).isPositive();
    assertThat(recipe.stirEveryMinutes()).isBetween(0, recipe.minutes());
    assertThat(ResetPlan.notes(recipe)).hasSizeGreaterThanOrEqualTo(3).allMatch(n -> !n.nothing());
    assertThat(recipe.boils()).isEqualTo(recipe.temper() == ResetRecipe.Temper.BOIL);
  }

  @ParameterizedTest
  @CsvSource({"MINERAL_SOAK, 2, 0.5, 2.5", "SIMMER_POT, 3, 3.1, 36", "OVERNIGHT_ACID, 1, 0, 30"})
  void amountsGoWithTheWater(ResetRecipe recipe, double litres, double hardness, double amount) {
    double scaled = ResetPlan.perBatch(recipe, litres, hardness, null).get(0).amount();
    double twice = ResetPlan.perBatch(recipe, 2 * litres, hardness, null).get(0).amount();
    assertThat(twice).isEqualTo(2 * scaled);
    if (recipe != ResetRecipe.MINERAL_SOAK) {
      assertThat(scaled).isEqualTo(amount);
    }
  }

  @ParameterizedTest
  @CsvSource({"-1", "10.1", "NaN"})
  void impossibleWaterIsRefused(double hardness) {
    assertThatThrownBy(() -> ResetPlan.perBatch(ResetRecipe.MINERAL_SOAK, 8, hardness, null))
        .isInstanceOf(OutOfRange.class);
  }

  @ParameterizedTest
  @CsvSource({"0", "0.5", "301", "NaN", "-10"})
  void impossibleVesselsAreRefused(double litres) {
    assertThatThrownBy(() -> ResetPlan.waterL(litres)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> ResetPlan.batches(1, litres)).isInstanceOf(OutOfRange.class);
  }

  @Test
  void smallAmountsAreTeaspoons() {
    ResetRecipe.Amount little =
        ResetPlan.perBatch(ResetRecipe.OVERNIGHT_DETERGENT, 1, 2, null).get(0);
    assertThat(little.spoons()).isEqualTo(Said.from(new Quantity(8 / 5.0, Unit.TEASPOON, 2)));
    ResetRecipe.Amount more =
        ResetPlan.perBatch(ResetRecipe.OVERNIGHT_DETERGENT, 8, 2, null).get(0);
    assertThat(more.spoons()).isEqualTo(Said.from(new Quantity(64 / 15.0, Unit.TABLESPOON, 2)));
    assertThat(more.grams()).isCloseTo(65.28, org.assertj.core.api.Assertions.within(1e-9));
  }
}
