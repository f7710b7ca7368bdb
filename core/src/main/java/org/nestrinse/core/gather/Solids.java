package org.nestrinse.core.gather;

/** How solids were dealt with before a piece went into the pail. */
public enum Solids {
  NONE("nothing to take off"),
  LINER("gone with the liner"),
  SHAKEN("shaken off"),
  SPRAYED("sprayed off"),
  STILL_ON("still on");

  private final String words;

  Solids(String words) {
    this.words = words;
  }

  /** Returns how, in words. */
  public String words() {
    return words;
  }

  /** Returns whether the piece may go into a wash. */
  public boolean off() {
    return this != STILL_ON;
  }
}
