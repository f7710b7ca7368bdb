package org.nestrinse.app.sort;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.store.Known;
import org.nestrinse.core.gather.Soil;

@Entity
@DynamicUpdate
@Table(name = "load_item")
class LoadItemEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  Long loadId;

  /** The entry they came from; null when they were clean and came from the shelf. */
  @Nullable Long entryId;

  Long kindId;
  @Nullable Long personId;
  int pieces;

  @Enumerated(EnumType.STRING)
  Soil soil;

  boolean solidsOff;
  Instant cameIn;
  boolean bulker;

  /** The lot of new pieces they are of, if they are new. */
  @Nullable Long lotId;

  /** Whether their dye may bleed into others. */
  boolean newDye;

  /** Whether they are new and were never washed. */
  boolean firstWash;

  /** Returns what soils them; what cannot be read counts as the worst. */
  Soil soil() {
    return Known.or(soil, Soil.STOOL);
  }

  /** Returns whether they were clean and came from the shelf. */
  boolean fromShelf() {
    return entryId == null;
  }

  /** Returns whether a person would not tell the two apart: same kind, same soil, same set. */
  boolean alike(LoadItemEntity other) {
    return kindId.equals(other.kindId)
        && soil == other.soil
        && bulker == other.bulker
        && fromShelf() == other.fromShelf();
  }
}
