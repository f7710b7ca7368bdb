package org.nestrinse.core.gather;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** What is said of pieces that somebody typed */
public enum TypedSaying implements Saying {
  /** Small words between the others, with commas between them. */
  SMALL_WORDS,
  UNCLEAR("part", "allowed"),
  LIKE_THIS,
  PIECES_FIRST,
  NO_SUCH_KIND;

  private final Set<String> valueNames;

  TypedSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
