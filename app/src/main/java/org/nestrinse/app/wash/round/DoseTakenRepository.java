package org.nestrinse.app.wash.round;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface DoseTakenRepository extends JpaRepository<DoseTakenEntity, Long> {
  List<DoseTakenEntity> findByAtAfter(Instant from);

  void deleteByRoundId(Long roundId);

  List<DoseTakenEntity> findByRoundIdAndStep(Long roundId, int step);

  List<DoseTakenEntity> findByRoundIdIn(Collection<Long> roundIds);
}
