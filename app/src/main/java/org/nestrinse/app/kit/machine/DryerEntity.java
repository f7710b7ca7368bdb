package org.nestrinse.app.kit.machine;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.hibernate.annotations.DynamicUpdate;
import org.nestrinse.app.kit.KitEntity;
import org.nestrinse.app.store.Known;
import org.nestrinse.core.kit.Dryer;

@Entity
@DynamicUpdate
@Table(name = "dryer")
class DryerEntity extends KitEntity {

  @Enumerated(EnumType.STRING)
  Dryer.Type type;

  double capacityKg;

  @Override
  public boolean readable() {
    return type != null;
  }

  Dryer toDryer() {
    return new Dryer(name, Known.or(type, Dryer.Type.VENTED), capacityKg);
  }
}
