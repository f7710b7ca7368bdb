package org.nestrinse.core.sort;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.Range;

/**
 * Learns from a look into the drum. What was seen against what was computed corrects the bulk of
 * the kinds in it, each by its share of the fill, so that the kind that makes up most of the drum
 * learns most and a stray piece learns next to nothing.
 *
 * @see "docs/models.md, a look into the drum"
 */
public final class BulkCalibration {
  /** What a person may see. */
  public static final Range SEEN = new Range(0.05, 1.2, Unit.OF_THE_DRUM);

  private BulkCalibration() {}

  /**
   * Returns the new bulk factor of each kind in the drum by its number, within {@link
   * Kind#BULK_FACTOR}.
   *
   * @param seen how full it looked, {@link #SEEN}
   * @param first the first wash set
   * @param bulkers what joined dry
   * @param drumL volume of the drum [L]
   */
  public static Map<Long, Double> learn(
      double seen, List<SoiledPieces> first, List<SoiledPieces> bulkers, double drumL) {
    SEEN.check("full", seen);
    Map<Kind, Double> litres = new LinkedHashMap<>();
    first.forEach(p -> litres.merge(p.kind(), p.count() * p.kind().wetL(), Double::sum));
    bulkers.forEach(p -> litres.merge(p.kind(), p.count() * p.kind().dryL(), Double::sum));
    double sum = litres.values().stream().mapToDouble(l -> l).sum();
    Map<Long, Double> factors = new LinkedHashMap<>();
    if (sum == 0) {
      return factors;
    }
    double missingL = seen * drumL - sum;
    // Each kind takes its part of the difference by the square of its litres: the largest learns
    // most.
    double squares = litres.values().stream().mapToDouble(l -> l * l).sum();
    litres.forEach(
        (kind, l) -> {
          double now = l + missingL * l * l / squares;
          double factor = kind.bulkFactor() * Math.max(0, now) / l;
          factors.put(
              kind.id(),
              Math.min(Kind.BULK_FACTOR.max(), Math.max(Kind.BULK_FACTOR.min(), factor)));
        });
    return factors;
  }
}
