package org.nestrinse.app.kit.kind;

import java.util.Collection;
import java.util.Map;
import java.util.TreeMap;

/**
 * How many pieces of a kind there are somewhere.
 *
 * @param kindId the kind
 * @param pieces how many
 */
public record KindCount(long kindId, long pieces) {
  /** Returns the counts by the number of the kind, equal kinds added. */
  public static Map<Long, Integer> byKind(Collection<KindCount> counts) {
    Map<Long, Integer> byKind = new TreeMap<>();
    counts.forEach(c -> byKind.merge(c.kindId, Math.toIntExact(c.pieces), Integer::sum));
    return byKind;
  }
}
