package org.nestrinse.app.gather.pail;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.store.Known;
import org.nestrinse.core.gather.PailStyle;

@Entity
@DynamicUpdate
@Table(name = "pail")
class PailEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long version;
  String name;

  @Enumerated(EnumType.STRING)
  PailStyle style;

  @Column(name = "capacity_l")
  double capacityL;

  @Nullable Long personId;
  int position;
  boolean airy;

  /** Which of two liners is in: A or B; null when there are not two. */
  @Nullable String liner;

  @Nullable Instant emptiedAt;
  @Nullable Instant emptiedBefore;
  @Nullable Instant removedAt;

  /** Returns what it is; what cannot be read counts as a dry pail. */
  PailStyle style() {
    return Known.or(style, PailStyle.DRY_PAIL);
  }

  /** Puts the other liner in, where there are two. */
  void swapLiner() {
    if (liner != null) {
      liner = otherLiner();
    }
  }

  @Nullable String otherLiner() {
    return liner == null ? null : liner.equals("A") ? "B" : "A";
  }
}
