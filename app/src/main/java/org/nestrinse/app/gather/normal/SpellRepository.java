package org.nestrinse.app.gather.normal;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface SpellRepository extends JpaRepository<SpellEntity, Long> {
  /** Returns the spells that this release can read. */
  default List<SpellEntity> readable() {
    return findAll().stream().filter(s -> s.sort != null).toList();
  }
}
