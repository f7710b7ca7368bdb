package org.nestrinse.core.gather;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How long soiled pieces may wait.
 *
 * @see "docs/models.md, holding"
 */
public final class HoldingClock {
  /** Damp cloths sour in a day [h]. */
  public static final int DAMP_CLOTH_HOURS = 24;

  /** Nothing wet with urine waits longer than this, whatever the household prefers [h]. */
  public static final int LONGEST_WET_HOURS = 72;

  /** Without air, whatever is damp sours within a day [h]. */
  public static final int CLOSED_HOURS = 24;

  /** What an ill person soiled does not wait [h]. */
  public static final int ILL_HOURS = 24;

  private HoldingClock() {}

  /** Returns how long these pieces may wait. */
  public static Duration limit(SoiledPieces pieces) {
    int hours =
        switch (pieces.soil()) {
          case WET, STOOL, VOMIT, MILK -> pieces.storage().wetHours();
          default -> pieces.soil().holdHours();
        };
    if (pieces.dampCloth()) {
      hours = Math.min(hours, DAMP_CLOTH_HOURS);
    }
    if (!pieces.storage().airy() && pieces.soil().damp()) {
      hours = Math.min(hours, CLOSED_HOURS);
    }
    if (pieces.needs().contains(SkinNeed.ILL)) {
      hours = Math.min(hours, ILL_HOURS);
    }
    return Duration.ofHours(hours);
  }

  /** Returns in one sentence what sets the limit of these pieces. */
  public static String reason(SoiledPieces pieces) {
    if (pieces.needs().contains(SkinNeed.ILL)) {
      return "What an ill person soiled is washed within a day, apart.";
    }
    if (pieces.dampCloth()) {
      return "Damp cloths sour within a day. Rinse them after use, or wash them soon.";
    }
    if (!pieces.storage().airy() && pieces.soil().damp()) {
      return "Closed up, damp pieces sour within a day. Open the bag or lift the lid, and they keep longer.";
    }
    return switch (pieces.soil()) {
      case WET, STOOL, VOMIT, MILK ->
          "Urine turns to ammonia and eats the fibre. Most carers wash every second day; three days is the end."
              + " Dry and airy slows it, a sealed lid makes it worse.";
      case BLOOD -> "Stored dry, blood keeps for a week; the stain sets more the longer it waits.";
      default -> "The longer it waits, the deeper it sets.";
    };
  }

  /** Returns when these pieces should be in the wash. */
  public static Instant due(SoiledPieces pieces) {
    return pieces.since().plus(limit(pieces));
  }

  /** Returns the pieces that are due first, or nothing when nothing waits. */
  public static Optional<SoiledPieces> dueFirst(List<SoiledPieces> waiting) {
    return waiting.stream().min(Comparator.comparing(HoldingClock::due));
  }
}
