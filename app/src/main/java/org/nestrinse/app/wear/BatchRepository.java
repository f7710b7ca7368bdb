package org.nestrinse.app.wear;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface BatchRepository extends JpaRepository<BatchEntity, Long> {
  List<BatchEntity> findByRetiredAtIsNullOrderById();

  List<BatchEntity> findByKindIdAndRetiredAtIsNullOrderById(long kindId);
}
