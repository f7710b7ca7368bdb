package org.nestrinse.core.reset;

import java.time.LocalTime;
import java.util.List;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.kit.Tariff;
import org.nestrinse.core.said.Said;

/**
 * What a reset costs: water, electricity by the hours that it takes, and what goes in.
 *
 * @see "docs/models.md, section 13"
 */
public final class ResetCost {
  private ResetCost() {}

  /**
   * Returns what a reset costs, in the household's currency.
   *
   * @param litres water [L]
   * @param kwh electricity of the burner [kWh]
   * @param steps its steps, with what each of them takes
   * @param start when it begins
   * @param minutes how long it takes [min]
   * @param owned the household's products; what it does not own costs nothing here
   */
  public static double of(
      double litres,
      double kwh,
      List<ResetStep> steps,
      LocalTime start,
      double minutes,
      Tariff tariff,
      List<Product> owned) {
    double goesIn =
        steps.stream()
            .flatMap(s -> s.amounts().stream())
            .mapToDouble(a -> a.grams() * pricePerG(a.product(), owned))
            .sum();
    return litres * tariff.waterPerL() + tariff.cost(kwh, start, minutes) + goesIn;
  }

  /** Returns the price of the cheapest product that serves as it [1/g]. */
  private static double pricePerG(Said plainName, List<Product> owned) {
    return owned.stream()
        .filter(p -> plainName.saying() instanceof ResetSalt salt && salt.servedBy(p))
        .mapToDouble(Product::pricePerG)
        .min()
        .orElse(0);
  }
}
