package org.nestrinse.core.sort;

import java.util.Locale;
import java.util.function.BiPredicate;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.said.Said;

/**
 * A rule about who may not travel in one machine run.
 *
 * @param name a short name; {@link RuleSaying} says what it keeps apart, and why
 * @param strength whether it can be overridden
 * @param cost what breaking it weighs for the solver, one machine run being {@link SortCost#RUN};
 *     nothing for a hard rule, which is never broken
 * @param onlyBelowC the rule holds only in a main wash cooler than this [°C]; {@link #ALWAYS} when
 *     heat does not lift it
 * @param parts whether the rule keeps the two apart; asked in both orders
 */
public record TravelRule(
    String name,
    Strength strength,
    int cost,
    int onlyBelowC,
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

  static TravelRule hard(String name, BiPredicate<SoiledPieces, SoiledPieces> parts) {
    return new TravelRule(name, Strength.HARD, 0, ALWAYS, parts);
  }

  static TravelRule hardBelow(
      int onlyBelowC, String name, BiPredicate<SoiledPieces, SoiledPieces> parts) {
    return new TravelRule(name, Strength.HARD, 0, onlyBelowC, parts);
  }

  static TravelRule softBelow(
      int onlyBelowC, int cost, String name, BiPredicate<SoiledPieces, SoiledPieces> parts) {
    return new TravelRule(name, Strength.SOFT, cost, onlyBelowC, parts);
  }

  static TravelRule soft(int cost, String name, BiPredicate<SoiledPieces, SoiledPieces> parts) {
    return new TravelRule(name, Strength.SOFT, cost, ALWAYS, parts);
  }

  /** Returns what it keeps apart. */
  public Said title() {
    return said("_APART");
  }

  /** Returns why, as a part of a sentence. */
  public Said reason() {
    return said("_REASON");
  }

  private Said said(String which) {
    return RuleSaying.valueOf(name.toUpperCase(Locale.ROOT) + which).said();
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
