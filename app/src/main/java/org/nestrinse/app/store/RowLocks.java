package org.nestrinse.app.store;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import org.springframework.stereotype.Repository;

/** Keeps others off a row until the transaction ends. */
@Repository
public class RowLocks {
  private final EntityManager entities;

  RowLocks(EntityManager entities) {
    this.entities = entities;
  }

  /** Waits for whoever has the row of an entity, and reads what it is then. */
  public void hold(Object entity) {
    entities.refresh(entity, LockModeType.PESSIMISTIC_WRITE);
  }

  /**
   * Moves the version of an entity on, whatever of it or below it changes. Throws {@link
   * org.springframework.dao.OptimisticLockingFailureException} when someone else was faster.
   */
  public void moveOn(Object entity) {
    entities.lock(entity, LockModeType.PESSIMISTIC_FORCE_INCREMENT);
  }
}
