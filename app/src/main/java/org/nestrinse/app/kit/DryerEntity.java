package org.nestrinse.app.kit;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.nestrinse.core.kit.Dryer;

@Entity
@Table(name = "dryer")
class DryerEntity extends KitEntity {

  @Enumerated(EnumType.STRING)
  Dryer.Type type;

  double capacityKg;

  Dryer toDryer() {
    return new Dryer(name, type, capacityKg);
  }
}
