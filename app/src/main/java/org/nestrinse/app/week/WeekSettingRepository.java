package org.nestrinse.app.week;

import org.springframework.data.jpa.repository.JpaRepository;

interface WeekSettingRepository extends JpaRepository<WeekSettingEntity, Long> {}
