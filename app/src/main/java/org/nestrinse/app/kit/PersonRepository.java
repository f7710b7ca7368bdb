package org.nestrinse.app.kit;

import org.springframework.data.jpa.repository.JpaRepository;

interface PersonRepository extends JpaRepository<PersonEntity, Long> {}
