package org.nestrinse.core.sort;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.gather.HoldingClock;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.gather.Storage;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.textile.Kind;

/** The solver against trying everything, and against the laws of sorting on random pails. */
class SortSolverTest {
  private static final List<Kind> KINDS = List.copyOf(Morning.kinds().values());
  private static final Machine SMALL =
      new Machine("small", Machine.Type.FRONT_LOADER, 20, 3, 0.2, 2000, List.of());

  private static List<Offered> random(Random random, int groups, int most) {
    List<Offered> offered = new ArrayList<>();
    for (int i = 0; i < groups; i++) {
      Kind kind = KINDS.get(random.nextInt(KINDS.size()));
      Soil soil = Soil.values()[random.nextInt(Soil.values().length)];
      Set<SkinNeed> needs =
          random.nextInt(6) == 0
              ? Set.of(SkinNeed.values()[random.nextInt(SkinNeed.values().length)])
              : Set.of();
      SoiledPieces pieces =
          new SoiledPieces(
              kind,
              1 + random.nextInt(most),
              soil,
              true,
              Morning.NOW.minus(Duration.ofHours(random.nextInt(60))),
              needs,
              Storage.USUAL,
              random.nextInt(10) == 0);
      offered.add(new Offered(i + 1, pieces, kind.small() && random.nextInt(3) == 0));
    }
    return offered;
  }

  private static boolean due(Offered o) {
    return !HoldingClock.due(o.pieces()).isAfter(Morning.NOW.plus(SortSolver.NEXT_CHANCE));
  }

  /** Every way to place the heaps: each into a load so far, into a new one, or waiting. */
  private static SortCost bestOfAll(SortSearch search, int[] where, int heap, int loads) {
    if (heap == where.length) {
      return search.cost(where);
    }
    SortCost best = null;
    for (int to = SortSearch.WAITS; to <= loads; to++) {
      where[heap] = to;
      SortCost cost = bestOfAll(search, where, heap + 1, Math.max(loads, to + 1));
      if (cost != null && (best == null || cost.compareTo(best) < 0)) {
        best = cost;
      }
    }
    return best;
  }

  @Test
  void equalsTheBestOfAllOnSmallCases() {
    Random random = new Random(11);
    int compared = 0;
    for (int round = 0; round < 150; round++) {
      List<Offered> fits =
          random(random, 2 + random.nextInt(5), 12).stream()
              .filter(o -> SortSolver.answer(o, SMALL).isEmpty())
              .toList();
      List<Offered> soiled = fits.stream().filter(o -> !o.forBulk()).toList();
      List<Offered> basket =
          fits.stream().filter(Offered::forBulk).sorted(SortTable.BY_DUE).toList();
      SortTable table = new SortTable(fits, HouseRules.ALL_HOLD);
      List<SortUnits.Heap> heaps =
          SortUnits.of(soiled, table, SMALL, Morning.NOW, SortSolverTest::due);
      if (heaps.size() > 7) {
        continue;
      }
      SortSearch search = new SortSearch(heaps, basket, table, SMALL);
      SortSearch.Found found = search.best();
      SortCost best = bestOfAll(search, new int[heaps.size()], 0, 0);
      assertThat(found.proven()).isEqualTo(heaps.stream().allMatch(heap -> heap.count() == 1));
      assertThat(found.cost()).as("round " + round).isEqualTo(best);
      compared++;
    }
    assertThat(compared).isGreaterThan(80);
  }

  @Test
  void hardRulesHoldOnRandomPails() {
    Random random = new Random(5);
    for (int round = 0; round < 600; round++) {
      List<Offered> offered = random(random, 3 + random.nextInt(25), 9);
      Sorted sorted = SortSolver.solve(offered, Pieces.MACHINE, Morning.NOW);
      for (Sorted.Drum drum : sorted.drums()) {
        List<SoiledPieces> all = new ArrayList<>(drum.firstPieces());
        all.addAll(drum.bulkPieces());
        int mainC = TravelRules.commonC(all);
        assertThat(mainC).isGreaterThanOrEqualTo(TravelRules.leastC(all));
        for (SoiledPieces a : all) {
          assertThat(a.soil()).isNotEqualTo(Soil.OIL);
          for (SoiledPieces b : all) {
            assertThat(TravelRules.broken(a, b, mainC).filter(TravelRule::hard).findFirst())
                .as("%s with %s, round %d", a.kind().name(), b.kind().name(), round)
                .isEmpty();
          }
        }
        assertThat(Joining.room(drum.firstPieces(), drum.bulkPieces(), Pieces.MACHINE)).isEmpty();
        if (!drum.bulkers().isEmpty()) {
          assertThat(drum.fill().main()).isLessThanOrEqualTo(Pieces.MACHINE.window().to() + 1e-9);
          assertThat(drum.bulkPieces()).allMatch(p -> p.kind().small());
        }
      }
    }
  }

  @Test
  void everyPieceIsSomewhereOnceAndNothingDueWaits() {
    Random random = new Random(7);
    for (int round = 0; round < 60; round++) {
      List<Offered> offered = random(random, 3 + random.nextInt(25), 9);
      Sorted sorted = SortSolver.solve(offered, Pieces.MACHINE, Morning.NOW);
      for (Offered o : offered) {
        int found = 0;
        for (Sorted.Drum d : sorted.drums()) {
          found += of(o, d.first()) + of(o, d.bulkers());
        }
        found += of(o, sorted.waiting().stream().map(Sorted.Wait::offered).toList());
        found += of(o, sorted.answers().stream().map(Sorted.Answer::offered).toList());
        assertThat(found).isEqualTo(o.pieces().count());
      }
      assertThat(sorted.waiting())
          .allMatch(
              w ->
                  HoldingClock.due(w.offered().pieces())
                      .isAfter(Morning.NOW.plus(SortSolver.NEXT_CHANCE)));
    }
  }

  private static int of(Offered one, List<Offered> some) {
    return some.stream().filter(o -> o.id() == one.id()).mapToInt(o -> o.pieces().count()).sum();
  }

  @Test
  void theSamePailsGiveTheSameLoads() {
    List<Offered> offered = random(new Random(3), 30, 8);
    assertThat(SortSolver.solve(offered, Pieces.MACHINE, Morning.NOW))
        .isEqualTo(SortSolver.solve(offered, Pieces.MACHINE, Morning.NOW));
  }

  @Test
  void nothingComesOfNothing() {
    Sorted sorted = SortSolver.solve(List.of(), Pieces.MACHINE, Morning.NOW);
    assertThat(sorted.drums()).isEmpty();
    assertThat(sorted.proven()).isTrue();
  }

  @Test
  void theWorstCaseEndsAndSaysThatItIsNotProven() {
    List<Offered> offered = random(new Random(1), 120, 30);
    Sorted sorted = SortSolver.solve(offered, SMALL, Morning.NOW);
    assertThat(sorted.proven()).isFalse();
    assertThat(sorted.drums()).isNotEmpty();
  }

  @Test
  void aPieceLargerThanTheMachineGetsItsAnswer() {
    Machine bucket = new Machine("bucket", Machine.Type.BUCKET, 4, 1, 0.2, 0, List.of());
    SoiledPieces sheet =
        new SoiledPieces(
            Morning.kinds().get("bed sheet"), 1, Soil.WET, true, Morning.NOW, Set.of());
    assertThat(
            SortSolver.solve(List.of(new Offered(1, sheet, false)), bucket, Morning.NOW).answers())
        .singleElement()
        .satisfies(a -> assertThat(a.reason().saying()).isEqualTo(LoadSaying.TOO_LARGE));
  }
}
