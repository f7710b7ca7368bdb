package org.nestrinse.app.gather.wipes;

import org.springframework.data.jpa.repository.JpaRepository;

interface WipesBoxRepository extends JpaRepository<WipesBoxEntity, Integer> {}
