package org.nestrinse.app.dry;

import java.util.List;
import org.nestrinse.app.kit.kind.KindCount;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface HangingRepository extends JpaRepository<HangingEntity, Long> {
  List<HangingEntity> findByDryAtIsNullOrderByHungAtAscIdAsc();

  @Query(
      """
      select new org.nestrinse.app.kit.kind.KindCount(e.kindId, sum(e.pieces)) from HangingEntity e
      where e.dryAt is null group by e.kindId""")
  List<KindCount> byKind();

  void deleteByRoundId(long roundId);

  boolean existsByRoundIdAndDryAtIsNull(long roundId);
}
