package org.nestrinse.app.gather;

import org.jspecify.annotations.Nullable;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.OutOfRange;

/** The soil of pieces that come in, as it is sent. */
public final class SoilSent {
  private SoilSent() {}

  /** Returns it; throws {@link OutOfRange} when it is missing, or cannot be for this kind. */
  public static Soil of(Kind kind, @Nullable Soil sent) {
    Soil soil = RequestChecks.choice("soil", sent, Soil.class);
    if (!soil.fits(kind)) {
      throw new OutOfRange("soil", soil.said(), GatherRefusal.WHAT_IS_ON_IT);
    }
    return soil;
  }
}
