package org.nestrinse.core.dry;

import java.util.Comparator;

/**
 * What a way of drying costs, in the order in which it counts: late for the shelf, money, wear,
 * then waiting and walking.
 *
 * @param lateHours hours that pieces come too late, all pieces together
 * @param money in the household's currency
 * @param wear in the units of {@link Course#wear()}
 * @param waiting hours until dry of all pieces, with half an hour more for each move of each piece
 */
public record PlanCost(double lateHours, double money, double wear, double waiting)
    implements Comparable<PlanCost> {
  static final PlanCost NONE = new PlanCost(0, 0, 0, 0);

  /**
   * Steps in which costs are counted, so that sums stay exact: half a minute, a hundredth of a
   * cent.
   */
  private static final double HOURS = 0.01;

  private static final double MONEY = 1e-4;
  private static final double WEAR = 1e-3;
  private static final Comparator<PlanCost> ORDER =
      Comparator.<PlanCost>comparingLong(c -> Math.round(c.lateHours / HOURS))
          .thenComparingLong(c -> Math.round(c.money / MONEY))
          .thenComparingLong(c -> Math.round(c.wear / WEAR))
          .thenComparingLong(c -> Math.round(c.waiting / HOURS));

  public PlanCost {
    lateHours = Math.round(lateHours / HOURS) * HOURS;
    money = Math.round(money / MONEY) * MONEY;
    wear = Math.round(wear / WEAR) * WEAR;
    waiting = Math.round(waiting / HOURS) * HOURS;
  }

  PlanCost plus(PlanCost other) {
    return new PlanCost(
        lateHours + other.lateHours,
        money + other.money,
        wear + other.wear,
        waiting + other.waiting);
  }

  @Override
  public int compareTo(PlanCost other) {
    return ORDER.compare(this, other);
  }
}
