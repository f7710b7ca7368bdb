package org.nestrinse.app.dry;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ForecastRepository extends JpaRepository<ForecastHourEntity, Instant> {
  List<ForecastHourEntity> findByFromHourGreaterThanEqualAndFromHourLessThanOrderByFromHourAsc(
      Instant from, Instant to);

  Optional<ForecastHourEntity> findFirstByOrderByFromHourDesc();
}
