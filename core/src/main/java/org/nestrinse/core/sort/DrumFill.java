package org.nestrinse.core.sort;

import java.util.List;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.gather.SoiledPieces;

/**
 * How full a drum is with these pieces: by material as {@link Fill} says, times what the household
 * saw of each kind's bulk.
 */
public final class DrumFill {
  private DrumFill() {}

  /**
   * Returns the fill.
   *
   * @param first the first wash set
   * @param bulkers what joins dry for the main wash
   * @param drumL volume of the drum [L]
   */
  public static Fill of(List<SoiledPieces> first, List<SoiledPieces> bulkers, double drumL) {
    double dryL = first.stream().mapToDouble(p -> p.count() * p.kind().dryL()).sum();
    double wetL = first.stream().mapToDouble(p -> p.count() * p.kind().wetL()).sum();
    double bulkL = bulkers.stream().mapToDouble(p -> p.count() * p.kind().dryL()).sum();
    return new Fill(
        massKg(first) + massKg(bulkers), dryL / drumL, wetL / drumL, (wetL + bulkL) / drumL);
  }

  /** Returns the dry mass of pieces [kg]. */
  public static double massKg(List<SoiledPieces> pieces) {
    return pieces.stream().mapToDouble(p -> p.count() * p.kind().massKg()).sum();
  }
}
