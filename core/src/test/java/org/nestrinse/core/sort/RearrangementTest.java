package org.nestrinse.core.sort;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.units.OutOfRange;

/** Moving pieces by hand from drum to drum. */
class RearrangementTest {
  private static final Morning MORNING = Morning.all().get(2);
  private static final Sorted SORTED =
      SortSolver.solve(MORNING.offered(), MORNING.machine(), Morning.NOW);

  private static Rearrangement after(Rearrangement.Move... moves) {
    return Rearrangement.of(SORTED, List.of(moves), MORNING.machine());
  }

  private static long id(String kind) {
    return MORNING.offered().stream()
        .filter(o -> o.pieces().kind().name().equals(kind))
        .findFirst()
        .orElseThrow()
        .id();
  }

  private static int drumOf(Rearrangement r, String kind) {
    return r.drums().entrySet().stream()
        .filter(e -> e.getValue().first().stream().anyMatch(o -> o.id() == id(kind)))
        .map(Map.Entry::getKey)
        .findFirst()
        .orElse(Rearrangement.STAYS);
  }

  private static Map<Long, Integer> everything(Rearrangement r) {
    Map<Long, Integer> counts = new TreeMap<>();
    r.drums().values().forEach(d -> d.first().forEach(o -> sum(counts, o)));
    r.drums().values().forEach(d -> d.bulkers().forEach(o -> sum(counts, o)));
    r.waiting().forEach(w -> sum(counts, w.offered()));
    return counts;
  }

  private static void sum(Map<Long, Integer> counts, Offered o) {
    counts.merge(o.id(), o.pieces().count(), Integer::sum);
  }

  @Test
  void withoutMovesItIsWhatTheSolverMade() {
    assertThat(List.copyOf(after().drums().values())).isEqualTo(SORTED.drums());
    assertThat(after().proven()).isEqualTo(SORTED.proven());
  }

  @Test
  void aHardRuleIsToldAndNothingMoves() {
    Rearrangement before = after();
    int kitchen = drumOf(before, "dish cloth");
    int nappies = drumOf(before, "bamboo trifold");
    Rearrangement moved =
        after(new Rearrangement.Move(List.of(id("dish cloth")), kitchen, nappies, "I want to"));
    assertThat(moved.refused()).isNotNull();
    assertThat(moved.refused().rule()).isEqualTo("food");
    assertThat(moved.drums()).isEqualTo(before.drums());
  }

  @Test
  void keptBackAndFetchedAgain() {
    Rearrangement before = after();
    int nappies = drumOf(before, "pocket shell");
    Rearrangement.Move back =
        new Rearrangement.Move(List.of(id("pocket shell")), nappies, Rearrangement.STAYS, null);
    Rearrangement without = after(back);
    assertThat(drumOf(without, "pocket shell")).isEqualTo(Rearrangement.STAYS);
    assertThat(without.waiting()).anyMatch(w -> w.reason().saying() == LoadSaying.KEPT_BACK);
    assertThat(everything(without)).isEqualTo(everything(before));
    Rearrangement again =
        after(
            back,
            new Rearrangement.Move(
                List.of(id("pocket shell")), Rearrangement.STAYS, nappies, null));
    assertThat(again.drums()).isEqualTo(before.drums());
  }

  @Test
  void aDrumOfItsOwnGetsANewNumber() {
    Rearrangement before = after();
    int nappies = drumOf(before, "pocket shell");
    Rearrangement own =
        after(
            new Rearrangement.Move(List.of(id("pocket shell")), nappies, Rearrangement.OWN, null));
    assertThat(drumOf(own, "pocket shell")).isEqualTo(before.drums().size() + 1);
    assertThat(everything(own)).isEqualTo(everything(before));
    assertThat(own.proven()).isFalse();
  }

  @Test
  void aSoftRuleWantsAReasonAndKeepsIt() {
    Morning glass = Morning.all().get(7);
    Sorted sorted = SortSolver.solve(glass.offered(), glass.machine(), Morning.NOW);
    List<Long> cloths = List.of(1L);
    Rearrangement no =
        Rearrangement.of(
            sorted,
            List.of(new Rearrangement.Move(cloths, Rearrangement.STAYS, 1, null)),
            glass.machine());
    assertThat(no.refused()).isNotNull();
    assertThat(no.refused().hard()).isFalse();
    Rearrangement yes =
        Rearrangement.of(
            sorted,
            List.of(new Rearrangement.Move(cloths, Rearrangement.STAYS, 1, "old cloths")),
            glass.machine());
    assertThat(yes.refused()).isNull();
    assertThat(yes.setAside())
        .singleElement()
        .satisfies(
            o -> {
              assertThat(o.rule()).isEqualTo("lint");
              assertThat(o.reason()).isEqualTo("old cloths");
            });
    assertThat(yes.drums().get(1).commonC()).isEqualTo(40);
    assertThat(yes.drums().get(1).broken()).isNotEmpty();
  }

  @Test
  void whatIsNotThereCannotMove() {
    assertThatThrownBy(() -> after(new Rearrangement.Move(List.of(99L), 1, 2, null)))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(
            () ->
                after(
                    new Rearrangement.Move(
                        List.of(id("pocket shell")), drumOf(after(), "pocket shell"), 77, null)))
        .isInstanceOf(OutOfRange.class);
  }
}
