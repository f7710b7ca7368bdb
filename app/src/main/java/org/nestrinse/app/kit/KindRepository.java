package org.nestrinse.app.kit;

import org.springframework.data.jpa.repository.JpaRepository;

interface KindRepository extends JpaRepository<KindEntity, Long> {
  boolean existsByNameIgnoreCase(String name);
}
