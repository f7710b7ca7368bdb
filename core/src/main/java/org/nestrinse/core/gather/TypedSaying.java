package org.nestrinse.core.gather;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Answers to what somebody typed into a pail, and the small words to skip in it */
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
