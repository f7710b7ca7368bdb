package org.nestrinse.app.week;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "week_pin")
class WeekPinEntity {
  @Id Instant startAt;
}
