package org.nestrinse.core.dry.plan;

import java.util.Comparator;

/**
 * What a way of drying costs, in the order in which it counts: late for the shelf, damp for too
 * long, against the household's wishes, then money and hours together at a stated price of an hour.
 *
 * @param lateHours hours that pieces come too late, all pieces together
 * @param dampHours hours that pieces are damp beyond what they may be, all pieces together
 * @param unwished how many pieces dry in a way the household does not like
 * @param worth money, with hours and trips at their price, in the household's currency
 * @param money of it money, in the household's currency
 * @param wear in the units of {@link Course#wear()}
 */
public record PlanCost(
    double lateHours, double dampHours, int unwished, double worth, double money, double wear)
    implements Comparable<PlanCost> {
  static final PlanCost NONE = new PlanCost(0, 0, 0, 0, 0, 0);

  /**
   * Steps in which costs are counted, so that sums stay exact: half a minute, a tenth of a cent.
   */
  private static final double HOURS = 0.01;

  private static final double MONEY = 1e-3;
  private static final Comparator<PlanCost> ORDER =
      Comparator.<PlanCost>comparingLong(c -> Math.round(c.lateHours / HOURS))
          .thenComparingLong(c -> Math.round(c.dampHours / HOURS))
          .thenComparingInt(PlanCost::unwished)
          .thenComparingLong(c -> Math.round(c.worth / MONEY));

  public PlanCost {
    lateHours = Math.round(lateHours / HOURS) * HOURS;
    dampHours = Math.round(dampHours / HOURS) * HOURS;
    worth = Math.round(worth / MONEY) * MONEY;
  }

  PlanCost plus(PlanCost other) {
    return new PlanCost(
        lateHours + other.lateHours,
        dampHours + other.dampHours,
        unwished + other.unwished,
        worth + other.worth,
        money + other.money,
        wear + other.wear);
  }

  /** Returns the same with more added to what money and hours are worth. */
  PlanCost dearer(double more) {
    return new PlanCost(lateHours, dampHours, unwished, worth + more, money, wear);
  }

  @Override
  public int compareTo(PlanCost other) {
    return ORDER.compare(this, other);
  }
}
