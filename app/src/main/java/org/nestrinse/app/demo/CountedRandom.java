package org.nestrinse.app.demo;

import java.util.Random;

/** Chance by a seed that knows how far it is, so that it can go on from there another day. */
final class CountedRandom extends Random {
  private static final long serialVersionUID = 1;

  private long drawn;

  /**
   * Makes one that goes on where another stopped.
   *
   * @param drawn how many numbers the other had drawn
   */
  CountedRandom(long seed, long drawn) {
    super(seed);
    while (this.drawn < drawn) {
      next(1);
    }
  }

  /** Returns how many numbers were drawn. */
  long drawn() {
    return drawn;
  }

  @Override
  protected int next(int bits) {
    drawn++;
    return super.next(bits);
  }
}
