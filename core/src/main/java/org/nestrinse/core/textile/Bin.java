package org.nestrinse.core.textile;

/** What a kind touches in use, which decides what it may be washed with. */
public enum Bin {
  BODY("what touches skin and toilet"),
  HOUSE("household linen"),
  KITCHEN("what touches food"),
  BATHROOM("bathroom cloths"),
  GLASS("glass cloths"),
  GENERAL("general cleaning cloths"),
  POLISH("polish and wax cloths"),
  WORKSHOP("wheel, engine and oily cloths");

  private final String words;

  Bin(String words) {
    this.words = words;
  }

  /** Returns the group in words. */
  public String words() {
    return words;
  }
}
