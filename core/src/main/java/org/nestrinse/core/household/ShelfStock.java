package org.nestrinse.core.household;

import java.time.ZonedDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import org.nestrinse.core.textile.Kind;

/**
 * What a household owns of each kind and what a normal day takes from its shelf.
 *
 * @param now the moment, in the household's time zone
 * @param kinds every kind with its stock
 * @param use what a normal day uses
 * @param wished how many bundles of a recipe somebody wants ready, by the recipe's short name
 */
public record ShelfStock(
    ZonedDateTime now, List<StockedKind> kinds, DailyUse use, Map<String, Integer> wished) {
  public ShelfStock {
    kinds = List.copyOf(kinds);
    wished = Map.copyOf(wished);
  }

  /** Returns how many of each kind are clean. */
  public Map<Kind, Integer> clean() {
    return counts(Stock::clean);
  }

  /** Returns how many of each kind are owned, wherever they are. */
  public Map<Kind, Integer> owned() {
    return counts(Stock::owned);
  }

  /** Returns how many of each kind are clean or come back by themselves: what does not wait. */
  public Map<Kind, Integer> comingOrThere() {
    return counts(s -> s.owned() - s.waiting());
  }

  /** Returns the kinds of which at least one is owned. */
  public Set<Kind> kindsOwned() {
    return kinds.stream()
        .filter(k -> k.stock().owned() > 0)
        .map(StockedKind::kind)
        .collect(Collectors.toSet());
  }

  private Map<Kind, Integer> counts(ToIntFunction<Stock> count) {
    Map<Kind, Integer> counts = new LinkedHashMap<>();
    kinds.forEach(k -> counts.put(k.kind(), count.applyAsInt(k.stock())));
    return counts;
  }
}
