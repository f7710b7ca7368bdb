package org.nestrinse.app.kit;

import java.util.List;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.core.kit.Place;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The places where pieces hang. */
@Service
public class PlaceService {
  private final PlaceRepository places;

  PlaceService(PlaceRepository places) {
    this.places = places;
  }

  /**
   * A place with its number.
   *
   * @param id number
   * @param place the place
   */
  public record Numbered(long id, Place place) {}

  /** Returns all places. */
  @Transactional(readOnly = true)
  public List<Numbered> all() {
    return places.findAll(Sort.by("id")).stream()
        .map(p -> new Numbered(p.id, p.toPlace()))
        .toList();
  }

  /** Returns one place; throws {@link NotFound} when there is none. */
  @Transactional(readOnly = true)
  public Place one(long id) {
    return places.findById(id).orElseThrow(() -> new NotFound("place", id)).toPlace();
  }

  /** Adds a place. */
  @Transactional
  public Numbered add(Place place) {
    PlaceEntity e = new PlaceEntity();
    e.name = place.name();
    e.outdoors = place.outdoors();
    e.exposure = place.exposure();
    e.windFactor = place.windFactor();
    e.sunFactor = place.sunFactor();
    e.roomC = place.roomC();
    e.roomHumidity = place.roomHumidity();
    return new Numbered(places.save(e).id, place);
  }
}
