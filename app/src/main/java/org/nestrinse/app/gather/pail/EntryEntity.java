package org.nestrinse.app.gather.pail;

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
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.store.Known;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.Solids;

/**
 * Pieces that came into a pail. Those that went into a load are counted as taken; the row stays.
 */
@Entity
@DynamicUpdate
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

  /** Returns what soils them; what cannot be read counts as the worst. */
  Soil soil() {
    return Known.or(soil, Soil.STOOL);
  }

  /** Returns whether anything solid is on them still; what cannot be read counts as still on. */
  Solids solids() {
    return Known.or(solids, Solids.STILL_ON);
  }

  int left() {
    return pieces - taken;
  }
}
