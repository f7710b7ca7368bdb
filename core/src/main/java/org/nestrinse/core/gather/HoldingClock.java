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

  /** Returns what sets the limit of these pieces. */
  public static HoldingSaying reason(SoiledPieces pieces) {
    if (pieces.needs().contains(SkinNeed.ILL)) {
      return HoldingSaying.ILL;
    }
    if (pieces.dampCloth()) {
      return HoldingSaying.DAMP_CLOTH;
    }
    if (!pieces.storage().airy() && pieces.soil().damp()) {
      return HoldingSaying.CLOSED;
    }
    return switch (pieces.soil()) {
      case WET, STOOL, VOMIT, MILK -> HoldingSaying.URINE;
      case BLOOD -> HoldingSaying.BLOOD;
      default -> HoldingSaying.OTHER;
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
