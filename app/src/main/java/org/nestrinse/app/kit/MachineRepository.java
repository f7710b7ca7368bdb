package org.nestrinse.app.kit;

import org.springframework.data.jpa.repository.JpaRepository;

interface MachineRepository extends JpaRepository<MachineEntity, Long> {}
