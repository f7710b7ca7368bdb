package org.nestrinse.app.kit.kind;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.nestrinse.app.store.CheckedRow;
import org.nestrinse.core.household.Stock;

@Entity
@Table(name = "stock")
class StockEntity extends CheckedRow {
  @Id Long kindId;
  int owned;
  int waiting;
  int washing;
  int drying;

  /** Counts pieces in or out of a place; clean are those that are nowhere else. */
  void add(Stock.Whereabouts place, int count) {
    switch (place) {
      case WAITING -> waiting += count;
      case WASHING -> washing += count;
      case DRYING -> drying += count;
      case CLEAN -> {
        // Nothing is written: it is what remains.
      }
    }
  }

  Stock toStock() {
    return new Stock(owned, owned - waiting - washing - drying, waiting, washing, drying);
  }
}
