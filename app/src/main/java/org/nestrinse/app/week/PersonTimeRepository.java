package org.nestrinse.app.week;

import org.springframework.data.jpa.repository.JpaRepository;

interface PersonTimeRepository extends JpaRepository<PersonTimeEntity, Long> {
  void deleteByPersonId(long personId);
}
