package org.nestrinse.app.presence;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalTime;
import org.jspecify.annotations.Nullable;

/** The one row of what a household says about its weeks. */
@Entity
@Table(name = "week_setting")
class WeekSettingEntity {
  static final long ONLY = 1;

  @Id Long id = ONLY;
  @Version long version;
  @Nullable LocalTime quietFrom;
  @Nullable LocalTime quietTo;
  int householdEveryDays;
  @Nullable Instant maintainedAt;
}
