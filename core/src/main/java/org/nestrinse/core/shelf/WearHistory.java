package org.nestrinse.core.shelf;

import org.nestrinse.core.textile.Kind;

/**
 * What a piece of a batch has been through on average. Single pieces are not tracked one by one:
 * what happens to some of a kind is spread evenly over all of it.
 *
 * @param washes it has had
 * @param hotWashes of them at 60 or more
 * @param bleaches of them with bleach of any sort
 * @param sunHours of strong sun
 * @param tumbleHours in the dryer
 * @param used of its life, in ordinary washes
 * @see "docs/models.md, wear of textiles"
 */
public record WearHistory(
    double washes,
    double hotWashes,
    double bleaches,
    double sunHours,
    double tumbleHours,
    double used) {
  /** A piece that was just bought. */
  public static final WearHistory NEW = new WearHistory(0, 0, 0, 0, 0, 0);

  /**
   * Some pieces of a kind out of all that are owned.
   *
   * @param kind what they are
   * @param pieces how many
   * @param owned out of how many
   */
  public record Some(Kind kind, int pieces, int owned) {
    /** Returns the share of all that they are, at most 1. */
    double share() {
      return pieces / (double) Math.max(owned, pieces);
    }
  }

  /** Returns it after some of its kind were washed. */
  public WearHistory washed(Some some, TextileLife.Wash wash) {
    double share = some.share();
    return new WearHistory(
        washes + share,
        hotWashes + (wash.peakC() >= TextileLife.HOT_C ? share : 0),
        bleaches + (wash.oxygen() || wash.chlorine() ? share : 0),
        sunHours,
        tumbleHours,
        used + share * TextileLife.takes(some.kind(), wash));
  }

  /**
   * Returns it after some of its kind dried, each hour that is told counted for every one of them.
   *
   * @param sunH hours of strong sun
   * @param tumbleH hours in the dryer
   */
  public WearHistory dried(Some some, double sunH, double tumbleH) {
    return with(some, sunH, tumbleH, 1);
  }

  /** Returns it as it was before some of its kind dried, when that is taken back. */
  public WearHistory notDried(Some some, double sunH, double tumbleH) {
    return with(some, sunH, tumbleH, -1);
  }

  private WearHistory with(Some some, double sunH, double tumbleH, int sign) {
    double share = sign * some.share();
    return new WearHistory(
        washes,
        hotWashes,
        bleaches,
        Math.max(0, sunHours + share * sunH),
        Math.max(0, tumbleHours + share * tumbleH),
        Math.max(0, used + share * TextileLife.dryingTakes(some.kind(), sunH, tumbleH)));
  }
}
