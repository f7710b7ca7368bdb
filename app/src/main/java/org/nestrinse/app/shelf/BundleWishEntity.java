package org.nestrinse.app.shelf;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

@Entity
@Table(name = "bundle_wish")
class BundleWishEntity {
  @Id String recipe;
  int wanted;
}
