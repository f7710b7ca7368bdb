package org.nestrinse.core.dry;

import org.nestrinse.core.kit.Place;
import org.nestrinse.core.said.Said;

/**
 * Where pieces hang: a place, or its rails carried inside.
 *
 * @param placeId the household's number for the place, whose room both share
 * @param place the place itself
 * @param carriedIn whether a movable airer stands inside
 */
public record Spot(long placeId, Place place, boolean carriedIn) {
  /** Returns the place as the pieces feel it. */
  public Place felt() {
    return carriedIn ? place.carriedIn() : place;
  }

  /** Returns whether weather reaches it. */
  public boolean outdoors() {
    return felt().outdoors();
  }

  /** Returns what it is called. */
  public Said said() {
    return carriedIn
        ? Said.of(DrySaying.CARRIED_INSIDE).with("place", place.name())
        : Said.from(place.name());
  }
}
