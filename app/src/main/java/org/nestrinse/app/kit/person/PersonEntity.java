package org.nestrinse.app.kit.person;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import org.nestrinse.app.kit.KitEntity;

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
  public boolean readable() {
    return true;
  }
}
