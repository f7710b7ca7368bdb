package org.nestrinse.app.gather.pail;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface LotRepository extends JpaRepository<LotEntity, Long> {
  List<LotEntity> findByRemovedAtIsNullOrderById();

  List<LotEntity> findByRoundId(long roundId);

  List<LotEntity> findByRoundIdAndKindId(long roundId, long kindId);
}
