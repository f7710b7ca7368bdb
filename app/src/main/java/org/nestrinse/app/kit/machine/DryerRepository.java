package org.nestrinse.app.kit.machine;

import java.util.List;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.repository.JpaRepository;

interface DryerRepository extends JpaRepository<DryerEntity, Long> {
  List<DryerEntity> findByRemovedAtIsNull(Sort sort);
}
