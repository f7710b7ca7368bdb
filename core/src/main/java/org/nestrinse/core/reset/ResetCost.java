package org.nestrinse.core.reset;

import java.time.LocalTime;
import java.util.Arrays;
import java.util.List;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.kit.Tariff;

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

  /** Returns the price of the cheapest product that serves for a plain name [1/g]. */
  private static double pricePerG(String plainName, List<Product> owned) {
    return owned.stream()
        .filter(p -> servesAs(p, plainName))
        .mapToDouble(Product::pricePerG)
        .min()
        .orElse(0);
  }

  private static boolean servesAs(Product product, String plainName) {
    return switch (product.purpose()) {
      case DETERGENT -> plainName.contains("detergent");
      case SODA -> plainName.contains("soda");
      case ACID -> plainName.contains("vinegar");
      case CHLORINE_BLEACH -> plainName.contains("chlorine");
      default -> Arrays.stream(plainName.split(" ")).anyMatch(product.name()::contains);
    };
  }
}
