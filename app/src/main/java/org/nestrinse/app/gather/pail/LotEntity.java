package org.nestrinse.app.gather.pail;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** New pieces of one kind, bought together, on their way to full use. */
@Entity
@Table(name = "new_lot")
class LotEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long version;
  Long kindId;
  int pieces;
  int washes;
  int soakedMinutes;
  @Nullable Instant soakStartedAt;
  Instant boughtAt;
  @Nullable Instant readyAt;
  @Nullable Instant removedAt;

  /** The last round it was washed in. */
  @Nullable Long roundId;

  Duration soaked() {
    return Duration.ofMinutes(soakedMinutes);
  }
}
