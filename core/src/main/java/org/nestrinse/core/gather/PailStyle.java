package org.nestrinse.core.gather;

/** Sorts of places where soiled pieces wait. */
public enum PailStyle {
  DRY_PAIL("dry pail", false, true),
  OPEN_BAG("open wet bag", true, true),
  MESH_BUCKET("mesh-lined bucket", true, true),
  OUT_BAG("out-and-about bag", true, false),
  SORTED_BIN("sorted bin", false, true),
  BASKET("laundry basket", false, true),
  NEW_PIECES("new pieces", false, true);

  private final String words;
  private final boolean lined;
  private final boolean usuallyAiry;

  PailStyle(String words, boolean lined, boolean usuallyAiry) {
    this.words = words;
    this.lined = lined;
    this.usuallyAiry = usuallyAiry;
  }

  /** Returns a few words about it. */
  public String words() {
    return words;
  }

  /** Returns whether its bag or liner goes into the wash with what is in it. */
  public boolean lined() {
    return lined;
  }

  /** Returns whether two liners take turns in it. */
  public boolean twoLiners() {
    return this == MESH_BUCKET;
  }

  /** Returns whether air gets in as it is usually used. */
  public boolean usuallyAiry() {
    return usuallyAiry;
  }

  /** Returns whether what waits in it may serve as bulk: household pieces. */
  public boolean forBulk() {
    return this == BASKET;
  }
}
