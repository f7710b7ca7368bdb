package org.nestrinse.core.household;

/**
 * Where the pieces of a kind are.
 *
 * @param owned all of them
 * @param clean on the shelf or in use
 * @param waiting in a pail or in a load that has not started
 * @param washing in the machine
 * @param drying hanging
 */
public record Stock(int owned, int clean, int waiting, int washing, int drying) {
  /** Places a piece can be. */
  public enum Whereabouts {
    CLEAN,
    WAITING,
    WASHING,
    DRYING
  }

  /** Returns how many are in a place. */
  public int at(Whereabouts place) {
    return switch (place) {
      case CLEAN -> clean;
      case WAITING -> waiting;
      case WASHING -> washing;
      case DRYING -> drying;
    };
  }
}
