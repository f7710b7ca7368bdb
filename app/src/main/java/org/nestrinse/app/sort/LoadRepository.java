package org.nestrinse.app.sort;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface LoadRepository extends JpaRepository<LoadEntity, Long> {
  List<LoadEntity> findByStateOrderById(LoadEntity.State state);
}
