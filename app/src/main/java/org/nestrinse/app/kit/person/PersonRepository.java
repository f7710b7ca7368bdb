package org.nestrinse.app.kit.person;

import java.util.List;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.repository.JpaRepository;

interface PersonRepository extends JpaRepository<PersonEntity, Long> {
  List<PersonEntity> findByRemovedAtIsNull(Sort sort);
}
