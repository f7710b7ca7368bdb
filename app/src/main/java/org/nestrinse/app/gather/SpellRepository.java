package org.nestrinse.app.gather;

import org.springframework.data.jpa.repository.JpaRepository;

interface SpellRepository extends JpaRepository<SpellEntity, Long> {}
