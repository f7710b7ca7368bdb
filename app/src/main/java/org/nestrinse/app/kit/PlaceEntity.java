package org.nestrinse.app.kit;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.nestrinse.core.kit.Place;

@Entity
@Table(name = "place")
class PlaceEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long version;
  String name;
  boolean outdoors;
  double exposure;
  double windFactor;
  double sunFactor;

  @Column(name = "room_c")
  double roomC;

  double roomHumidity;

  Place toPlace() {
    return new Place(name, outdoors, exposure, windFactor, sunFactor, roomC, roomHumidity);
  }
}
