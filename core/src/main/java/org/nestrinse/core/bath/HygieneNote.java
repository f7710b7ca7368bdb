package org.nestrinse.core.bath;

/** Why a contribution to hygiene is missing or limited; {@link BathWords} says it. */
public sealed interface HygieneNote {
  /** Heat would count for more than it is allowed to. */
  record HeatCapped(double wouldBeLog, double mostLog) implements HygieneNote {}

  /** Oxygen whitener would count for more than it is allowed to. */
  record OxygenCapped(double wouldBeLog, double mostLog) implements HygieneNote {}

  /** Wool and silk get no oxygen whitener. */
  record NoWhitenerOnWool() implements HygieneNote {}

  /**
   * The additive is thinner than its label asks.
   *
   * @param share of the strength that it needs
   */
  record AdditiveTooThin(double share) implements HygieneNote {}

  /**
   * Detergent that was carried in has used up a part of the additive.
   *
   * @param share of the strength that it needs, which is left
   */
  record AdditiveSpent(double share) implements HygieneNote {}

  /** The additive had too little time at its temperature. */
  record AdditiveTooShort(double minMinutes, double minC, double minutes) implements HygieneNote {}
}
