package org.nestrinse.core.said;

import java.util.Locale;
import java.util.Set;

/**
 * One entry of the catalogue. Each package that has something to say lists its own in an enum. What
 * is kept for years names it by its key: one that needs other values gets another name.
 */
public interface Saying {
  /** Where the station stands in the name of a package: org.nestrinse.core.wash.school. */
  int STATION = 3;

  /** Returns its name within its list. */
  String name();

  /**
   * Returns its key in the catalogue: the station, the list and the name, such as
   * "record.change.fuller-drum". A list within a class has the name of both, such as
   * "kit.place-type.balcony".
   */
  default String key() {
    Class<?> list = ((Enum<?>) this).getDeclaringClass();
    String of = list.getPackageName();
    Class<?> outer = list.getEnclosingClass();
    String name =
        outer == null ? list.getSimpleName() : outer.getSimpleName() + list.getSimpleName();
    return of.split("\\.")[STATION]
        + "."
        + dashed(name.replaceAll("([a-z])([A-Z])", "$1_$2"))
        + "."
        + dashed(name());
  }

  /** Returns it as something to be said, when no values stand in it. */
  default Said said() {
    return Said.of(this);
  }

  /** Returns the names of the values that stand in it. */
  default Set<String> valueNames() {
    return Set.of();
  }

  private static String dashed(String name) {
    return name.toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
