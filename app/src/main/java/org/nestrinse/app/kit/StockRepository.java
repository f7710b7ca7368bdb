package org.nestrinse.app.kit;

import org.springframework.data.jpa.repository.JpaRepository;

interface StockRepository extends JpaRepository<StockEntity, Long> {}
