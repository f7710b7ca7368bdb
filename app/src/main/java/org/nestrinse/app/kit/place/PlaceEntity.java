package org.nestrinse.app.kit.place;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.KitEntity;
import org.nestrinse.app.store.Known;
import org.nestrinse.core.kit.Place;

@Entity
@DynamicUpdate
@Table(name = "place")
class PlaceEntity extends KitEntity {

  @Enumerated(EnumType.STRING)
  Place.Type sort;

  @Enumerated(EnumType.STRING)
  Place.Facing facing;

  double exposure;
  double windFactor;
  double sunFactor;

  @Column(name = "room_c")
  double roomC;

  double roomHumidity;
  boolean fan;
  double watts;
  @Nullable Double metres;
  @Nullable Integer pieces;

  @Column(name = "room_m3")
  @Nullable Double roomM3;

  @Column(name = "fresh_m3_h")
  @Nullable Double freshM3H;

  @Override
  public boolean readable() {
    return sort != null && facing != null;
  }

  Place toPlace() {
    return new Place(
        name,
        Known.or(sort, Place.Type.AIRER),
        Known.or(facing, Place.Facing.NORTH),
        exposure,
        windFactor,
        sunFactor,
        roomC,
        roomHumidity,
        fan,
        watts,
        metres,
        pieces,
        roomM3,
        freshM3H);
  }
}
