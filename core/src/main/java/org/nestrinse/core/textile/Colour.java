package org.nestrinse.core.textile;

/** Whether the dye of a kind may bleed into others while it is new. */
public enum Colour {
  PALE("pale or white"),
  DARK("dark or red");

  private final String words;

  Colour(String words) {
    this.words = words;
  }

  /** Returns the name a person uses. */
  public String words() {
    return words;
  }
}
