package org.nestrinse.app.gather.normal;

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
import org.nestrinse.core.gather.DayPart;
import org.nestrinse.core.gather.NormalDay;
import org.nestrinse.core.gather.Soil;

/** A line of someone's normal day. */
@Entity
@DynamicUpdate
@Table(name = "habit")
class HabitEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long version;
  Long personId;
  Long kindId;
  Long pailId;

  @Enumerated(EnumType.STRING)
  Soil soil;

  @Enumerated(EnumType.STRING)
  DayPart part;

  int pieces;

  /** Nothing is assumed for times before. */
  Instant sinceAt;

  @Nullable Instant removedAt;

  NormalDay.Habit toHabit() {
    return new NormalDay.Habit(id, personId, kindId, soil, part, pieces);
  }
}
