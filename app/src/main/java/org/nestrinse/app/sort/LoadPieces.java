package org.nestrinse.app.sort;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.nestrinse.core.gather.SoiledPieces;

/**
 * The pieces of a load.
 *
 * @param id number of the load
 * @param first the first wash set
 * @param bulkers what joins for the main wash
 */
public record LoadPieces(long id, List<SoiledPieces> first, List<SoiledPieces> bulkers) {

  /** Returns everything. */
  public List<SoiledPieces> all() {
    return Stream.concat(first.stream(), bulkers.stream()).toList();
  }

  /** Returns how many pieces there are of each kind, by its number. */
  public Map<Long, Integer> byKind() {
    Map<Long, Integer> counts = new TreeMap<>();
    all().forEach(p -> counts.merge(p.kind().id(), p.count(), Integer::sum));
    return counts;
  }

  /** Returns how many pieces there are. */
  public int count() {
    return all().stream().mapToInt(SoiledPieces::count).sum();
  }
}
