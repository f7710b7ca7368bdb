package org.nestrinse.app.presence;

import org.springframework.data.jpa.repository.JpaRepository;

interface WeekSettingRepository extends JpaRepository<WeekSettingEntity, Long> {}
