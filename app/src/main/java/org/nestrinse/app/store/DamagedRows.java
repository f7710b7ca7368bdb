package org.nestrinse.app.store;

import jakarta.persistence.EntityManager;
import jakarta.persistence.metamodel.EntityType;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BooleanSupplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Looks through every row that keeps a checksum, a few at a time. */
@Component
public class DamagedRows {
  private static final int AT_ONCE = 50;

  private final EntityManager entities;
  private final TransactionTemplate reading;

  DamagedRows(EntityManager entities, PlatformTransactionManager transactions) {
    this.entities = entities;
    this.reading = new TransactionTemplate(transactions);
    this.reading.setReadOnly(true);
  }

  /**
   * Returns the rows that are not as they were written, in words.
   *
   * @param goOn asked before each few rows; once it says no, the rest is left
   */
  public List<String> find(BooleanSupplier goOn) {
    List<String> damaged = new ArrayList<>();
    for (EntityType<?> entity : entities.getMetamodel().getEntities()) {
      if (CheckedRow.class.isAssignableFrom(entity.getJavaType())) {
        find(entity, damaged, goOn);
      }
    }
    return damaged;
  }

  private void find(EntityType<?> entity, List<String> damaged, BooleanSupplier goOn) {
    String key = entity.getId(entity.getIdType().getJavaType()).getName();
    String query = "select e from %s e where e.%s > :after order by e.%s";
    long after = 0;
    while (goOn.getAsBoolean()) {
      long from = after;
      List<Long> ids =
          reading.execute(
              tx -> {
                List<Long> seen = new ArrayList<>();
                entities
                    .createQuery(query.formatted(entity.getName(), key, key), entity.getJavaType())
                    .setParameter("after", from)
                    .setMaxResults(AT_ONCE)
                    .getResultList()
                    .forEach(row -> seen.add(look(row, entity, damaged)));
                entities.clear();
                return seen;
              });
      if (ids == null || ids.isEmpty()) {
        return;
      }
      after = ids.get(ids.size() - 1);
    }
  }

  private long look(Object row, EntityType<?> entity, List<String> damaged) {
    long id = (Long) entities.getEntityManagerFactory().getPersistenceUnitUtil().getIdentifier(row);
    if (!((CheckedRow) row).intact()) {
      String name = entity.getName().replace("Entity", "").toLowerCase(Locale.ROOT);
      damaged.add("%s %d".formatted(name, id));
    }
    return id;
  }
}
