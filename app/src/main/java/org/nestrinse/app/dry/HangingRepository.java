package org.nestrinse.app.dry;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface HangingRepository extends JpaRepository<HangingEntity, Long> {
  List<HangingEntity> findByDryAtIsNullOrderByHungAtAscIdAsc();

  void deleteByRoundId(long roundId);

  boolean existsByRoundIdAndDryAtIsNull(long roundId);
}
