package org.nestrinse.app.wear;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.shelf.WearHistory;

@Entity
@Table(name = "piece_batch")
class BatchEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long version;
  Long kindId;
  int pieces;
  Instant boughtAt;
  double price;
  double washes;
  double hotWashes;
  double bleaches;
  double sunHours;
  double tumbleHours;
  double used;
  String note = "";
  @Nullable Instant lookedAt;
  @Nullable Instant retiredAt;

  /** Returns what its pieces have been through. */
  WearHistory history() {
    return new WearHistory(washes, hotWashes, bleaches, sunHours, tumbleHours, used);
  }

  /** Keeps what its pieces have been through. */
  void keep(WearHistory history) {
    washes = history.washes();
    hotWashes = history.hotWashes();
    bleaches = history.bleaches();
    sunHours = history.sunHours();
    tumbleHours = history.tumbleHours();
    used = history.used();
  }
}
