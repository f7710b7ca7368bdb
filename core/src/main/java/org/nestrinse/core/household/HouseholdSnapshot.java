package org.nestrinse.core.household;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.gather.SoiledPieces;

/**
 * A household at one moment. It is read once; everything that follows from it is computed from this
 * value alone.
 *
 * @param shelf what is owned and used
 * @param equipment what it washes and dries with
 * @param weather what is foretold
 * @param waiting what waits in pails and was used on a body; baskets of bulkers are not in it
 * @param hanging what hangs or tumbles
 * @param washing what is left of the round that runs [min], or null when none does
 * @param past the washes until now
 * @param habits how it lives with its laundry
 */
public record HouseholdSnapshot(
    ShelfStock shelf,
    Equipment equipment,
    Weather weather,
    List<SoiledPieces> waiting,
    List<Hanging> hanging,
    @Nullable Double washing,
    PastWashes past,
    LaundryHabits habits) {
  public HouseholdSnapshot {
    waiting = List.copyOf(waiting);
    hanging = List.copyOf(hanging);
  }
}
