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
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.Solids;

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

  @Enumerated(EnumType.STRING)
  Solids solids;

  Instant cameIn;
  @Nullable Instant removedAt;

  /** Whether it comes from a normal day and nobody has confirmed it. */
  boolean assumed;

  @Nullable Long habitId;
  @Nullable LocalDate habitDay;

  /** Pieces of an assumed entry that these stand for. */
  @Nullable Long replacesId;

  int replaces;

  /** The lot of new pieces that these are, if they are new. */
  @Nullable Long lotId;

  int left() {
    return pieces - taken;
  }
}
