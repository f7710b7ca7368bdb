package org.nestrinse.core.textile;

/** What a kind is for, once clean: which place it takes in a bundle, or which shelf it lies on. */
public enum Role {
  SHELL("shell"),
  COVER("cover"),
  NIGHT_FITTED("night fitted"),
  INSERT("main insert"),
  BOOSTER("booster"),
  LINER("liner"),
  WIPE("wipe"),
  WET_BAG("wet bag"),
  BED_PAD("bed pad"),
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
}
