package org.nestrinse.app.week;

import java.time.Instant;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface WeekPinRepository extends JpaRepository<WeekPinEntity, Instant> {
  List<WeekPinEntity> findByStartAtGreaterThanEqualOrderByStartAt(Instant from);
}
