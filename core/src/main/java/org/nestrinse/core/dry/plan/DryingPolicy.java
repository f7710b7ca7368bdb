package org.nestrinse.core.dry.plan;

import org.nestrinse.core.said.Saying;

/** Which ways of drying are thought of at all. */
public enum DryingPolicy implements Saying {
  BEST,
  AIR_ONLY,
  DRYER_ONLY,
  AIR_THEN_DRYER;

  /** Returns whether a batch may dry in the air alone. */
  boolean air(boolean mayTumble, int dryHour) {
    return switch (this) {
      case BEST, AIR_ONLY -> true;
      case DRYER_ONLY -> !mayTumble;
      case AIR_THEN_DRYER -> !mayTumble || dryHour >= 0;
    };
  }

  /** Returns what counts: whoever puts all in the dryer wants it dry soon, whatever it costs. */
  PlanCost weighed(PlanCost cost) {
    return this == DRYER_ONLY
        ? new PlanCost(
            cost.lateHours(),
            cost.dampHours(),
            0,
            cost.worth() - cost.money(),
            cost.money(),
            cost.wear())
        : cost;
  }

  /** Returns whether the dryer is thought of. */
  boolean dryer() {
    return this != AIR_ONLY;
  }

  /**
   * Returns whether the dryer may be started in an hour.
   *
   * @param firstMove the first hour in which the batch would be carried anyway, or -1
   */
  boolean starts(int hour, int firstMove) {
    return this != AIR_THEN_DRYER || (hour > 0 && hour >= firstMove);
  }
}
