package org.nestrinse.core.judge;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A kind that came out of a wash with a mark, remembered until somebody sees that the mark has
 * gone.
 *
 * @param kind its name
 * @param since when the mark was first seen
 */
public record StillMarked(String kind, Instant since) {
  /**
   * One look at clean pieces of a kind.
   *
   * @param kind its name
   * @param marked whether something was still marked
   * @param at when
   */
  public record Sight(String kind, boolean marked, Instant at) {}

  /**
   * Returns the kinds that are still marked, the longest marked first.
   *
   * @param looks oldest first
   */
  public static List<StillMarked> of(List<Sight> looks) {
    Map<String, Instant> since = new LinkedHashMap<>();
    for (Sight look : looks) {
      if (look.marked) {
        since.putIfAbsent(look.kind, look.at);
      } else {
        since.remove(look.kind);
      }
    }
    return since.entrySet().stream().map(e -> new StillMarked(e.getKey(), e.getValue())).toList();
  }
}
