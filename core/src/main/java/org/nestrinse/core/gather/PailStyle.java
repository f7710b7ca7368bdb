package org.nestrinse.core.gather;

import org.nestrinse.core.said.Saying;

/** Sorts of places where soiled pieces wait. */
public enum PailStyle implements Saying {
  DRY_PAIL(false, true),
  OPEN_BAG(true, true),
  MESH_BUCKET(true, true),
  OUT_BAG(true, false),
  SORTED_BIN(false, true),
  BASKET(false, true),
  NEW_PIECES(false, true);

  private final boolean lined;
  private final boolean usuallyAiry;

  PailStyle(boolean lined, boolean usuallyAiry) {
    this.lined = lined;
    this.usuallyAiry = usuallyAiry;
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
