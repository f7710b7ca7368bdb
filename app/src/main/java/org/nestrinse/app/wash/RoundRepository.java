package org.nestrinse.app.wash;

import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

interface RoundRepository extends JpaRepository<RoundEntity, Long> {
  Optional<RoundEntity> findFirstByStateOrderByStartedAtDesc(RoundState state);

  Page<RoundEntity> findByStateNotOrderByStartedAtDesc(RoundState state, Pageable page);

  List<RoundEntity> findByStateNotOrderByStartedAt(RoundState state);

  List<RoundEntity> findByState(RoundState state);
}
