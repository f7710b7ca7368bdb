package org.nestrinse.app.gather;

import org.springframework.data.jpa.repository.JpaRepository;

interface WipesBoxRepository extends JpaRepository<WipesBoxEntity, Integer> {}
