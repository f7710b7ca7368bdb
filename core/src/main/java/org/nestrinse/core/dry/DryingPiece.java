package org.nestrinse.core.dry;

/**
 * A hanging piece while it dries, minute by minute: fast while it is wet, ever more slowly once it
 * is below its critical moisture.
 *
 * @see "docs/models.md, section 8"
 */
final class DryingPiece {
  private static final double SECONDS_PER_MINUTE = 60;

  private final AirDrying.Hung piece;
  private final double critical;
  private final double dry;
  private double moisture;

  DryingPiece(AirDrying.Hung piece) {
    this.piece = piece;
    critical = piece.criticalMoisture();
    dry = AirDrying.dryMoisture(piece.material());
    moisture = piece.startMoisture();
  }

  /** Returns its moisture now [kg/kg]. */
  double moisture() {
    return moisture;
  }

  boolean isDry() {
    return moisture <= dry;
  }

  /**
   * Lets it dry for a minute.
   *
   * @param air at the cloth
   * @param evaporation from wet cloth in that air [kg per m² and s]
   * @param resting moisture that it would keep in that air for good [kg/kg]
   * @param exposure share of both faces that the air reaches
   */
  Minute minute(AirDrying.Air air, double evaporation, double resting, double exposure) {
    double slowed =
        moisture < critical && critical > resting
            ? Math.max(0, Math.min(1, (moisture - resting) / (critical - resting)))
            : 1;
    double share = 2 * piece.areaM2() * exposure / piece.massKg() * SECONDS_PER_MINUTE;
    double lost = evaporation * share * slowed;
    double next = moisture - lost;
    double wetted = AirDrying.wettedPerMinute(air, piece);
    if (wetted > 0) {
      next = Math.max(next, Math.min(piece.soakedMoisture(), next + wetted));
    }
    double part = next <= dry ? (moisture - dry) / (moisture - next) : -1;
    moisture = Math.max(next, dry);
    return new Minute(lost * piece.massKg(), part);
  }

  /**
   * What a minute did.
   *
   * @param givenKg water that went into the air [kg]
   * @param dryAfter after which part of it the piece was dry, or -1
   */
  record Minute(double givenKg, double dryAfter) {
    boolean dried() {
      return dryAfter >= 0;
    }
  }
}
