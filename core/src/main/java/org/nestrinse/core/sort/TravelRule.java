package org.nestrinse.core.sort;

import java.util.function.BiPredicate;
import org.nestrinse.core.gather.SoiledPieces;

/**
 * A rule about who may not travel in one machine run.
 *
 * @param name a short name
 * @param title what it keeps apart, in words
 * @param strength whether it can be overridden
 * @param cost what breaking it weighs for the solver, one machine run being {@link SortCost#RUN};
 *     nothing for a hard rule, which is never broken
 * @param onlyBelowC the rule holds only in a main wash cooler than this [°C]; {@link #ALWAYS} when
 *     heat does not lift it
 * @param reason why, in one sentence
 * @param parts whether the rule keeps the two apart; asked in both orders
 */
public record TravelRule(
    String name,
    String title,
    Strength strength,
    int cost,
    int onlyBelowC,
    String reason,
    BiPredicate<SoiledPieces, SoiledPieces> parts) {
  /** Heat does not lift the rule. */
  public static final int ALWAYS = 100;

  /** Whether a person may override a rule. */
  public enum Strength {
    /** Never broken. */
    HARD,
    /** May be overridden, with a reason. */
    SOFT
  }

  static TravelRule hard(
      String name, String title, String reason, BiPredicate<SoiledPieces, SoiledPieces> parts) {
    return new TravelRule(name, title, Strength.HARD, 0, ALWAYS, reason, parts);
  }

  static TravelRule hardBelow(
      int onlyBelowC,
      String name,
      String title,
      String reason,
      BiPredicate<SoiledPieces, SoiledPieces> parts) {
    return new TravelRule(name, title, Strength.HARD, 0, onlyBelowC, reason, parts);
  }

  static TravelRule softBelow(
      int onlyBelowC,
      int cost,
      String name,
      String title,
      String reason,
      BiPredicate<SoiledPieces, SoiledPieces> parts) {
    return new TravelRule(name, title, Strength.SOFT, cost, onlyBelowC, reason, parts);
  }

  static TravelRule soft(
      int cost,
      String name,
      String title,
      String reason,
      BiPredicate<SoiledPieces, SoiledPieces> parts) {
    return new TravelRule(name, title, Strength.SOFT, cost, ALWAYS, reason, parts);
  }

  /** Returns whether these two must not share a run, at whatever temperature the rule speaks of. */
  public boolean keepsApart(SoiledPieces one, SoiledPieces other) {
    return parts.test(one, other) || parts.test(other, one);
  }

  /** Returns whether these two must not share a run whose main wash is so warm [°C]. */
  public boolean keepsApart(SoiledPieces one, SoiledPieces other, int mainC) {
    return mainC < onlyBelowC && keepsApart(one, other);
  }

  /** Returns whether the rule may never be broken. */
  public boolean hard() {
    return strength == Strength.HARD;
  }
}
