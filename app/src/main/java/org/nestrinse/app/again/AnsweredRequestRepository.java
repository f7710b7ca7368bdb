package org.nestrinse.app.again;

import java.time.Instant;
import org.springframework.data.jpa.repository.JpaRepository;

interface AnsweredRequestRepository extends JpaRepository<AnsweredRequest, String> {
  void deleteByAtBefore(Instant moment);
}
