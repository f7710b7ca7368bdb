package org.nestrinse.app.kit;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What kinds, or people, are called now. The past keeps their numbers with the name of the day; a
 * rename changes none of it, and what is renamed keeps its past.
 *
 * @param byId names by number
 */
public record Names(Map<Long, String> byId) {
  public Names {
    byId = Map.copyOf(byId);
  }

  /** Returns what it is called now, or what it was called then when it is no longer known. */
  public String now(@Nullable Long id, String then) {
    return id == null ? then : byId.getOrDefault(id, then);
  }

  /** Returns the number of the one with this name, or null. */
  public @Nullable Long idOf(@Nullable String name) {
    return byId.entrySet().stream()
        .filter(e -> e.getValue().equals(name))
        .map(Map.Entry::getKey)
        .min(Long::compare)
        .orElse(null);
  }
}
