package org.nestrinse.app.store;

import jakarta.persistence.ElementCollection;
import jakarta.persistence.Id;
import jakarta.persistence.OneToMany;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PrePersist;
import jakarta.persistence.PreUpdate;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Said;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Writes a checksum of its own columns into every row of a {@link CheckedRow} entity, and checks it
 * when the row is read. If a broken disk or another program changed the row, we say so. Rows
 * written before there were checksums have none.
 */
public final class Checksums {
  private static final Logger LOG = LoggerFactory.getLogger(Checksums.class);
  private static final int CHARACTERS = 32;
  private static final long HALF_A_MS = 500_000;

  @PrePersist
  @PreUpdate
  void write(CheckedRow entity) {
    entity.checksum = of(entity);
  }

  @PostLoad
  void look(CheckedRow entity) {
    if (!entity.intact()) {
      LOG.warn("A row of {} does not match its checksum", entity.getClass().getSimpleName());
    }
  }

  /** Returns the checksum of a row. */
  static String of(CheckedRow entity) {
    StringBuilder text = new StringBuilder();
    for (Field field : columns(entity.getClass())) {
      text.append(field.getName()).append('=').append(value(entity, field)).append('\n');
    }
    return of(text.toString());
  }

  /** Returns the checksum of a text. */
  public static String of(String text) {
    try {
      byte[] hash =
          MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(hash).substring(0, CHARACTERS);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  private static @Nullable Object value(Object entity, Field field) {
    try {
      field.setAccessible(true);
      Object value = field.get(entity);
      if (value instanceof Collection<?> several) {
        return several.stream().map(String::valueOf).collect(Collectors.joining(","));
      }
      if (value instanceof Said said) {
        return new SaidColumn().convertToDatabaseColumn(said);
      }
      // As exact as it is stored: the database rounds to milliseconds.
      return value instanceof Instant moment
          ? moment.plusNanos(HALF_A_MS).truncatedTo(ChronoUnit.MILLIS)
          : value;
    } catch (IllegalAccessException e) {
      throw new IllegalStateException(e);
    }
  }

  /** The columns of the row itself: no lists of other tables, no number, no version. */
  private static List<Field> columns(Class<?> type) {
    List<Field> columns = new ArrayList<>();
    for (Class<?> c = type; c != null && c != Object.class; c = c.getSuperclass()) {
      for (Field field : c.getDeclaredFields()) {
        boolean column =
            !Modifier.isStatic(field.getModifiers())
                && !field.isAnnotationPresent(ElementCollection.class)
                && !field.isAnnotationPresent(OneToMany.class)
                && !field.isAnnotationPresent(Transient.class)
                && !field.isAnnotationPresent(Id.class)
                && !field.isAnnotationPresent(Version.class)
                && !field.getName().equals("checksum")
                && !field.getName().startsWith("$$");
        if (column) {
          columns.add(field);
        }
      }
    }
    columns.sort(Comparator.comparing(Field::getName));
    return columns;
  }
}
