package org.nestrinse.core.sort;

import java.util.function.BiPredicate;
import org.nestrinse.core.gather.SoiledPieces;

/**
 * A rule about who may not travel in one machine run.
 *
 * @param name a short name
 * @param reason why, in one sentence
 * @param parts whether the rule keeps the two apart; asked in both orders
 */
public record TravelRule(
    String name, String reason, BiPredicate<SoiledPieces, SoiledPieces> parts) {

  /** Returns whether these two must not share a run. */
  public boolean keepsApart(SoiledPieces one, SoiledPieces other) {
    return parts.test(one, other) || parts.test(other, one);
  }
}
