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
import org.nestrinse.core.kit.PlaceBuilder;

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
    return PlaceBuilder.builder()
        .name(name)
        .sort(Known.or(sort, Place.Type.AIRER))
        .facing(Known.or(facing, Place.Facing.NORTH))
        .exposure(exposure)
        .windFactor(windFactor)
        .sunFactor(sunFactor)
        .roomC(roomC)
        .roomHumidity(roomHumidity)
        .fan(fan)
        .watts(watts)
        .metres(metres)
        .pieces(pieces)
        .roomM3(roomM3)
        .freshM3H(freshM3H)
        .build();
  }
}
