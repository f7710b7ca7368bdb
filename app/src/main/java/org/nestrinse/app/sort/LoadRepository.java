package org.nestrinse.app.sort;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface LoadRepository extends JpaRepository<LoadEntity, Long> {
  Optional<LoadEntity> findFirstByStateOrderByIdDesc(LoadEntity.State state);
}
