package org.nestrinse.core.sort;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.gather.HoldingClock;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;

/**
 * Makes loads of everything that waits: fewest machine runs, then every main wash in its fill
 * window, then the oldest clocks, then the warmest common wash that hygiene wants. Hard rules are
 * never broken. Deterministic, and bounded: it says when its answer is good but not proven.
 *
 * @see "docs/models.md, sorting"
 */
public final class SortSolver {
  /** Default time to the next wash; what is due before it goes now. */
  public static final Duration NEXT_CHANCE = Duration.ofHours(24);

  /** Number of loads named when something has to wait. */
  private static final int MOST_TOLD = 3;

  private SortSolver() {}

  /**
   * Returns the sorting of everything that waits.
   *
   * @param offered what waits, at most one entry for a number
   * @param machine what it is washed in
   * @param now the moment
   */
  public static Sorted solve(List<Offered> offered, Machine machine, Instant now) {
    Instant next = now.plus(NEXT_CHANCE);
    return solve(
        offered,
        machine,
        now,
        o -> !HoldingClock.due(o.pieces()).isAfter(next),
        HouseRules.ALL_HOLD);
  }

  /**
   * Returns the sorting of everything that waits.
   *
   * @param offered what waits, at most one entry for a number
   * @param machine what it is washed in
   * @param now the moment
   * @param must what goes now; the rest goes when it fits or fills half a drum
   * @param rules which rules the house has set aside
   */
  public static Sorted solve(
      List<Offered> offered,
      Machine machine,
      Instant now,
      Predicate<Offered> must,
      HouseRules rules) {
    List<Sorted.Answer> answers = new ArrayList<>();
    List<Offered> goods = new ArrayList<>();
    for (Offered o : offered) {
      answer(o, machine).ifPresentOrElse(answers::add, () -> goods.add(o));
    }
    List<Offered> soiled = goods.stream().filter(o -> !o.forBulk() || must.test(o)).toList();
    List<Offered> basket =
        goods.stream().filter(o -> o.forBulk() && !must.test(o)).sorted(SortTable.BY_DUE).toList();
    SortTable table = new SortTable(goods, rules);
    SortSearch search =
        new SortSearch(SortUnits.of(soiled, table, machine, now, must), basket, table, machine);
    Bulking bulking = new Bulking(table, basket, machine);
    SortSearch.Found found = Repack.of(search.best(), must, machine, rules);
    return new Draft(machine, bulking, answers, rules).sorted(found);
  }

  /** Returns what to do with pieces that fit no load, or nothing when they fit one. */
  static Optional<Sorted.Answer> answer(Offered o, Machine machine) {
    SoiledPieces p = o.pieces();
    if (p.soil() == Soil.OIL) {
      return Optional.of(
          new Sorted.Answer(
              o, Said.of(LoadSaying.SOAKED_IN_OIL), Said.of(LoadSaying.SPREAD_OUTDOORS)));
    }
    int limit = p.kind().limits().hottestWashC();
    int needed = TravelRules.neededC(p);
    if (limit < needed) {
      return Optional.of(
          new Sorted.Answer(
              o,
              Said.of(LoadSaying.GOAL_TOO_HOT)
                  .with("kind", p.kind().plural())
                  .with("celsius", Quantity.celsius(limit))
                  .with("goal", p.goal().said())
                  .with("needed", Quantity.celsius(needed)),
              Said.of(LoadSaying.BY_HAND_TWICE).with("celsius", Quantity.celsius(limit))));
    }
    if (p.kind().wetL() > machine.drumL() * machine.window().most()
        || p.kind().dryL() > machine.drumL()
        || p.kind().massKg() > machine.capacityKg()) {
      return Optional.of(
          new Sorted.Answer(
              o,
              Said.of(LoadSaying.TOO_LARGE)
                  .with("kind", p.kind().plural())
                  .with("machine", machine.name()),
              Said.of(LoadSaying.LARGER_MACHINE)));
    }
    return Optional.empty();
  }

  /** Turns what was found into drums and reasons. */
  private record Draft(
      Machine machine, Bulking bulking, List<Sorted.Answer> answers, HouseRules rules) {

    Sorted sorted(SortSearch.Found found) {
      List<Sorted.Drum> drums = new ArrayList<>();
      List<List<Offered>> bulk = bulking.takeAll(found.loads());
      for (int i = 0; i < bulk.size(); i++) {
        List<Offered> first = found.loads().get(i);
        drums.add(drum(first, bulk.get(i), bulking.refused(pieces(first)), machine, rules));
      }
      List<Sorted.Wait> waiting = new ArrayList<>();
      for (Offered o : found.waiting()) {
        waiting.add(
            new Sorted.Wait(o, HoldingClock.due(o.pieces()), whyItWaits(o.pieces(), drums)));
      }
      for (Offered o : bulking.left()) {
        waiting.add(new Sorted.Wait(o, HoldingClock.due(o.pieces()), LoadSaying.IN_BASKET.said()));
      }
      return new Sorted(drums, waiting, answers, found.proven(), rules);
    }

    private Said whyItWaits(SoiledPieces p, List<Sorted.Drum> drums) {
      if (drums.isEmpty()) {
        return Said.of(LoadSaying.NOTHING_DUE);
      }
      List<Said> why = new ArrayList<>();
      why.add(LoadSaying.TOO_LITTLE_ALONE.said());
      for (int i = 0; i < drums.size() && i < MOST_TOLD; i++) {
        Sorted.Drum drum = drums.get(i);
        Said against =
            Joining.refuse(p, drum.firstPieces(), List.of(), machine)
                .orElse(LoadSaying.TIGHTER_THAN_WORTH.said());
        why.add(Said.of(LoadSaying.LOAD_SAYS).with("number", i + 1).with("reason", against));
      }
      return Said.sentences(why);
    }
  }

  /** Returns a load with its figures. */
  static Sorted.Drum drum(
      List<Offered> first,
      List<Offered> bulkers,
      List<Sorted.Refused> refused,
      Machine machine,
      HouseRules rules) {
    List<SoiledPieces> firstPieces = pieces(first);
    List<SoiledPieces> all = new ArrayList<>(firstPieces);
    all.addAll(pieces(bulkers));
    return new Sorted.Drum(
        first,
        bulkers,
        refused,
        DrumFill.of(firstPieces, pieces(bulkers), machine.drumL()),
        TravelRules.commonC(all),
        TravelRules.leastC(all, rules),
        Joining.softBroken(all));
  }

  static List<SoiledPieces> pieces(List<Offered> offered) {
    return offered.stream().map(Offered::pieces).toList();
  }

  /** Returns the pieces of a list that lead: those that are due first. */
  static @Nullable Offered lead(List<Offered> offered) {
    return offered.stream().min(SortTable.BY_DUE).orElse(null);
  }

  static Said tooFull(double full) {
    return Said.of(LoadSaying.TOO_FULL).with("share", Quantity.share(full));
  }
}
