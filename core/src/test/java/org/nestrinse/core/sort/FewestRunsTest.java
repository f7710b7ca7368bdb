package org.nestrinse.core.sort;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Pieces.DISH_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.MACHINE;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.textile.Role;

/** Heaps are divided piece by piece where that saves a run. */
class FewestRunsTest {
  private static final Kind SHEET =
      new Kind(
          77,
          "bed sheet",
          Role.BEDDING,
          Bin.HOUSE,
          List.of(new Part("body", Material.POLYCOTTON, 0.55, false)),
          2.4,
          false,
          null);

  private static Offered due(long id, Kind kind, int count, Soil soil) {
    return new Offered(
        id,
        new SoiledPieces(kind, count, soil, true, Morning.NOW.minus(Duration.ofDays(20)), Set.of()),
        false);
  }

  private static Sorted sorted(Offered... offered) {
    return SortSolver.solve(List.of(offered), MACHINE, Morning.NOW);
  }

  @Test
  void twentyTwoSheetsGoInTwoRuns() {
    int most = fits(SHEET);
    Sorted two = sorted(due(1, SHEET, 2 * most, Soil.DIRT));
    assertThat(two.drums()).hasSize(2);
    assertThat(two.proven()).isTrue();
    assertThat(sorted(due(1, SHEET, 2 * most + 1, Soil.DIRT)).drums()).hasSize(3);
  }

  /** How many of a kind the machine takes at once. */
  private static int fits(Kind kind) {
    int count = 1;
    while (sorted(due(1, kind, count + 1, Soil.DIRT)).drums().size() == 1) {
      count++;
    }
    return count;
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3})
  void aPieceMoreNeverGivesFewerRuns(long seed) {
    Random random = new Random(seed);
    int trifolds = 5 + random.nextInt(10);
    int towels = 5 + random.nextInt(10);
    int before = 0;
    for (int shells = 1; shells <= 120; shells += 4) {
      int runs =
          sorted(
                  due(1, TRIFOLD, trifolds, Soil.STOOL),
                  due(2, SHELL, shells, Soil.WET),
                  due(3, HAND_TOWEL, towels, Soil.DIRT))
              .drums()
              .size();
      assertThat(runs).isGreaterThanOrEqualTo(before);
      before = runs;
    }
    assertThat(before).isGreaterThan(1);
  }

  @Test
  void manyPiecesOfThreeKindsEndAfterABoundedSearch() {
    List<Offered> many =
        List.of(
            due(1, TRIFOLD, 200, Soil.STOOL),
            due(2, TRIFOLD, 200, Soil.STOOL),
            due(3, HAND_TOWEL, 200, Soil.DIRT),
            due(4, HAND_TOWEL, 200, Soil.DIRT),
            due(5, DISH_CLOTH, 200, Soil.FOOD),
            due(6, DISH_CLOTH, 200, Soil.FOOD));
    SortTable table = new SortTable(many, HouseRules.ALL_HOLD);
    SortSearch search =
        new SortSearch(
            SortUnits.of(many, table, MACHINE, Morning.NOW, o -> true), List.of(), table, MACHINE);
    search.best();
    assertThat(search.steps()).as("cut short, then improved").isLessThan(2 * SortSearch.MOST_STEPS);
    Sorted sorted = SortSolver.solve(many, MACHINE, Morning.NOW);
    int pieces = 0;
    double litres = 0;
    for (Sorted.Drum drum : sorted.drums()) {
      assertThat(Joining.room(drum.firstPieces(), drum.bulkPieces(), MACHINE)).isEmpty();
      pieces += drum.firstPieces().stream().mapToInt(SoiledPieces::count).sum();
      litres += drum.fill().main() * MACHINE.drumL();
    }
    assertThat(pieces).isEqualTo(1200);
    double least = litres / (MACHINE.window().most() * MACHINE.drumL());
    assertThat(sorted.drums().size()).isLessThanOrEqualTo((int) Math.ceil(least * 1.2) + 2);
  }

  @Test
  void aThinLoadIsNeverProposedWithoutSomethingElseToDo() {
    List<Sorted.Drum> thin = new ArrayList<>();
    for (int count = 1; count <= 12; count++) {
      sorted(due(1, DISH_CLOTH, count, Soil.FOOD)).drums().stream()
          .filter(d -> d.fill().main() < ThinLoad.BELOW)
          .forEach(thin::add);
    }
    assertThat(thin).isNotEmpty();
    assertThat(thin).allSatisfy(d -> assertThat(ThinLoad.of(d, MACHINE, Morning.NOW)).isNotEmpty());
  }
}
