package org.nestrinse.core.said;

import java.util.Locale;
import java.util.Set;

/** One entry of the catalogue. Each package that has something to say lists its own in an enum. */
public interface Saying {
  /** Returns its name within its list. */
  String name();

  /**
   * Returns its key in the catalogue: the package, the list and the name, such as
   * "record.change.fuller-drum".
   */
  default String key() {
    Class<?> list = ((Enum<?>) this).getDeclaringClass();
    String of = list.getPackageName();
    return of.substring(of.lastIndexOf('.') + 1)
        + "."
        + words(list.getSimpleName().replaceAll("([a-z])([A-Z])", "$1_$2"))
        + "."
        + words(name());
  }

  /** Returns the names of the values that stand in it. */
  default Set<String> valueNames() {
    return Set.of();
  }

  private static String words(String name) {
    return name.toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
