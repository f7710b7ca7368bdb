package org.nestrinse.app.gather;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface EntryRepository extends JpaRepository<EntryEntity, Long> {
  @Query(
      "select e from EntryEntity e where e.removedAt is null and e.taken < e.pieces order by e.cameIn, e.id")
  List<EntryEntity> waiting();
}
