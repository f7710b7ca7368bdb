package org.nestrinse.core.said;

import java.util.Set;

/** What stands alone: a name that a person gave, a figure, a count, or several things in a row. */
public enum Plain implements Saying {
  NAME,
  FIGURE,
  COUNT,
  /** Words from before there was a catalogue, kept as they were written. */
  OLD_NOTE,
  /** Something that a later release kept. */
  NOT_READABLE;

  static final String VALUE = "value";

  @Override
  public Set<String> valueNames() {
    return this == NOT_READABLE ? Set.of() : Set.of(VALUE);
  }
}
