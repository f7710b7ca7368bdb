package org.nestrinse.app.kit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.problem.Given;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.Range;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The places where pieces hang. */
@Service
public class PlaceService {
  private static final int LONGEST_NAME = 80;
  private static final Range FACTOR = new Range(0, 1, "");

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

  /** What is sent to add a place. */
  public record Change(
      @Nullable String name,
      @Nullable Boolean outdoors,
      @Nullable Double exposure,
      @Nullable Double windFactor,
      @Nullable Double sunFactor,
      @Nullable Double roomC,
      @Nullable Double roomHumidity) {}

  /** Adds a place as it is sent; everything is checked. */
  @Transactional
  public Numbered add(Change c) {
    return add(
        new Place(
            Given.text("name", c.name, LONGEST_NAME),
            Given.yesNo("outdoors", c.outdoors),
            Given.number("exposure", c.exposure, Limits.EXPOSURE),
            Given.number("windFactor", c.windFactor, FACTOR),
            Given.number("sunFactor", c.sunFactor, FACTOR),
            Given.number("roomC", c.roomC, Limits.AIR_C),
            Given.number("roomHumidity", c.roomHumidity, Limits.HUMIDITY_PERCENT)));
  }

  private Numbered add(Place place) {
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
