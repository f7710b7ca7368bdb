package org.nestrinse.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Pieces.DISH_CLOTH;
import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.textile.Role;

class BundlingTest {
  private static final Kind PREFOLD = kind(21, "prefold", Role.INSERT, Material.COTTON, Bin.BODY);
  private static final Kind HEMP =
      kind(22, "hemp booster", Role.BOOSTER, Material.HEMP_COTTON, Bin.BODY);
  private static final Kind FITTED =
      kind(23, "night fitted", Role.NIGHT_FITTED, Material.BAMBOO_VISCOSE, Bin.BODY);
  private static final Kind COVER = kind(24, "cover", Role.COVER, Material.LAMINATE, Bin.BODY);
  private static final Kind WOOL = kind(25, "wool cover", Role.COVER, Material.WOOL, Bin.BODY);
  private static final Kind MUSLIN =
      new Kind(
          26,
          "muslin",
          Role.CLOTH,
          Bin.HOUSE,
          List.of(new Part("body", Material.COTTON, 0.06, false)),
          0.49,
          true,
          null);
  private static final Kind BIB = kind(28, "bib", Role.CLOTH, Material.COTTON, Bin.HOUSE);
  private static final Kind BATH =
      kind(27, "bath cloth", Role.CLOTH, Material.MICROFIBRE, Bin.BATHROOM);

  private static Kind kind(long id, String name, Role role, Material material, Bin bin) {
    return new Kind(
        id, name, role, bin, List.of(new Part("body", material, 0.05, false)), 0.1, true, null);
  }

  private static Map<Kind, Integer> shelf(Object... pairs) {
    Map<Kind, Integer> clean = new LinkedHashMap<>();
    for (int i = 0; i < pairs.length; i += 2) {
      clean.put((Kind) pairs[i], (Integer) pairs[i + 1]);
    }
    return clean;
  }

  @Test
  void nightsTakeTheirBoostersFirstAndDaysGoWithout() {
    Bundling made =
        Bundling.of(
            shelf(FITTED, 3, COVER, 2, SHELL, 6, TRIFOLD, 5, HEMP, 4),
            Map.of(Recipe.TWO_PART_NIGHT, 3, Recipe.DAY, 6));
    assertThat(made.count(Recipe.TWO_PART_NIGHT)).isEqualTo(2);
    assertThat(made.without(Recipe.TWO_PART_NIGHT)).isZero();
    assertThat(made.count(Recipe.DAY)).isEqualTo(5);
    assertThat(made.without(Recipe.DAY)).isEqualTo(3);
    assertThat(made.missing().kind()).isEqualTo(COVER);
    assertThat(made.missing().words().values())
        .containsEntry("bundle", RecipeSaying.NIGHT_BUNDLE.said());
  }

  @Test
  void substitutesAreTakenInTheirOrder() {
    Bundling made =
        Bundling.of(
            shelf(FITTED, 4, COVER, 2, WOOL, 4, HEMP, 3, BIB, 9, MUSLIN, 5),
            Map.of(Recipe.TWO_PART_NIGHT, 4));
    Bundling.Made nights = made.made().get(0);
    assertThat(nights.count()).isEqualTo(4);
    assertThat(nights.without()).as("a muslin stands in for the booster").isZero();
    assertThat(nights.uses())
        .anyMatch(u -> u.kind().equals(MUSLIN) && u.pieces() == 1 && u.substitute())
        .anyMatch(u -> u.kind().equals(COVER) && u.pieces() == 2 && !u.substitute())
        .anyMatch(u -> u.kind().equals(WOOL) && u.pieces() == 2 && u.substitute());
  }

  @Test
  void theThirstyFibreLiesFarthestFromTheSkinAndTheShellAroundAll() {
    Bundling made = Bundling.of(shelf(SHELL, 1, TRIFOLD, 1, PREFOLD, 1), Map.of(Recipe.NAP, 1));
    assertThat(made.made().get(0).uses().stream().map(u -> u.kind().name()))
        .containsExactly("prefold", "bamboo trifold", "pocket shell");
  }

  @Test
  void whatIsWantedComesBeforeMoreOfTheEveryday() {
    Map<Kind, Integer> clean = shelf(SHELL, 6, TRIFOLD, 3, PREFOLD, 3);
    Bundling without = Bundling.of(clean, Map.of());
    assertThat(without.count(Recipe.DAY)).isEqualTo(6);
    Bundling made = Bundling.of(clean, Map.of(Recipe.NAP, 2, Recipe.SWIM, 1));
    assertThat(made.count(Recipe.NAP)).isEqualTo(2);
    assertThat(made.count(Recipe.SWIM)).isEqualTo(1);
    assertThat(made.count(Recipe.DAY)).isEqualTo(2);
  }

  @Test
  void cabinKitsTakeClothsFromTheirOwnBins() {
    Bundling made =
        Bundling.of(
            shelf(BATH, 7, GLASS_CLOTH, 9, DISH_CLOTH, 6, MUSLIN, 20), Map.of(Recipe.CABIN, 3));
    assertThat(made.count(Recipe.CABIN)).isEqualTo(2);
    assertThat(made.missing()).as("neither bath nor dish cloth alone would do").isNull();
    assertThat(
            Bundling.of(
                    shelf(BATH, 8, GLASS_CLOTH, 9, DISH_CLOTH, 9, MUSLIN, 20),
                    Map.of(Recipe.CABIN, 3))
                .missing()
                .kind())
        .isEqualTo(BATH);
  }

  @Test
  void anEmptyShelfMakesNothing() {
    Bundling made = Bundling.of(Map.of(), Map.of(Recipe.DAY, 4));
    assertThat(made.made()).isEmpty();
    assertThat(made.missing()).isNull();
    assertThat(made.value()).isZero();
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
  void onSmallShelvesNothingBetterCanBeMade(int seed) {
    Random random = new Random(seed);
    Map<Kind, Integer> clean = new LinkedHashMap<>();
    for (Kind kind : List.of(SHELL, TRIFOLD, PREFOLD, HEMP, FITTED, COVER, WOOL, MUSLIN)) {
      clean.put(kind, random.nextInt(3));
    }
    Map<Recipe, Integer> wanted =
        Map.of(
            Recipe.DAY,
            random.nextInt(3),
            Recipe.NAP,
            random.nextInt(2),
            Recipe.NIGHT,
            random.nextInt(2),
            Recipe.TWO_PART_NIGHT,
            random.nextInt(3),
            Recipe.SWIM,
            random.nextInt(2));
    double tried = best(clean, new LinkedHashMap<>(wanted), 0);
    assertThat(Bundling.of(clean, wanted).value()).isCloseTo(tried, within(1e-6));
  }

  /** Tries every next bundle with every choice of pieces. */
  private static double best(Map<Kind, Integer> clean, Map<Recipe, Integer> open, int from) {
    double best = 0;
    for (int r = from; r < Recipe.ALL.size(); r++) {
      Recipe recipe = Recipe.ALL.get(r);
      boolean wanted = open.getOrDefault(recipe, 0) > 0;
      if (!wanted && !recipe.fills()) {
        continue;
      }
      double worth = recipe.value() * (wanted ? 1 : Recipe.BEYOND);
      List<Recipe.Part> slots = new ArrayList<>();
      recipe.parts().forEach(p -> slots.addAll(java.util.Collections.nCopies(p.count(), p)));
      open.merge(recipe, -1, Integer::sum);
      best = Math.max(best, filled(clean, open, r, slots, 0, worth, worth));
      open.merge(recipe, 1, Integer::sum);
    }
    return best;
  }

  private static double filled(
      Map<Kind, Integer> clean,
      Map<Recipe, Integer> open,
      int recipe,
      List<Recipe.Part> slots,
      int slot,
      double worth,
      double left) {
    if (slot == slots.size()) {
      return left + best(clean, open, recipe);
    }
    Recipe.Part part = slots.get(slot);
    double best = Double.NEGATIVE_INFINITY;
    if (part.optional()) {
      best = filled(clean, open, recipe, slots, slot + 1, worth, left - worth * Recipe.WITHOUT);
    }
    for (Kind kind : clean.keySet()) {
      int rank = part.rank(kind);
      if (rank >= 0 && clean.get(kind) > 0) {
        clean.merge(kind, -1, Integer::sum);
        double then = left - worth * Recipe.PER_RANK * rank;
        best = Math.max(best, filled(clean, open, recipe, slots, slot + 1, worth, then));
        clean.merge(kind, 1, Integer::sum);
      }
    }
    return best;
  }

  @Test
  void oneMorePieceNeverIsWorthLess() {
    Map<Kind, Integer> clean = shelf(SHELL, 4, TRIFOLD, 3, HEMP, 3, FITTED, 2, COVER, 2);
    Map<Recipe, Integer> wanted = Map.of(Recipe.DAY, 3, Recipe.TWO_PART_NIGHT, 2, Recipe.NIGHT, 1);
    double before = Bundling.quickly(clean, wanted).value();
    for (Kind kind : List.copyOf(clean.keySet())) {
      clean.merge(kind, 1, Integer::sum);
      assertThat(Bundling.quickly(clean, wanted).value()).isGreaterThanOrEqualTo(before - 1e-9);
      clean.merge(kind, -1, Integer::sum);
    }
  }

  @Test
  void aFullShelfIsSolvedAtOnce() {
    Map<Kind, Integer> clean =
        shelf(
            SHELL, 24, TRIFOLD, 20, PREFOLD, 12, HEMP, 24, FITTED, 13, COVER, 8, WOOL, 3, MUSLIN,
            18);
    Map<Recipe, Integer> wanted =
        Map.of(
            Recipe.DAY,
            12,
            Recipe.NAP,
            4,
            Recipe.NIGHT,
            2,
            Recipe.TWO_PART_NIGHT,
            4,
            Recipe.SWIM,
            1);
    long start = System.nanoTime();
    Bundling made = Bundling.of(clean, wanted);
    assertThat(made.count(Recipe.TWO_PART_NIGHT)).isEqualTo(11);
    assertThat(made.count(Recipe.NIGHT)).isEqualTo(2);
    assertThat((System.nanoTime() - start) / 1e9).as("seconds").isLessThan(2);
  }

  /** What shares no piece with the rest is found on its own: more of it does not take longer. */
  @Test
  void aHouseThatOwnsOfEverythingIsSolvedAtOnce() {
    Map<Kind, Integer> clean = new LinkedHashMap<>();
    for (int i = 0; i < 6; i++) {
      for (Role role : Role.values()) {
        Material material = i % 2 == 0 ? Material.COTTON : Material.BAMBOO_VISCOSE;
        long id = 100 + 100L * i + role.ordinal();
        clean.put(kind(id, role + " " + i, role, material, Bin.BODY), 7 + i);
      }
    }
    Map<Recipe, Integer> wanted = new LinkedHashMap<>();
    Recipe.ALL.forEach(recipe -> wanted.put(recipe, 9));
    long start = System.nanoTime();
    Bundling made = Bundling.of(clean, wanted);
    assertThat(made.count(Recipe.ALL_IN_ONE)).isEqualTo(57);
    assertThat(made.count(Recipe.NIGHT)).isEqualTo(9);
    assertThat((System.nanoTime() - start) / 1e9).as("seconds").isLessThan(2);
  }
}
