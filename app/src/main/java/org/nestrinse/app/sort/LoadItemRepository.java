package org.nestrinse.app.sort;

import java.util.Collection;
import java.util.List;
import org.nestrinse.app.kit.kind.KindCount;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface LoadItemRepository extends JpaRepository<LoadItemEntity, Long> {
  List<LoadItemEntity> findByLoadIdOrderById(long loadId);

  @Query(
      """
      select new org.nestrinse.app.kit.kind.KindCount(i.kindId, sum(i.pieces)) from LoadItemEntity i
      where i.loadId in (select l.id from LoadEntity l where l.state = :state) group by i.kindId""")
  List<KindCount> byKind(LoadEntity.State state);

  @Query(
      """
      select new org.nestrinse.app.kit.kind.KindCount(i.kindId, sum(i.pieces)) from LoadItemEntity i
      where i.loadId in :loads group by i.kindId""")
  List<KindCount> byKind(Collection<Long> loads);
}
