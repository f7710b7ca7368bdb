package org.nestrinse.app.kit;

import org.springframework.data.jpa.repository.JpaRepository;

interface PlaceRepository extends JpaRepository<PlaceEntity, Long> {}
