package org.nestrinse.app.gather;

/** Sorts of places where soiled pieces wait. */
public enum PailStyle {
  DRY_PAIL("loose lid"),
  OPEN_BAG("open bag"),
  SORTED_BIN("sorted bin"),
  BASKET("for bulk");

  private final String words;

  PailStyle(String words) {
    this.words = words;
  }

  /** Returns a few words about it. */
  public String words() {
    return words;
  }
}
