package org.nestrinse.core.dry;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.textile.Kind;

/**
 * Where a kind dries first that comes out of an ordinary spin.
 *
 * @param place the place
 * @param hours until it is dry there [h]
 */
public record BestPlace(Place place, double hours) {
  /** An ordinary last spin [rpm]. */
  private static final int SPIN_RPM = 1000;

  /**
   * Returns the best of some places; nothing when it dries in none of them within four days.
   *
   * @param hung when it is hung
   * @param weather hour by hour, the first one holds {@code hung}
   * @param drumRadiusM of the machine it was spun in [m]
   */
  public static Optional<BestPlace> of(
      Kind kind, List<Place> places, Instant hung, List<WeatherHour> weather, double drumRadiusM) {
    double moisture = HangingGroup.moistureAfterSpin(kind, SPIN_RPM, drumRadiusM);
    return places.stream()
        .flatMap(
            place ->
                Optional.ofNullable(
                    HangingGroup.of(kind, place, hung, moisture, weather).drying().hoursToDry())
                    .map(hours -> new BestPlace(place, hours))
                    .stream())
        .min(Comparator.comparingDouble(BestPlace::hours));
  }

  /** Returns when what was hung at a moment is dry. */
  public Instant dryBy(Instant hung) {
    return HangingGroup.after(hung, hours);
  }
}
