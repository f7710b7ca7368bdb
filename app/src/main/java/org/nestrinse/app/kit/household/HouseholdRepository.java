package org.nestrinse.app.kit.household;

import org.springframework.data.jpa.repository.JpaRepository;

interface HouseholdRepository extends JpaRepository<HouseholdEntity, Long> {}
