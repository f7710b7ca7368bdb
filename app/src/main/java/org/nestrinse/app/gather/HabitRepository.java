package org.nestrinse.app.gather;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface HabitRepository extends JpaRepository<HabitEntity, Long> {
  List<HabitEntity> findByRemovedAtIsNullOrderById();
}
