package org.nestrinse.app.store;

import org.hibernate.type.descriptor.java.EnumJavaType;

/**
 * Reads a stored name of an enum that this release does not know as nothing, so that it spoils its
 * own row and not every list that the row is in.
 *
 * @param <T> the enum
 */
final class KnownEnumType<T extends Enum<T>> extends EnumJavaType<T> {
  private static final long serialVersionUID = 1L;

  KnownEnumType(Class<T> type) {
    super(type);
  }

  @Override
  public T fromName(String name) {
    if (name == null) {
      return null;
    }
    for (T constant : getJavaTypeClass().getEnumConstants()) {
      if (constant.name().equals(name.trim())) {
        return constant;
      }
    }
    return null;
  }
}
