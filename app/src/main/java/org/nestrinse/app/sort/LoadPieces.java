package org.nestrinse.app.sort;

import java.util.List;
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

  /** Returns how many pieces there are. */
  public int count() {
    return all().stream().mapToInt(SoiledPieces::count).sum();
  }
}
