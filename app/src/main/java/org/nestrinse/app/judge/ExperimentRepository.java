package org.nestrinse.app.judge;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.nestrinse.core.judge.Experiment;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ExperimentRepository extends JpaRepository<ExperimentEntity, Long> {
  Optional<ExperimentEntity> findFirstByStateOrderByStartedAtDesc(Experiment.State state);

  List<ExperimentEntity> findByOrderByStartedAtAscIdAsc();

  /** Returns the changes that this release can read, oldest first. */
  default List<ExperimentEntity> readable() {
    return findByOrderByStartedAtAscIdAsc().stream()
        .filter(e -> e.changeMade != null && e.cause != null && e.state != null)
        .toList();
  }

  @Query("select e.uid from ExperimentEntity e")
  Set<String> uids();
}
