package org.nestrinse.app.gather;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.gather.Soil;

/**
 * Pieces that came into a pail. Those that went into a load are counted as taken; the row stays.
 */
@Entity
@Table(name = "pail_entry")
class EntryEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long version;
  Long pailId;
  Long kindId;
  int pieces;
  int taken;

  @Enumerated(EnumType.STRING)
  Soil soil;

  boolean solidsOff;
  Instant cameIn;
  @Nullable Instant removedAt;

  int left() {
    return pieces - taken;
  }
}
