package org.nestrinse.app.kit;

import org.springframework.data.jpa.repository.JpaRepository;

interface HouseholdRepository extends JpaRepository<HouseholdEntity, Long> {}
