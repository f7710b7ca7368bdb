package org.nestrinse.app.record;

import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.nestrinse.core.judge.Sign;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ObservationRepository extends JpaRepository<ObservationEntity, Long> {
  List<ObservationEntity> findByHiddenFalseAndSeenAtBetweenOrderBySeenAtAscIdAsc(
      Instant from, Instant to);

  Slice<ObservationEntity> findByHiddenFalseOrderBySeenAtAscIdAsc(Pageable page);

  List<ObservationEntity> findByHiddenFalseAndSignAndKindIsNotNullOrderBySeenAtAscIdAsc(Sign sign);

  @Query("select e.uid from ObservationEntity e")
  Set<String> uids();

  boolean existsByRoundIdAndSignAndReading(Long roundId, Sign sign, String reading);

  boolean existsBySource(String source);

  void deleteBySource(String source);

  List<ObservationEntity> findByRoundId(Long roundId);

  void deleteByRoundId(Long roundId);
}
