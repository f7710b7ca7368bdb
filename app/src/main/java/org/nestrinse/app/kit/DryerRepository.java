package org.nestrinse.app.kit;

import org.springframework.data.jpa.repository.JpaRepository;

interface DryerRepository extends JpaRepository<DryerEntity, Long> {}
