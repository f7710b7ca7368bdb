package org.nestrinse.app.kit.kind;

import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.nestrinse.app.kit.KitRefusal;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.store.RowLocks;
import org.nestrinse.core.household.Stock;
import org.nestrinse.core.household.Stock.Whereabouts;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * The ledger of where pieces are, and the only one that writes their counts. A piece is in one
 * place at a time; what is nowhere else is clean.
 *
 * <p>A count is locked before it is looked at and stays locked until its transaction ends, so two
 * carers never move the same piece. Whoever moves pieces of several kinds does so in one call: it
 * locks them in the order of their numbers, so that nobody waits in a circle. The pail, load or
 * line that they are moved from has a version of its own, which decides between two who would do
 * the same.
 */
@Service
@Transactional(propagation = Propagation.MANDATORY)
public class StockService {
  private static final Range OWNED = new Range(0, 1000, Unit.PIECE);

  private final StockRepository stocks;
  private final KindRepository kinds;
  private final RowLocks locks;

  StockService(StockRepository stocks, KindRepository kinds, RowLocks locks) {
    this.stocks = stocks;
    this.kinds = kinds;
    this.locks = locks;
  }

  /** Returns the stock of every kind by its number. */
  @Transactional(readOnly = true)
  public Map<Long, Stock> all() {
    return stocks.findAll().stream().collect(Collectors.toMap(s -> s.kindId, StockEntity::toStock));
  }

  /** Returns the stock of a kind, which nobody else changes until the transaction ends. */
  public Stock held(long kindId) {
    return locked(kindId).toStock();
  }

  /**
   * Moves pieces of a kind; throws {@link StateConflict} with where they are when there are too
   * few.
   */
  public void move(long kindId, int count, Whereabouts from, Whereabouts to) {
    if (from == to || count == 0) {
      return;
    }
    StockEntity s = locked(kindId);
    if (s.toStock().at(from) < count) {
      throw notThere(s.toStock(), kindId, count);
    }
    s.add(from, -count);
    s.add(to, count);
    stocks.flush();
  }

  /** Moves pieces of several kinds, all of them or none; throws like the one for one kind. */
  public void move(Map<Long, Integer> counts, Whereabouts from, Whereabouts to) {
    new TreeMap<>(counts).forEach((kindId, count) -> move(kindId, count, from, to));
  }

  /** Begins to count a kind that is new here. */
  void open(long kindId, int owned) {
    StockEntity s = new StockEntity();
    s.kindId = kindId;
    s.owned = OWNED.check("owned", owned);
    stocks.saveAndFlush(s);
  }

  /**
   * Sets how many of a kind are owned; throws {@link OutOfRange} when more than that are waiting,
   * washing or hanging.
   */
  void own(long kindId, int owned) {
    StockEntity s = locked(kindId);
    OWNED.check("owned", owned);
    Stock now = s.toStock();
    int elsewhere = now.owned() - now.clean();
    if (owned < elsewhere) {
      throw new OutOfRange(
          "owned", owned, Said.of(KitRefusal.SO_MANY_ELSEWHERE).with("least", elsewhere));
    }
    s.owned = owned;
    stocks.flush();
  }

  /** Adds newly bought pieces to what is owned, or takes them away again when negative. */
  void buy(long kindId, int pieces) {
    StockEntity s = locked(kindId);
    int owned = OWNED.check("count", s.owned + pieces);
    if (owned < s.owned - s.toStock().clean()) {
      throw notThere(s.toStock(), kindId, -pieces);
    }
    s.owned = owned;
    stocks.flush();
  }

  /**
   * Sets the counts of a kind to what its places really hold. Where that is more than are owned,
   * more are owned.
   */
  public void mend(long kindId, int waiting, int washing, int drying) {
    StockEntity s = locked(kindId);
    s.owned = Math.max(s.owned, waiting + washing + drying);
    s.waiting = waiting;
    s.washing = washing;
    s.drying = drying;
    stocks.flush();
  }

  /** Waits for whoever has it, and reads what it is then. */
  private StockEntity locked(long kindId) {
    StockEntity s = stocks.findById(kindId).orElseThrow(() -> new NotFound(What.KIND, kindId));
    locks.hold(s);
    return s;
  }

  private StateConflict notThere(Stock s, long kindId, int count) {
    Said owned =
        kinds.findById(kindId).map(k -> k.toKind().counted(s.owned())).orElse(Said.from(s.owned()));
    return new StateConflict(
        Said.of(KitRefusal.NOT_THERE)
            .with("owned", owned)
            .with("waiting", s.waiting())
            .with("washing", s.washing())
            .with("hanging", s.drying())
            .with("clean", s.clean())
            .with("more", count));
  }
}
