package org.nestrinse.app.dry;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "hanging_group")
class HangingEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long version;
  Long roundId;
  Long kindId;
  Long placeId;
  int pieces;
  Instant hungAt;
  double startMoisture;
  @Nullable Instant dryAt;
  @Nullable Long dryerId;
  @Nullable Double tumbleMinutes;
  boolean carriedIn;
  boolean crowded;

  /** Since when it is damp, wherever it has hung meanwhile. */
  @Nullable Instant dampSince;

  /** Hangs it in a spot from a moment on, as damp as it is then. */
  void hang(long place, boolean inside, boolean close, Instant at, double moisture) {
    placeId = place;
    carriedIn = inside;
    crowded = close;
    hungAt = at;
    startMoisture = moisture;
    dryerId = null;
    tumbleMinutes = null;
  }

  /** Puts it into a dryer. */
  void tumble(long dryer, double minutes, Instant at, double moisture) {
    hungAt = at;
    startMoisture = moisture;
    dryerId = dryer;
    tumbleMinutes = minutes;
  }

  /** Returns the same group with fewer pieces, to be saved beside this one. */
  HangingEntity part(int count) {
    HangingEntity e = new HangingEntity();
    e.roundId = roundId;
    e.kindId = kindId;
    e.placeId = placeId;
    e.pieces = count;
    e.hungAt = hungAt;
    e.startMoisture = startMoisture;
    e.dryerId = dryerId;
    e.tumbleMinutes = tumbleMinutes;
    e.carriedIn = carriedIn;
    e.crowded = crowded;
    e.dampSince = dampSince;
    return e;
  }
}
