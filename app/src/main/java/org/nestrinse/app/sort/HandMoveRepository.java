package org.nestrinse.app.sort;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface HandMoveRepository extends JpaRepository<HandMoveEntity, Long> {
  List<HandMoveEntity> findAllByOrderById();

  Optional<HandMoveEntity> findFirstByOrderByIdDesc();
}
