package org.nestrinse.app.sort;

import org.springframework.data.jpa.repository.JpaRepository;

interface AsideRuleRepository extends JpaRepository<AsideRuleEntity, String> {}
