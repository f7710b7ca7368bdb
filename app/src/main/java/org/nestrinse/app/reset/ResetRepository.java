package org.nestrinse.app.reset;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ResetRepository extends JpaRepository<ResetEntity, Long> {
  Optional<ResetEntity> findFirstByState(ResetEntity.State state);

  List<ResetEntity> findByStateOrderByStartedAtDesc(ResetEntity.State state);

  /** Returns the resets in a state that this release can read, newest first. */
  default List<ResetEntity> readable(ResetEntity.State state) {
    return findByStateOrderByStartedAtDesc(state).stream().filter(e -> e.recipe != null).toList();
  }

  @Query("select e.uid from ResetEntity e")
  Set<String> uids();
}
