package org.nestrinse.app.gather.normal;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface HabitRepository extends JpaRepository<HabitEntity, Long> {
  List<HabitEntity> findByRemovedAtIsNullOrderById();

  /** Returns the lines that this release can read. */
  default List<HabitEntity> lines() {
    return findByRemovedAtIsNullOrderById().stream()
        .filter(h -> h.soil != null && h.part != null)
        .toList();
  }
}
