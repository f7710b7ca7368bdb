package org.nestrinse.core.textile;

import org.nestrinse.core.said.Saying;

/** What a kind is for, once clean: which place it takes in a bundle, or which shelf it lies on. */
public enum Role implements Saying {
  SHELL,
  COVER,
  NIGHT_FITTED,
  /** A day nappy by itself, without cover or booster. */
  ALL_IN_ONE,
  INSERT,
  /** A flat or a prefold, which is a day nappy with a cover over it. */
  FLAT,
  BOOSTER,
  LINER,
  WIPE,
  WET_BAG,
  BED_PAD,
  SANITARY_PAD,
  NURSING_PAD,
  CLOTHES,
  BEDDING,
  TOWEL,
  CLOTH;

  /** Returns whether it is a nappy or a part of one. */
  public boolean nappyPart() {
    return switch (this) {
      case SHELL, COVER, NIGHT_FITTED, ALL_IN_ONE, INSERT, FLAT, BOOSTER, LINER -> true;
      case WIPE, WET_BAG, BED_PAD, SANITARY_PAD, NURSING_PAD, CLOTHES, BEDDING, TOWEL, CLOTH ->
          false;
    };
  }

  /** Returns whether it is waterproof: pressed by hand, never wrung. */
  public boolean waterproof() {
    return this == SHELL || this == COVER || this == WET_BAG;
  }

  /** Returns whether it is among what dries slowest and holds up the rest. */
  public boolean driesSlowly() {
    return switch (this) {
      case INSERT, FLAT, ALL_IN_ONE, NIGHT_FITTED, BED_PAD, SANITARY_PAD -> true;
      default -> false;
    };
  }
}
