package org.nestrinse.app.kit.product;

import java.util.List;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.repository.JpaRepository;

interface ProductRepository extends JpaRepository<ProductEntity, Long> {
  List<ProductEntity> findByRemovedAtIsNull(Sort sort);
}
