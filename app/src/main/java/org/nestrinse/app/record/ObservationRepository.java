package org.nestrinse.app.record;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.nestrinse.core.judge.Sign;
import org.springframework.data.jpa.repository.JpaRepository;

interface ObservationRepository extends JpaRepository<ObservationEntity, Long> {
  List<ObservationEntity> findBySeenAtBetweenOrderBySeenAtAscIdAsc(Instant from, Instant to);

  List<ObservationEntity> findByOrderBySeenAtAscIdAsc();

  Optional<ObservationEntity> findByUid(String uid);

  boolean existsByRoundIdAndSignAndReading(Long roundId, Sign sign, String reading);

  void deleteByRoundId(Long roundId);
}
