package org.nestrinse.core.judge;

import java.util.Arrays;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.wash.Standing;

/**
 * One thing to do otherwise. Some of them the plans do by themselves once they are tried; the
 * others are the person's to do, and are only watched.
 */
public enum Change {
  DOSE_UP("a tenth more detergent", Set.of("SUDS.suds", "FEEL.slimy", "JAR.suds")),
  DOSE_DOWN("a tenth less detergent", Set.of("SMELL_WET.ammonia", "SMELL_WET.barnyard")),
  RINSE_MORE("one rinse more", Standing.MORE_RINSE),
  HOTTER("the main wash at 60 where the pieces bear it", Standing.HOTTER),
  POWDER("powder in place of liquid", Standing.POWDER),
  FILL_MORE("small pieces added until the drum is two thirds full"),
  FILL_LESS("fewer pieces in a run"),
  SHORTER_HOLDING("washed after one day"),
  NO_COATING("no softener, no liquid with care; cream kept off by a liner"),
  REAL_DETERGENT("detergent in place of soap"),
  DRY_THROUGH("dried until the seams are warm, before anything is put away"),
  LOWER_DRYER("air, or the dryer on low"),
  PREPARE("washed in: a day's soak or a few washes more"),
  COLD_FIRST("cold water first; oxygen whitener and sun on what is set"),
  MORE_ABSORBENCY("a booster more, and the fit looked at"),
  BINS_APART("a bin for each use"),
  RETIRE("worn pieces taken out of use"),
  RESET("a reset");

  private final String words;
  private final Set<String> contrary;
  private final @Nullable Standing standing;

  Change(String words) {
    this(words, Set.of(), null);
  }

  Change(String words, Set<String> contrary) {
    this(words, contrary, null);
  }

  Change(String words, Standing standing) {
    this(words, Set.of(), standing);
  }

  Change(String words, Set<String> contrary, @Nullable Standing standing) {
    this.words = words;
    this.contrary = contrary;
    this.standing = standing;
  }

  /** Returns what is done, in words. */
  public String words() {
    return words;
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
