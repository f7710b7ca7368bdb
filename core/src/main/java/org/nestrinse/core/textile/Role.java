package org.nestrinse.core.textile;

/** What a kind is for, once clean: which place it takes in a bundle, or which shelf it lies on. */
public enum Role {
  SHELL("shell"),
  COVER("cover"),
  NIGHT_FITTED("night fitted"),
  /** A day nappy by itself, without cover or booster. */
  ALL_IN_ONE("all-in-one"),
  INSERT("main insert"),
  /** A flat or a prefold, which is a day nappy with a cover over it. */
  FLAT("flat or prefold"),
  BOOSTER("booster"),
  LINER("liner"),
  WIPE("wipe"),
  WET_BAG("wet bag"),
  BED_PAD("bed pad"),
  SANITARY_PAD("sanitary pad"),
  NURSING_PAD("nursing pad"),
  CLOTHES("clothes"),
  BEDDING("bedding"),
  TOWEL("towel"),
  CLOTH("cloth");

  private final String words;

  Role(String words) {
    this.words = words;
  }

  /** Returns the name a person uses. */
  public String words() {
    return words;
  }

  /** Returns whether it is a nappy or a part of one. */
  public boolean nappyPart() {
    return switch (this) {
      case SHELL, COVER, NIGHT_FITTED, ALL_IN_ONE, INSERT, FLAT, BOOSTER, LINER -> true;
      case WIPE, WET_BAG, BED_PAD, SANITARY_PAD, NURSING_PAD, CLOTHES, BEDDING, TOWEL, CLOTH ->
          false;
    };
  }

  /** Returns whether it keeps wet in or out, so that it is pressed and never wrung by hand. */
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
