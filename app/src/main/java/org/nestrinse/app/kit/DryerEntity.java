package org.nestrinse.app.kit;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.nestrinse.core.kit.Dryer;

@Entity
@Table(name = "dryer")
class DryerEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long version;
  String name;

  @Enumerated(EnumType.STRING)
  Dryer.Type type;

  double capacityKg;

  Dryer toDryer() {
    return new Dryer(name, type, capacityKg);
  }
}
