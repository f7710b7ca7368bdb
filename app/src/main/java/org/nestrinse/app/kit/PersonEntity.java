package org.nestrinse.app.kit;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

@Entity
@Table(name = "person")
class PersonEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long version;
  String name;
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
}
