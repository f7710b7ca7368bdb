package org.nestrinse.app.kit.place;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.KitEntity;
import org.nestrinse.app.kit.KitRefusal;
import org.nestrinse.app.kit.Removable;
import org.nestrinse.app.kit.Thing;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.Stale;
import org.nestrinse.app.problem.What;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The places where pieces hang. */
@Service
public class PlaceService implements Removable {
  private static final int LONGEST_NAME = 80;
  private static final Range VERSION = new Range(0, Integer.MAX_VALUE);

  private final PlaceRepository places;

  PlaceService(PlaceRepository places) {
    this.places = places;
  }

  /**
   * A place with its number.
   *
   * @param id number
   * @param version counts its changes
   * @param place the place
   * @param words what it is, its sun, its room and what it draws
   */
  public record Numbered(long id, long version, Place place, Said words) {}

  /** Returns all places. */
  @Transactional(readOnly = true)
  public List<Numbered> all() {
    return places.findByRemovedAtIsNull(Sort.by("id")).stream().map(PlaceService::view).toList();
  }

  /** Returns one place; throws {@link NotFound} when there is none. */
  @Transactional(readOnly = true)
  public Place one(long id) {
    return entity(id).toPlace();
  }

  /** What is sent to add or change a place. */
  @RecordBuilder
  public record Change(
      @Nullable Integer version,
      @Nullable String name,
      Place.@Nullable Type sort,
      Place.@Nullable Facing facing,
      @Nullable Double exposure,
      @Nullable Double windFactor,
      @Nullable Double sunFactor,
      @Nullable Double roomC,
      @Nullable Double roomHumidity,
      @Nullable Boolean fan,
      @Nullable Double watts,
      @Nullable Double metres,
      @Nullable Integer pieces,
      @Nullable Double roomM3,
      @Nullable Double freshM3H) {}

  /** Adds a place as it is sent; everything is checked. */
  @Transactional
  public Numbered add(Change c) {
    return apply(new PlaceEntity(), c);
  }

  /** Changes a place; throws {@link Stale} when it was changed since the version sent. */
  @Transactional
  public Numbered change(long id, Change c) {
    PlaceEntity e = entity(id);
    if (e.version != RequestChecks.whole("version", c.version, VERSION)) {
      throw new Stale(e.name, view(e));
    }
    return apply(e, c);
  }

  private Numbered apply(PlaceEntity e, Change c) {
    e.name = RequestChecks.text("name", c.name, LONGEST_NAME);
    e.sort = RequestChecks.choice("sort", c.sort, Place.Type.class);
    e.facing = c.facing == null ? Place.Facing.OPEN : c.facing;
    e.exposure = RequestChecks.number("exposure", c.exposure, Limits.EXPOSURE);
    e.windFactor = RequestChecks.number("windFactor", c.windFactor, Place.FACTOR);
    e.sunFactor = RequestChecks.number("sunFactor", c.sunFactor, Place.FACTOR);
    e.roomC = RequestChecks.number("roomC", c.roomC, Limits.AIR_C);
    e.roomHumidity = RequestChecks.number("roomHumidity", c.roomHumidity, Limits.HUMIDITY_PERCENT);
    e.fan = Boolean.TRUE.equals(c.fan);
    e.watts = RequestChecks.numberOr("watts", c.watts, Place.WATTS, 0);
    e.metres = RequestChecks.optional("metres", c.metres, Place.METRES);
    e.pieces = c.pieces == null ? null : Integer.valueOf(Place.PIECES.check("pieces", c.pieces));
    if (e.metres == null && e.pieces == null) {
      throw new OutOfRange("metres", Allowed.MISSING, KitRefusal.LENGTH_OR_PIECES);
    }
    e.roomM3 = RequestChecks.optional("roomM3", c.roomM3, Place.ROOM_M3);
    e.freshM3H = RequestChecks.optional("freshM3H", c.freshM3H, Place.FRESH_M3_H);
    e.refuseTwins(places.findByRemovedAtIsNull(Sort.unsorted()));
    return view(places.saveAndFlush(e));
  }

  private PlaceEntity entity(long id) {
    return places.findById(id).orElseThrow(() -> new NotFound(What.PLACE, id));
  }

  private static Numbered view(PlaceEntity e) {
    return new Numbered(e.id, e.version, e.toPlace(), e.toPlace().said());
  }

  @Override
  public Thing thing() {
    return Thing.PLACE;
  }

  @Override
  public JpaRepository<? extends KitEntity, Long> rows() {
    return places;
  }
}
