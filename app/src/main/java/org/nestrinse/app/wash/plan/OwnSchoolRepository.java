package org.nestrinse.app.wash.plan;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnSchoolRepository extends JpaRepository<OwnSchoolEntity, Long> {
  List<OwnSchoolEntity> findByRemovedFalseOrderById();
}
