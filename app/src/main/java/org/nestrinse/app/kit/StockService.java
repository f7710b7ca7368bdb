package org.nestrinse.app.kit;

import java.util.Map;
import java.util.stream.Collectors;
import org.nestrinse.app.kit.Stock.Whereabouts;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.NotNow;
import org.nestrinse.core.units.Numbers;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The ledger of where pieces are. A piece is in one place at a time; what is nowhere else is clean.
 */
@Service
public class StockService {
  private final StockRepository stocks;
  private final KindRepository kinds;

  StockService(StockRepository stocks, KindRepository kinds) {
    this.stocks = stocks;
    this.kinds = kinds;
  }

  /** Returns the stock of every kind by its number. */
  @Transactional(readOnly = true)
  public Map<Long, Stock> all() {
    return stocks.findAll().stream().collect(Collectors.toMap(s -> s.kindId, StockEntity::toStock));
  }

  /**
   * Moves pieces of a kind; throws {@link NotNow} with where they are when there are not so many.
   */
  @Transactional
  public void move(long kindId, int count, Whereabouts from, Whereabouts to) {
    int moved =
        stocks.move(
            kindId,
            change(Whereabouts.WAITING, count, from, to),
            change(Whereabouts.WASHING, count, from, to),
            change(Whereabouts.DRYING, count, from, to));
    if (moved == 0) {
      throw notThere(kindId, count);
    }
  }

  private static int change(Whereabouts place, int count, Whereabouts from, Whereabouts to) {
    if (from == to) {
      return 0;
    }
    return place == to ? count : place == from ? -count : 0;
  }

  private NotNow notThere(long kindId, int count) {
    Stock s = stocks.findById(kindId).orElseThrow(() -> new NotFound("kind", kindId)).toStock();
    String name = kinds.findById(kindId).map(k -> k.name).orElse("piece");
    return new NotNow(
        "You own %s: %d waiting, %d washing, %d hanging, %d clean. So %d more cannot be right. Is one of those already dry, or do you own more by now?"
            .formatted(
                Numbers.count(s.owned(), name),
                s.waiting(),
                s.washing(),
                s.drying(),
                s.clean(),
                count));
  }
}
