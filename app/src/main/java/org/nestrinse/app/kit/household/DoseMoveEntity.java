package org.nestrinse.app.kit.household;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.DynamicUpdate;

/** One move of the learned correction of the dose. */
@Entity
@DynamicUpdate
@Table(name = "dose_move")
class DoseMoveEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  Instant movedAt;
  double fromTrim;
  double toTrim;

  @Enumerated(EnumType.STRING)
  TrimService.Moved reason;
}
