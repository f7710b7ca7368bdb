package org.nestrinse.app.kit.place;

import java.util.List;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlaceRepository extends JpaRepository<PlaceEntity, Long> {
  List<PlaceEntity> findByRemovedAtIsNull(Sort sort);
}
