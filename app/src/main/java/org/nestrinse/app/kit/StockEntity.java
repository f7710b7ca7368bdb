package org.nestrinse.app.kit;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

@Entity
@Table(name = "stock")
class StockEntity {
  @Id Long kindId;
  int owned;
  int waiting;
  int washing;
  int drying;

  Stock toStock() {
    return new Stock(owned, owned - waiting - washing - drying, waiting, washing, drying);
  }
}
