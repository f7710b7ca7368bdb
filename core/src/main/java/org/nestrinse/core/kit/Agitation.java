package org.nestrinse.core.kit;

import org.nestrinse.core.said.Saying;

/**
 * How a load is moved in its bath, with how fast soil leaves against an ordinary programme.
 *
 * @see "docs/models.md, section 6"
 */
public enum Agitation implements Saying {
  SOAK(0.5),
  GENTLE(0.6),
  NORMAL(1),
  INTENSIVE(1.25),
  /** By hand: counts only while the plunger moves, and as a soak in between. */
  PLUNGED(6);

  private final double speed;

  Agitation(double speed) {
    this.speed = speed;
  }

  /** Returns how fast soil leaves, an ordinary programme being 1. */
  public double speed() {
    return speed;
  }

  /**
   * Returns the speed of a bath that moves for a part of its time and soaks for the rest.
   *
   * @param movingMinutes how long it moves [min]
   * @param restingMinutes how long it rests [min]
   */
  public double meanSpeed(double movingMinutes, double restingMinutes) {
    double whole = movingMinutes + restingMinutes;
    return whole <= 0 ? speed : (speed * movingMinutes + SOAK.speed * restingMinutes) / whole;
  }
}
