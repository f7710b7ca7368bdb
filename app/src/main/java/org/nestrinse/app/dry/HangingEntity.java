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
}
