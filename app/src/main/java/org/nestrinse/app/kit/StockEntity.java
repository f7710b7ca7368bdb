package org.nestrinse.app.kit;

import jakarta.persistence.Entity;
import jakarta.persistence.EntityListeners;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.store.Checked;
import org.nestrinse.app.store.Checksums;

@Entity
@Table(name = "stock")
@EntityListeners(Checksums.class)
class StockEntity implements Checked {
  @Id Long kindId;
  int owned;
  int waiting;
  int washing;
  int drying;
  @Nullable String checksum;

  @Override
  public @Nullable String checksum() {
    return checksum;
  }

  @Override
  public void checksum(String now) {
    checksum = now;
  }

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
