package org.nestrinse.app.gather;

import org.springframework.data.jpa.repository.JpaRepository;

interface PailRepository extends JpaRepository<PailEntity, Long> {}
