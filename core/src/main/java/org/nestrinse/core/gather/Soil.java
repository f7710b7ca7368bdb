package org.nestrinse.core.gather;

import java.util.List;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.bath.SoilType;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.textile.Kind;

/** What soiled a piece, and what that asks for. */
public enum Soil implements Saying {
  WET(false, false, HygieneGoal.LIGHT, 48),
  STOOL(true, true, HygieneGoal.EVERYDAY, 48),
  BLOOD(true, true, HygieneGoal.EVERYDAY, 168),
  VOMIT(true, true, HygieneGoal.EVERYDAY, 48),
  MILK(true, false, HygieneGoal.LIGHT, 48),
  FOOD(false, true, HygieneGoal.EVERYDAY, 48),
  GREASE(false, true, HygieneGoal.LIGHT, 72),
  WAX(false, true, HygieneGoal.NONE, 168),
  OIL(false, true, HygieneGoal.NONE, 72),
  DIRT(false, false, HygieneGoal.LIGHT, 336);

  private final boolean protein;
  private final boolean heavy;
  private final HygieneGoal goal;
  private final int holdHours;

  Soil(boolean protein, boolean heavy, HygieneGoal goal, int holdHours) {
    this.protein = protein;
    this.heavy = heavy;
    this.goal = goal;
    this.holdHours = holdHours;
  }

  /** Returns whether heat would set it: stool, blood, vomit, milk. */
  public boolean protein() {
    return protein;
  }

  /** Returns whether the heavy row of a label applies. */
  public boolean heavy() {
    return heavy;
  }

  /** Returns what the cleaning model takes it for. */
  public SoilType type() {
    return switch (this) {
      case WET -> SoilType.URINE;
      case STOOL -> SoilType.STOOL;
      case BLOOD -> SoilType.BLOOD;
      case VOMIT -> SoilType.VOMIT;
      case MILK -> SoilType.MILK;
      case FOOD -> SoilType.FOOD;
      case GREASE, WAX, OIL -> SoilType.GREASE;
      case DIRT -> SoilType.DIRT;
    };
  }

  /** Returns whether it leaves the piece damp, which then sours without air. */
  public boolean damp() {
    return switch (this) {
      case WET, STOOL, BLOOD, VOMIT, MILK, FOOD -> true;
      case GREASE, WAX, OIL, DIRT -> false;
    };
  }

  /** Returns the hygiene that it asks for by itself. */
  public HygieneGoal goal() {
    return goal;
  }

  /** Returns how long it may wait, stored dry and with air [h]. */
  public int holdHours() {
    return holdHours;
  }

  /**
   * Returns the only soils that a kind may come in with, since they decide whether it may be washed
   * at all: oil and solvent burn, grease and brake dust wash out. Empty when any soil will do.
   */
  public static List<Soil> choicesFor(Kind kind) {
    return kind.oily() ? List.of(OIL, GREASE) : List.of();
  }

  /** Returns whether a kind may come in with this soil. */
  public boolean fits(Kind kind) {
    List<Soil> choices = choicesFor(kind);
    return choices.isEmpty() || choices.contains(this);
  }

  /** Returns whether solids have to come off before washing. */
  public boolean hasSolids() {
    return this == STOOL || this == VOMIT;
  }
}
