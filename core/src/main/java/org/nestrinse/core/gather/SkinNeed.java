package org.nestrinse.core.gather;

/** What the person who uses a piece needs of its wash. */
public enum SkinNeed {
  SENSITIVE("sensitive skin"),
  NEWBORN("under three months"),
  ILL("ill now"),
  /** A load with such a piece in it goes without enzymes and scent, so it may meet any soil. */
  PLAIN_WASH("washed without enzymes and scent");

  private final String words;

  SkinNeed(String words) {
    this.words = words;
  }

  /** Returns the need in words. */
  public String words() {
    return words;
  }
}
