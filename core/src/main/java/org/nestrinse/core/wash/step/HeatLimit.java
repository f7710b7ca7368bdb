package org.nestrinse.core.wash.step;

import java.util.List;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.wash.school.Disagreement;

/** How hot the pieces of a load may be washed. */
public final class HeatLimit {
  /** Microfibre gets no hotter bath unless a person wants it [°C]. */
  private static final int MICROFIBRE_C = 40;

  private HeatLimit() {}

  /** Microfibre gets 40 °C unless a person wants it hotter, whatever its label allows. */
  public static int of(WashJob job, List<SoiledPieces> pieces) {
    int limit = WashJob.weakestInHeat(pieces).limits().hottestWashC();
    boolean microfibre = pieces.stream().anyMatch(p -> p.kind().gripsLint());
    boolean asLabelled = job.wishes().chose(Disagreement.MICROFIBRE_HEAT, "60");
    return microfibre && !asLabelled ? Math.min(limit, MICROFIBRE_C) : limit;
  }
}
