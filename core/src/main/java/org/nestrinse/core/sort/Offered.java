package org.nestrinse.core.sort;

import org.nestrinse.core.gather.SoiledPieces;

/**
 * Pieces that wait and could go into a load.
 *
 * @param id number by which the caller knows them
 * @param pieces what waits
 * @param forBulk whether they lie in a basket of household pieces: they join main washes as bulk,
 *     and go on their own when they are due or fill a drum
 */
public record Offered(long id, SoiledPieces pieces, boolean forBulk) {
  /** Returns the same with another count. */
  Offered withCount(int count) {
    return new Offered(id, pieces.withCount(count), forBulk);
  }
}
