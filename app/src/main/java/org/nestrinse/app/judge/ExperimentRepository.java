package org.nestrinse.app.judge;

import java.util.List;
import java.util.Optional;
import org.nestrinse.core.judge.Experiment;
import org.springframework.data.jpa.repository.JpaRepository;

interface ExperimentRepository extends JpaRepository<ExperimentEntity, Long> {
  Optional<ExperimentEntity> findFirstByStateOrderByStartedAtDesc(Experiment.State state);

  List<ExperimentEntity> findByOrderByStartedAtAscIdAsc();

  Optional<ExperimentEntity> findByUid(String uid);
}
