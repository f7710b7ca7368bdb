package org.nestrinse.app.presence;

import org.springframework.data.jpa.repository.JpaRepository;

interface PersonTimeRepository extends JpaRepository<PersonTimeEntity, Long> {
  void deleteByPersonId(long personId);
}
