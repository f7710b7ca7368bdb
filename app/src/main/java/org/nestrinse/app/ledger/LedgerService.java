package org.nestrinse.app.ledger;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.nestrinse.app.dry.DryingReader;
import org.nestrinse.app.gather.pail.GatherService;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.kit.kind.StockService;
import org.nestrinse.app.reset.ResetService;
import org.nestrinse.app.sort.LoadReader;
import org.nestrinse.app.wash.round.RoundService;
import org.nestrinse.core.household.Stock;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Kind;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Compares the counts of pieces with the pails, loads, machines and lines that hold them. The
 * places are right, since each was filled by somebody; a count that differs is mended from them.
 */
@Service
public class LedgerService {
  private final StockService stock;
  private final KindService kinds;
  private final GatherService gather;
  private final LoadReader loads;
  private final RoundService rounds;
  private final ResetService resets;
  private final DryingReader dry;

  LedgerService(
      StockService stock,
      KindService kinds,
      GatherService gather,
      LoadReader loads,
      RoundService rounds,
      ResetService resets,
      DryingReader dry) {
    this.stock = stock;
    this.kinds = kinds;
    this.gather = gather;
    this.loads = loads;
    this.rounds = rounds;
    this.resets = resets;
    this.dry = dry;
  }

  /**
   * A kind whose count differs from what its places hold.
   *
   * @param kindId the kind
   * @param kind its name
   * @param words what differs, in words
   */
  public record Difference(long kindId, String kind, Said words) {}

  /** How many pieces of a kind the places hold. */
  private record Held(int waiting, int washing, int drying) {}

  /** Returns what differs, read at one moment. */
  @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
  public List<Difference> differences() {
    Map<Long, Stock> counted = stock.all();
    Map<Long, Held> held = held(counted);
    Map<Long, Kind> byId = kinds.byId();
    List<Difference> differences = new ArrayList<>();
    new TreeMap<>(counted)
        .forEach(
            (kindId, count) -> {
              List<Said> words = words(count, held.get(kindId));
              if (!words.isEmpty()) {
                String name = byId.get(kindId).name();
                differences.add(new Difference(kindId, name, Said.sentences(words)));
              }
            });
    return differences;
  }

  /** Sets every count to what the places hold. */
  @Transactional
  public void mend() {
    Map<Long, Stock> counted = new TreeMap<>();
    new TreeMap<>(stock.all()).keySet().forEach(id -> counted.put(id, stock.held(id)));
    Map<Long, Held> held = held(counted);
    counted.forEach(
        (kindId, count) -> {
          Held h = held.get(kindId);
          if (!words(count, h).isEmpty()) {
            stock.mend(kindId, h.waiting, h.washing, h.drying);
          }
        });
  }

  private Map<Long, Held> held(Map<Long, Stock> counted) {
    Map<Long, Integer> inPails = gather.waitingByKind();
    Map<Long, Integer> inLoads = loads.openByKind();
    Map<Long, Integer> inMachines = rounds.washingByKind();
    Map<Long, Integer> inResets = resets.washingByKind();
    Map<Long, Integer> onLines = dry.hangingByKind();
    Map<Long, Held> held = new TreeMap<>();
    for (long id : counted.keySet()) {
      held.put(
          id,
          new Held(
              inPails.getOrDefault(id, 0) + inLoads.getOrDefault(id, 0),
              inMachines.getOrDefault(id, 0) + inResets.getOrDefault(id, 0),
              onLines.getOrDefault(id, 0)));
    }
    return held;
  }

  private static List<Said> words(Stock counted, Held held) {
    List<Said> words = new ArrayList<>();
    if (counted.waiting() != held.waiting) {
      words.add(
          Said.of(LedgerSaying.WAITING)
              .with("counted", counted.waiting())
              .with("held", held.waiting));
    }
    if (counted.washing() != held.washing) {
      words.add(
          Said.of(LedgerSaying.WASHING)
              .with("counted", counted.washing())
              .with("held", held.washing));
    }
    if (counted.drying() != held.drying) {
      words.add(
          Said.of(LedgerSaying.HANGING)
              .with("counted", counted.drying())
              .with("held", held.drying));
    }
    return words;
  }
}
