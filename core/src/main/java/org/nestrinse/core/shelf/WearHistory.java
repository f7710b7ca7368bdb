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

  /** Returns the history with one more wash in it. */
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
   * Returns the history with one more drying in it. Each of the dried pieces had all of these
   * hours.
   *
   * @param sunH hours of strong sun
   * @param tumbleH hours in the dryer
   */
  public WearHistory dried(Some some, double sunH, double tumbleH) {
    return with(some, sunH, tumbleH, 1);
  }

  /** Returns the history with a drying taken out again. */
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
