package org.nestrinse.app.kit;

import org.springframework.data.jpa.repository.JpaRepository;

/** Whoever keeps one sort of thing that can be removed and brought back. */
public interface Removable {
  /** Returns what it keeps. */
  Thing thing();

  /** Returns the rows, the removed ones too. */
  JpaRepository<? extends KitEntity, Long> rows();
}
