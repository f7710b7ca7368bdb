package org.nestrinse.app.kit.kind;

import org.springframework.data.jpa.repository.JpaRepository;

interface StockRepository extends JpaRepository<StockEntity, Long> {}
