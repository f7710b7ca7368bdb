package org.nestrinse.core.sort;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The soft rules that a household has set aside for good, each with its reason. Loads are proposed
 * without them and nobody is asked again; hard rules hold in every house.
 *
 * @param reasons why, by the short name of the rule
 */
public record HouseRules(Map<String, String> reasons) {
  /** A house that keeps every rule. */
  public static final HouseRules ALL_HOLD = new HouseRules(Map.of());

  public HouseRules {
    reasons = Map.copyOf(reasons);
  }

  /** Returns whether a rule holds in this house. */
  public boolean holds(TravelRule rule) {
    return rule.hard() || !reasons.containsKey(rule.name());
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
