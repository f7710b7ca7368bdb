package org.nestrinse.app.kit;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;

@Entity
@Table(name = "person")
class PersonEntity extends KitEntity {
  String about;
  boolean sensitiveSkin;
  boolean ill;
  boolean newborn;
  int dayBundles;
  int nightBundles;
  int bedPads;
  int sanitaryPads;
  int nursingPads;
  String rise = "";
  String snaps = "";

  @Override
  boolean readable() {
    return true;
  }
}
