package org.nestrinse.app.reset;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ResetRepository extends JpaRepository<ResetEntity, Long> {
  Optional<ResetEntity> findFirstByState(ResetEntity.State state);

  List<ResetEntity> findByStateOrderByStartedAtDesc(ResetEntity.State state);

  Optional<ResetEntity> findByUid(String uid);
}
