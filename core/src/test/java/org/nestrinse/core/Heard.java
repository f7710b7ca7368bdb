package org.nestrinse.core;

import java.util.Collection;
import java.util.List;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;

/** Looks for a message, alone or inside another. */
public final class Heard {
  private Heard() {}

  /** Returns whether a sentence, or one within it, is this one. */
  public static boolean heard(Said said, Saying saying) {
    return said.saying() == saying
        || said.values().values().stream().anyMatch(v -> within(v, saying));
  }

  /** Returns whether any of them is this one. */
  public static boolean heard(Collection<Said> all, Saying saying) {
    return all.stream().anyMatch(s -> heard(s, saying));
  }

  private static boolean within(Object value, Saying saying) {
    if (value instanceof Said said) {
      return heard(said, saying);
    }
    return value instanceof List<?> several && several.stream().anyMatch(v -> within(v, saying));
  }
}
