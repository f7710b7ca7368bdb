package org.nestrinse.core.sort;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Where a household goes its own way with the soft rules. Loads follow it and nobody is asked
 * again; hard rules hold in every house.
 *
 * @param reasons why a rule is set aside for good, by its short name
 * @param clothes whether clothes join nappies
 * @param anythingFills whether sheets and large towels may fill up a drum, beside small pieces
 */
public record HouseRules(
    Map<String, String> reasons, ClothesWithNappies clothes, boolean anythingFills) {
  /** A house that keeps every rule. */
  public static final HouseRules ALL_HOLD = new HouseRules(Map.of());

  private static final String CLOTHES = "clothes";
  private static final String WRAPPING = "wrapping";

  public HouseRules {
    reasons = Map.copyOf(reasons);
  }

  /** Makes the rules of a house that answers no question otherwise. */
  public HouseRules(Map<String, String> reasons) {
    this(reasons, ClothesWithNappies.FROM_60, false);
  }

  /** Returns whether a rule holds in this house. */
  public boolean holds(TravelRule rule) {
    boolean answered =
        clothes == ClothesWithNappies.AT_40 && rule.name().equals(CLOTHES)
            || anythingFills && rule.name().equals(WRAPPING);
    return rule.hard() || !answered && !reasons.containsKey(rule.name());
  }

  /** Returns the main wash that lifts a rule here [°C]; {@link TravelRule#ALWAYS} for none. */
  public int liftedFromC(TravelRule rule) {
    return clothes == ClothesWithNappies.ALONE && rule.name().equals(CLOTHES)
        ? TravelRule.ALWAYS
        : rule.onlyBelowC();
  }

  /** Returns whether a household may set aside for good what a verdict says: a soft rule only. */
  public static boolean maySetAside(Joining.Verdict verdict) {
    return TravelRules.ALL.stream().anyMatch(r -> !r.hard() && r.name().equals(verdict.rule()));
  }

  /** Returns why a verdict does not count in this house, or null when it does. */
  public @Nullable String setAside(Joining.Verdict verdict) {
    return verdict.hard() ? null : reasons.get(verdict.rule());
  }
}
