package org.nestrinse.core.reset;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Pieces.BIO;
import static org.nestrinse.core.Pieces.TARIFF;
import static org.nestrinse.core.Pieces.VINEGAR;

import java.time.LocalTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.said.Said;

/** The total of a reset is the sum of its parts: water, electricity and what goes in. */
class ResetCostTest {
  private static final LocalTime DAY = LocalTime.of(10, 0);
  private static final LocalTime NIGHT = LocalTime.of(1, 0);

  private static ResetStep takes(ResetSalt product, double grams) {
    return new ResetStep(
        1,
        ResetStep.Action.PUT_IN,
        Said.from("put in"),
        Said.NOTHING,
        5,
        true,
        0,
        List.of(new ResetRecipe.Amount(product.said(), grams, "g", Said.NOTHING, grams)));
  }

  private static double cost(
      double litres, double kwh, List<ResetStep> steps, LocalTime start, Product... owned) {
    return ResetCost.of(litres, kwh, steps, start, 60, TARIFF, List.of(owned));
  }

  @Test
  void waterAndElectricityByTheHour() {
    assertThat(cost(20, 0, List.of(), DAY)).isCloseTo(20 * TARIFF.waterPerL(), within(1e-9));
    assertThat(cost(0, 2, List.of(), DAY)).isCloseTo(0.60, within(1e-9));
    assertThat(cost(0, 2, List.of(), NIGHT)).isCloseTo(0.30, within(1e-9));
  }

  @Test
  void whatGoesInCostsWhatTheHouseholdPaidForIt() {
    List<ResetStep> vinegar = List.of(takes(ResetSalt.WHITE_VINEGAR, 240));
    double price = 240 * VINEGAR.pricePerG();
    assertThat(cost(0, 0, vinegar, DAY, BIO, VINEGAR)).isCloseTo(price, within(1e-9));
    assertThat(cost(0, 0, vinegar, DAY, BIO)).as("not owned").isZero();
  }

  @Test
  void everyFillingIsPaidFor() {
    List<ResetStep> one = List.of(takes(ResetSalt.CLOTH_DETERGENT, 50));
    List<ResetStep> two = List.of(one.get(0), takes(ResetSalt.CLOTH_DETERGENT, 50));
    assertThat(cost(0, 0, two, DAY, BIO)).isCloseTo(2 * cost(0, 0, one, DAY, BIO), within(1e-9));
  }

  @Test
  void theTotalIsTheSumOfItsParts() {
    List<ResetStep> steps =
        List.of(takes(ResetSalt.CLOTH_DETERGENT, 60), takes(ResetSalt.WHITE_VINEGAR, 100));
    double all = cost(30, 1.5, steps, DAY, BIO, VINEGAR);
    double parts =
        cost(30, 0, List.of(), DAY)
            + cost(0, 1.5, List.of(), DAY)
            + cost(0, 0, steps, DAY, BIO, VINEGAR);
    assertThat(all).isCloseTo(parts, within(1e-9));
  }
}
