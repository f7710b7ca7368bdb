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

  private HoldingClock() {}

  /** Returns how long these pieces may wait. */
  public static Duration limit(SoiledPieces pieces) {
    return Duration.ofHours(pieces.dampCloth() ? DAMP_CLOTH_HOURS : pieces.soil().holdHours());
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
