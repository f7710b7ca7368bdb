package org.nestrinse.app.gather.pail;

import java.util.List;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.repository.JpaRepository;

interface PailRepository extends JpaRepository<PailEntity, Long> {
  List<PailEntity> findByRemovedAtIsNull(Sort sort);

  boolean existsByIdAndRemovedAtIsNull(Long id);
}
