package org.nestrinse.core.wash.caution;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

/** The most that a label allows in one bath. */
final class LabelMaximum {
  /** The least that anybody can measure, as a share of the scoop: nobody is stopped for that. */
  private static final double LEAST_MEASURE = 0.25;

  /** Rounding to the household's measure may pass a maximum by so little. */
  private static final double ROUNDED = 1.005;

  private LabelMaximum() {}

  /** No product above the most that its label allows in one bath, whoever put it in. */
  static List<Caution> check(WashJob job, Step step) {
    List<Caution> found = new ArrayList<>();
    double massKg = (step.wholeLoad() ? job.wholeLoad() : job.firstLoad()).massKg();
    Map<Product, Double> grams = new LinkedHashMap<>();
    step.doses().forEach(d -> grams.merge(d.product(), d.dose().roundedDoseG(), Double::sum));
    grams.forEach(
        (product, put) -> {
          double most = product.mostG(massKg);
          double least = LEAST_MEASURE * measureG(product);
          boolean smallest = put <= least + 1e-9;
          boolean byConcentration = product.claim() != null && product.maxG() == null;
          if (most > 0 && put > most * ROUNDED && !smallest && !byConcentration) {
            found.add(new WashCaution.AboveMaximum(product, put, most).at(step.number()));
          }
        });
    return found;
  }

  private static double measureG(Product product) {
    if (product.pieceG() != null) {
      return product.pieceG();
    }
    boolean scoop = product.scoopMl() != null && product.densityGMl() != null;
    return scoop ? product.scoopMl() * product.densityGMl() : 0;
  }
}
