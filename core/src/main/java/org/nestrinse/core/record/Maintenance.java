package org.nestrinse.core.record;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.shelf.TextileLife;
import org.nestrinse.core.shelf.WeekExtras;

/**
 * Whether the machine itself is due for an empty hot wash: monthly, or after several cool washes in
 * a row.
 *
 * @param due whether it is
 * @param rounds since the last
 * @param coolInRow cool rounds in a row, up to now
 * @param says it in a sentence
 */
public record Maintenance(boolean due, int rounds, int coolInRow, Said says) {
  /**
   * Returns whether it is due.
   *
   * @param rounds all rounds, oldest first
   * @param maintainedAt when it was done last, or null for never
   * @param now now
   */
  public static Maintenance of(
      List<PastRound> rounds, @Nullable Instant maintainedAt, Instant now) {
    List<PastRound> since =
        rounds.stream()
            .filter(PastRound::washed)
            .filter(r -> maintainedAt == null || r.startedAt().isAfter(maintainedAt))
            .toList();
    int cool = 0;
    for (PastRound r : since) {
      cool = r.bath().peakC() >= TextileLife.HOT_C ? 0 : cool + 1;
    }
    Instant from =
        maintainedAt != null ? maintainedAt : since.isEmpty() ? now : since.get(0).startedAt();
    long days = Duration.between(from, now).toDays();
    boolean manyCool = cool >= WeekExtras.MAINTENANCE_COOL_ROUNDS;
    boolean due = manyCool || days >= WeekExtras.MAINTENANCE_DAYS;
    Said says =
        Said.of(due ? MaintenanceNote.DUE : MaintenanceNote.LATER)
            .with("days", (int) days)
            .with("rounds", since.size())
            .with("cool", cool);
    if (!due) {
      says =
          says.with("everyDays", WeekExtras.MAINTENANCE_DAYS)
              .with("everyCool", WeekExtras.MAINTENANCE_COOL_ROUNDS);
    }
    return new Maintenance(due, since.size(), cool, says);
  }
}
