package org.nestrinse.app.kit.kind;

import java.util.List;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.repository.JpaRepository;

interface KindRepository extends JpaRepository<KindEntity, Long> {
  boolean existsByNameIgnoreCase(String name);

  List<KindEntity> findByRemovedAtIsNull(Sort sort);
}
