package org.nestrinse.app.kit.household;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface DoseMoveRepository extends JpaRepository<DoseMoveEntity, Long> {
  List<DoseMoveEntity> findByOrderByMovedAtAscIdAsc();

  Optional<DoseMoveEntity> findFirstByOrderByMovedAtDescIdDesc();
}
