package org.nestrinse.app.sort;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface LoadItemRepository extends JpaRepository<LoadItemEntity, Long> {
  List<LoadItemEntity> findByLoadIdOrderById(long loadId);
}
