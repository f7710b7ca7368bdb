package org.nestrinse.app.kit.machine;

import java.util.List;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.repository.JpaRepository;

interface MachineRepository extends JpaRepository<MachineEntity, Long> {
  List<MachineEntity> findByRemovedAtIsNull(Sort sort);
}
