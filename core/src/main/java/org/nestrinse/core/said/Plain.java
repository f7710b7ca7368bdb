package org.nestrinse.core.said;

import java.util.Set;

/** What stands alone: a name that a person gave, a figure, a count, or several things in a row. */
public enum Plain implements Saying {
  NAME("value"),
  FIGURE("value"),
  COUNT("value"),
  /** Words from before there was a catalogue, kept as they were written. */
  OLD_NOTE("value"),
  /** Something that a later release kept. */
  NOT_READABLE,
  /** No word at all. */
  NOTHING,
  /** Things one after the other, with commas between them. */
  ROW("values"),
  /** Things of which all count: "a, b and c". */
  ALL("values"),
  /** Things of which one counts: "a, b or c". */
  EITHER("values"),
  /** Whole sentences one after the other. */
  SENTENCES("values"),
  /** So many of one kind: "3 bamboo trifolds". */
  PIECES("count", "one", "several"),
  /** Words that begin a sentence. */
  CAPITAL("value");

  /** The name of what stands alone. */
  public static final String VALUE = "value";

  static final String VALUES = "values";

  private final Set<String> valueNames;

  Plain(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
