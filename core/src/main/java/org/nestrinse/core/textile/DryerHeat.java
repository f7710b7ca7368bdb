package org.nestrinse.core.textile;

/** How warm a tumble dryer may be for a piece, from never to normal. */
public enum DryerHeat {
  NONE("no tumbling"),
  NO_HEAT("tumble without heat"),
  LOW("tumble low"),
  NORMAL("tumble normal");

  private final String words;

  DryerHeat(String words) {
    this.words = words;
  }

  /** Returns the limit in words. */
  public String words() {
    return words;
  }

  /** Returns the stricter of the two. */
  public DryerHeat strictest(DryerHeat other) {
    return ordinal() <= other.ordinal() ? this : other;
  }
}
