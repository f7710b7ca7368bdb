package org.nestrinse.app.store;

import jakarta.persistence.EntityManager;
import jakarta.persistence.metamodel.EmbeddableType;
import jakarta.persistence.metamodel.EntityType;
import jakarta.persistence.metamodel.ManagedType;
import jakarta.persistence.metamodel.SingularAttribute;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Finds stored values that this release does not know, such as a sort that a later one added. */
@Component
public class UnreadableRows {
  private final EntityManager entities;

  UnreadableRows(EntityManager entities) {
    this.entities = entities;
  }

  /**
   * Values of one sort that are not readable here.
   *
   * @param where the table and what stands there
   * @param rows how many rows have such a value
   */
  public record Unknown(String where, long rows) {}

  /** Returns what is not readable, by table and column. */
  @Transactional(readOnly = true)
  public List<Unknown> find() {
    List<Unknown> found = new ArrayList<>();
    for (EntityType<?> entity : entities.getMetamodel().getEntities()) {
      find(entity, entity, "", found);
    }
    return found;
  }

  private void find(EntityType<?> entity, ManagedType<?> part, String path, List<Unknown> found) {
    for (SingularAttribute<?, ?> attribute : part.getSingularAttributes()) {
      String name = path + attribute.getName();
      if (attribute.getType() instanceof EmbeddableType<?> embedded) {
        find(entity, embedded, name + ".", found);
      } else {
        long rows = 0;
        if (attribute.getJavaType().isEnum()) {
          rows = unknown(entity, attribute, name);
        } else if (List.class.isAssignableFrom(attribute.getJavaType())) {
          rows = withUnknown(entity, name);
        }
        if (rows > 0) {
          found.add(new Unknown(words(entity.getName()) + ", " + words(attribute.getName()), rows));
        }
      }
    }
  }

  private long unknown(EntityType<?> entity, SingularAttribute<?, ?> attribute, String path) {
    List<String> known =
        Stream.of(attribute.getJavaType().getEnumConstants())
            .map(c -> ((Enum<?>) c).name())
            .toList();
    String query =
        "select count(e) from %s e where cast(e.%s as string) is not null and cast(e.%s as string) not in :known"
            .formatted(entity.getName(), path, path);
    return entities.createQuery(query, Long.class).setParameter("known", known).getSingleResult();
  }

  /** Counts the lists in one column of which something was read as nothing. */
  private long withUnknown(EntityType<?> entity, String path) {
    String query =
        "select e.%s from %s e where e.%s is not null".formatted(path, entity.getName(), path);
    return entities
        .createQuery(query, List.class)
        .getResultStream()
        .map(list -> (List<?>) list)
        .filter(list -> list.stream().anyMatch(Objects::isNull))
        .count();
  }

  private static String words(String name) {
    return name.replace("Entity", "")
        .replaceAll("([a-z])([A-Z])", "$1 $2")
        .toLowerCase(java.util.Locale.ROOT);
  }
}
