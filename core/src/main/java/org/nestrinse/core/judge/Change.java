package org.nestrinse.core.judge;

import java.util.Arrays;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.wash.school.Standing;

/**
 * One thing to do otherwise. Some of them the plans do by themselves once they are tried; the
 * others are the person's to do, and are only watched.
 */
public enum Change implements Saying {
  DOSE_UP(Set.of("SUDS.suds", "FEEL.slimy", "JAR.suds")),
  DOSE_DOWN(Set.of("SMELL_WET.ammonia", "SMELL_WET.barnyard")),
  RINSE_MORE(Standing.MORE_RINSE),
  HOTTER(Standing.HOTTER),
  POWDER(Standing.POWDER),
  FILL_MORE,
  FILL_LESS,
  SHORTER_HOLDING,
  NO_COATING,
  REAL_DETERGENT,
  DRY_THROUGH,
  LOWER_DRYER,
  PREPARE,
  COLD_FIRST,
  MORE_ABSORBENCY,
  BINS_APART,
  RETIRE,
  RESET;

  /** How long pieces wait at most with {@link #SHORTER_HOLDING} [h]: washed after one day. */
  public static final int SHORT_HOLDING_H = 24;

  private final Set<String> contrary;
  private final @Nullable Standing standing;

  Change() {
    this(Set.of(), null);
  }

  Change(Set<String> contrary) {
    this(contrary, null);
  }

  Change(Standing standing) {
    this(Set.of(), standing);
  }

  Change(Set<String> contrary, @Nullable Standing standing) {
    this.contrary = contrary;
    this.standing = standing;
  }

  /** Returns the findings that show that it went too far, such as "SUDS.suds". */
  public Set<String> contrary() {
    return contrary;
  }

  /** Returns what every plan does while it is tried and once it is kept, or null. */
  public @Nullable Standing standing() {
    return standing;
  }

  /** Returns whether it does anything about a cause: whether the table lists it there. */
  public boolean touches(Cause cause) {
    return CauseTable.TABLE.touches(this, cause);
  }

  /** Returns whether a sign can change by it: whether a cause that it touches shows there. */
  public boolean couldChange(Sign sign) {
    return Arrays.stream(Cause.values())
        .anyMatch(c -> touches(c) && CauseTable.TABLE.shows(c, sign));
  }

  /** Returns the way that the dose goes: 1 up, −1 down, 0 when it stays. */
  public int trimDirection() {
    return this == DOSE_UP ? 1 : this == DOSE_DOWN ? -1 : 0;
  }
}
