package org.nestrinse.app.store;

import jakarta.persistence.EntityManager;
import jakarta.persistence.metamodel.EntityType;
import org.springframework.stereotype.Component;

/** Writes checksums anew after rows were changed on purpose, past Hibernate. */
@Component
public class ChecksumRenewal {
  private final EntityManager entities;

  ChecksumRenewal(EntityManager entities) {
    this.entities = entities;
  }

  /** Does it for every row that keeps one, within the transaction of the change. */
  public void renewAll() {
    entities.clear();
    for (EntityType<?> entity : entities.getMetamodel().getEntities()) {
      if (CheckedRow.class.isAssignableFrom(entity.getJavaType())) {
        // A row without one is not taken for a damaged one while it is read here.
        entities
            .createQuery("update %s e set e.checksum = null".formatted(entity.getName()))
            .executeUpdate();
        entities
            .createQuery("select e from %s e".formatted(entity.getName()), CheckedRow.class)
            .getResultList()
            .forEach(CheckedRow::renew);
      }
    }
    entities.flush();
    entities.clear();
  }
}
