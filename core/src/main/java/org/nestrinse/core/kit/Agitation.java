package org.nestrinse.core.kit;

/**
 * How a load is moved in its bath, with the share e of the soil that a bath with detergent lifts
 * off.
 *
 * @see "docs/models.md, section 6"
 */
public enum Agitation {
  SOAK("soaked", 0.70),
  BY_HAND("plunged by hand", 0.85),
  GENTLE("gentle", 0.88),
  NORMAL("normal", 0.93),
  INTENSIVE("intensive", 0.95);

  private final String words;
  private final double detached;

  Agitation(String words, double detached) {
    this.words = words;
    this.detached = detached;
  }

  /** Returns the name a person uses. */
  public String words() {
    return words;
  }

  /** Returns the share of the soil that comes off, 0 to 1. */
  public double detached() {
    return detached;
  }
}
