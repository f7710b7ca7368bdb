package org.nestrinse.app.dry;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface DryingFactorRepository extends JpaRepository<DryingFactorEntity, Long> {
  Optional<DryingFactorEntity> findByPlaceIdAndKindId(long placeId, long kindId);
}
