package org.nestrinse.core.household;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.shelf.WeekQuestion;

/**
 * How a household lives with its laundry.
 *
 * @param wetHours how long wet pieces may wait [h]
 * @param piecesTold pieces that its normal days bring, 0 when nobody said
 * @param presence when somebody is there; nobody named means always
 * @param quiet when the machine must not run, or null
 * @param householdEveryDays days between loads of other laundry, 0 for none
 * @param maintained the machine's last maintenance wash, or null when nobody said
 */
public record LaundryHabits(
    int wetHours,
    int piecesTold,
    List<WeekQuestion.Presence> presence,
    WeekQuestion.@Nullable Quiet quiet,
    int householdEveryDays,
    @Nullable Instant maintained) {
  private static final int HOURS_PER_DAY = 24;

  public LaundryHabits {
    presence = List.copyOf(presence);
  }

  /** Returns the rhythm that the holding time asks for: days from wash to wash, at least one. */
  public int daysApart() {
    return Math.max(1, wetHours / HOURS_PER_DAY);
  }
}
